<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The drawings of a session's steps, kept as they were when it began. Sessions from before have none. */
final class Version12 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE run_drawings (run VARCHAR(64) NOT NULL, steps CLOB NOT NULL, PRIMARY KEY (run))');
    }
}
