<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Pieces have names where the job has a list of them, and sheets know whose they are; what was shown to customers. */
final class Version13 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece ADD COLUMN label VARCHAR(200) DEFAULT NULL');
        $this->addSql('ALTER TABLE printed_sheet ADD COLUMN labels CLOB DEFAULT NULL');
        $this->addSql(
            'CREATE TABLE proof (id VARCHAR(36) NOT NULL, job VARCHAR(64) NOT NULL, made VARCHAR(24) NOT NULL, ' .
                'shown VARCHAR(16) NOT NULL, valid VARCHAR(10) DEFAULT NULL, document CLOB NOT NULL, ' .
                'price INTEGER DEFAULT NULL, state VARCHAR(8) NOT NULL, "by" VARCHAR(120) DEFAULT NULL, ' .
                'answered VARCHAR(24) DEFAULT NULL, remarks CLOB NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX proof_job ON proof (job, made)');
    }
}
