<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Long work is written down where a worker finds it. */
final class Version4 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Long work';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE task (id VARCHAR(36) NOT NULL, kind VARCHAR(40) NOT NULL, input CLOB NOT NULL, created VARCHAR(24) NOT NULL, state VARCHAR(12) NOT NULL, share DOUBLE PRECISION NOT NULL, doing VARCHAR(120) NOT NULL, result CLOB DEFAULT NULL, begun INTEGER NOT NULL, enough BOOLEAN NOT NULL, lease VARCHAR(24) DEFAULT NULL, worker VARCHAR(36) DEFAULT NULL, PRIMARY KEY(id))');
        $this->addSql('CREATE INDEX task_state ON task (state, created)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE task');
    }
}
