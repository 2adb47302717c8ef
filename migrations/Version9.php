<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * What the pieces of a session use, and which revision of its job it is made from, is kept with it. What was learned of hands is told of one piece, and
 * of how many were done in one go; what was learned before was of single pieces.
 */
final class Version9 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE run ADD COLUMN uses CLOB DEFAULT NULL');
        $this->addSql('ALTER TABLE run ADD COLUMN revision INTEGER DEFAULT NULL');
    }
}
