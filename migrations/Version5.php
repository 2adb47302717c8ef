<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A sheet remembers what its pages are printed on, and which way round they come out. */
final class Version5 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pages of sheets';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE printed_sheet ADD COLUMN pages CLOB NOT NULL DEFAULT '[]'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE printed_sheet DROP COLUMN pages');
    }
}
