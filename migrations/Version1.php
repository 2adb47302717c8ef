<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The shop's first shape: settings, pictures, jobs, sheets, and Run → Piece → Event. */
final class Version1 extends AbstractMigration
{
    private const STATEMENTS = [
        'CREATE TABLE run (created VARCHAR(24) NOT NULL, finished VARCHAR(24) DEFAULT NULL, id VARCHAR(64) NOT NULL, job VARCHAR(64) NOT NULL, name VARCHAR(120) NOT NULL, "plan" VARCHAR(8) NOT NULL, document CLOB NOT NULL, sequence CLOB NOT NULL, PRIMARY KEY (id))',
        'CREATE TABLE piece (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, outcome VARCHAR(8) DEFAULT NULL, defects CLOB NOT NULL, note CLOB NOT NULL, photo VARCHAR(64) DEFAULT NULL, judged VARCHAR(24) DEFAULT NULL, number INTEGER NOT NULL, run_id VARCHAR(64) NOT NULL, CONSTRAINT FK_44CA0B2384E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        'CREATE INDEX IDX_44CA0B2384E3FEC4 ON piece (run_id)',
        'CREATE INDEX piece_judged ON piece (judged)',
        'CREATE UNIQUE INDEX piece_of_run ON piece (run_id, number)',
        'CREATE TABLE event (number INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, at VARCHAR(24) NOT NULL, position INTEGER NOT NULL, type VARCHAR(8) NOT NULL, outcome VARCHAR(8) DEFAULT NULL, defects CLOB NOT NULL, press VARCHAR(64) NOT NULL, run_id VARCHAR(64) NOT NULL, piece_id INTEGER DEFAULT NULL, CONSTRAINT FK_3BAE0AA784E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_3BAE0AA7C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        'CREATE INDEX IDX_3BAE0AA784E3FEC4 ON event (run_id)',
        'CREATE INDEX IDX_3BAE0AA7C40FCFA8 ON event (piece_id)',
        'CREATE UNIQUE INDEX event_key ON event (press)',
        'CREATE UNIQUE INDEX event_once ON event (run_id, position, type)',
        'CREATE TABLE printed_sheet (at VARCHAR(24) NOT NULL, id VARCHAR(36) NOT NULL, job VARCHAR(64) NOT NULL, "plan" VARCHAR(8) NOT NULL, PRIMARY KEY (id))',
        'CREATE INDEX printed_sheet_job ON printed_sheet (job, at)',
        'CREATE TABLE artwork (created VARCHAR(24) NOT NULL, sha256 VARCHAR(64) NOT NULL, facts CLOB NOT NULL, PRIMARY KEY (sha256))',
        'CREATE TABLE setting (name VARCHAR(40) NOT NULL, value CLOB NOT NULL, PRIMARY KEY (name))',
        'CREATE TABLE job (revision INTEGER DEFAULT 1 NOT NULL, created VARCHAR(24) NOT NULL, updated VARCHAR(24) NOT NULL, archived BOOLEAN NOT NULL, id VARCHAR(64) NOT NULL, document CLOB NOT NULL, PRIMARY KEY (id))',
    ];

    public function getDescription(): string
    {
        return 'Settings, pictures, jobs, printed sheets, runs with their pieces and events';
    }

    public function up(Schema $schema): void
    {
        foreach (self::STATEMENTS as $statement) {
            $this->addSql($statement);
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Go back to the copy that was taken before.');
    }
}
