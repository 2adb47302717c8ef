<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * All that a shop stores. It is numbered as the last of seven that led here before there was a release, so that shops
 * from then count as up to date; theirs have a column `presses` in `run` and `stock_item`, which nothing reads any
 * more.
 */
final class Version7 extends AbstractMigration
{
    private const STATEMENTS = [
        'CREATE TABLE run (created VARCHAR(24) NOT NULL, finished VARCHAR(24) DEFAULT NULL, id VARCHAR(64) NOT ' .
        'NULL, job VARCHAR(64) NOT NULL, name VARCHAR(120) NOT NULL, "plan" VARCHAR(8) NOT NULL, document CLOB ' .
        'NOT NULL, sequence CLOB NOT NULL, PRIMARY KEY (id))',
        'CREATE TABLE piece (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, outcome VARCHAR(8) DEFAULT NULL, ' .
        'judged VARCHAR(24) DEFAULT NULL, number INTEGER NOT NULL, run_id VARCHAR(64) NOT NULL, CONSTRAINT ' .
        'FK_44CA0B2384E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        'CREATE TABLE printed_sheet (at VARCHAR(24) NOT NULL, id VARCHAR(36) NOT NULL, job VARCHAR(64) NOT NULL, ' .
        '"plan" VARCHAR(8) NOT NULL, pages CLOB NOT NULL DEFAULT \'[]\', PRIMARY KEY (id))',
        'CREATE TABLE artwork (created VARCHAR(24) NOT NULL, sha256 VARCHAR(64) NOT NULL, facts CLOB NOT NULL, ' .
        'PRIMARY KEY (sha256))',
        'CREATE TABLE setting (name VARCHAR(40) NOT NULL, value CLOB NOT NULL, PRIMARY KEY (name))',
        'CREATE TABLE job (revision INTEGER DEFAULT 1 NOT NULL, created VARCHAR(24) NOT NULL, updated ' .
        'VARCHAR(24) NOT NULL, archived BOOLEAN NOT NULL, id VARCHAR(64) NOT NULL, document CLOB NOT NULL, ' .
        'PRIMARY KEY (id))',
        'CREATE TABLE recipe (created VARCHAR(24) NOT NULL, id VARCHAR(64) NOT NULL, version INTEGER NOT NULL, ' .
        'document CLOB NOT NULL, retired BOOLEAN NOT NULL, PRIMARY KEY (id, version))',
        'CREATE TABLE task (id VARCHAR(36) NOT NULL, kind VARCHAR(40) NOT NULL, input CLOB NOT NULL, created ' .
        'VARCHAR(24) NOT NULL, state VARCHAR(12) NOT NULL, share DOUBLE PRECISION NOT NULL, doing VARCHAR(120) ' .
        'NOT NULL, result CLOB DEFAULT NULL, begun INTEGER NOT NULL, enough BOOLEAN NOT NULL, lease VARCHAR(24) ' .
        'DEFAULT NULL, worker VARCHAR(36) DEFAULT NULL, PRIMARY KEY(id))',
        'CREATE TABLE event (number INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, at VARCHAR(24) NOT NULL, ' .
        'position INTEGER NOT NULL, type VARCHAR(8) NOT NULL, outcome VARCHAR(8) DEFAULT NULL, detail CLOB NOT ' .
        'NULL, press VARCHAR(64) NOT NULL, run_id VARCHAR(64) NOT NULL, piece_id INTEGER DEFAULT NULL, ' .
        'CONSTRAINT FK_3BAE0AA784E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) NOT DEFERRABLE INITIALLY ' .
        'IMMEDIATE, CONSTRAINT FK_3BAE0AA7C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE ' .
        'INITIALLY IMMEDIATE)',
        'CREATE TABLE log_entry (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, at VARCHAR(24) NOT NULL, job ' .
        'VARCHAR(64) NOT NULL, name VARCHAR(120) NOT NULL, piece INTEGER NOT NULL, outcome VARCHAR(8) NOT NULL, ' .
        'marks CLOB NOT NULL, note CLOB NOT NULL, photo VARCHAR(64) DEFAULT NULL, photo_before VARCHAR(64) ' .
        'DEFAULT NULL, route VARCHAR(40) NOT NULL, medium VARCHAR(120) NOT NULL, printer VARCHAR(120) NOT NULL, ' .
        'heat VARCHAR(120) NOT NULL, blank VARCHAR(120) NOT NULL, done CLOB NOT NULL, setting VARCHAR(120) NOT ' .
        'NULL, words CLOB NOT NULL, washes INTEGER DEFAULT NULL, failed BOOLEAN NOT NULL, press_c DOUBLE ' .
        'PRECISION DEFAULT NULL, probe_c DOUBLE PRECISION DEFAULT NULL, source VARCHAR(64) NOT NULL, run ' .
        'VARCHAR(64) DEFAULT NULL)',
        'CREATE TABLE log_defect (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, entry_id INTEGER NOT NULL, ' .
        'defect VARCHAR(24) NOT NULL, CONSTRAINT FK_2F666B25BA364942 FOREIGN KEY (entry_id) REFERENCES log_entry ' .
        '(id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)',
        'CREATE TABLE log_later (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, entry_id INTEGER NOT NULL, at ' .
        'VARCHAR(24) NOT NULL, washes INTEGER NOT NULL, good BOOLEAN NOT NULL, note CLOB NOT NULL, CONSTRAINT ' .
        'log_later_entry FOREIGN KEY (entry_id) REFERENCES log_entry (id) ON DELETE CASCADE NOT DEFERRABLE ' .
        'INITIALLY IMMEDIATE)',
        'CREATE TABLE ladder (created VARCHAR(24) NOT NULL, marks CLOB NOT NULL, recipe VARCHAR(64) DEFAULT ' .
        'NULL, id VARCHAR(64) NOT NULL, job VARCHAR(64) NOT NULL, name VARCHAR(120) NOT NULL, document CLOB NOT ' .
        'NULL, PRIMARY KEY (id))',
        'CREATE TABLE stock_item (key VARCHAR(160) NOT NULL, label VARCHAR(160) NOT NULL, unit VARCHAR(12) NOT ' .
        'NULL, pack DOUBLE PRECISION NOT NULL, level INTEGER NOT NULL, counted BOOLEAN NOT NULL, PRIMARY KEY ' .
        '(key))',
        'CREATE TABLE stock_move (number INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, item VARCHAR(160) NOT NULL, ' .
        'at VARCHAR(24) NOT NULL, kind VARCHAR(8) NOT NULL, amount DOUBLE PRECISION NOT NULL, price INTEGER NOT ' .
        'NULL, note VARCHAR(200) NOT NULL, source VARCHAR(80) NOT NULL, CONSTRAINT stock_move_of FOREIGN KEY ' .
        '(item) REFERENCES stock_item (key) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        'CREATE TABLE shop_order (id VARCHAR(64) NOT NULL, revision INTEGER DEFAULT 1 NOT NULL, created ' .
        'VARCHAR(24) NOT NULL, label VARCHAR(120) NOT NULL, due VARCHAR(10) DEFAULT NULL, note CLOB NOT NULL, ' .
        'jobs CLOB NOT NULL, archived BOOLEAN NOT NULL, source VARCHAR(80) NOT NULL, PRIMARY KEY (id))',
        'CREATE TABLE quote (id VARCHAR(64) NOT NULL, number INTEGER NOT NULL, created VARCHAR(24) NOT NULL, ' .
        'label VARCHAR(120) NOT NULL, document CLOB NOT NULL, PRIMARY KEY (id))',
        'CREATE INDEX IDX_44CA0B2384E3FEC4 ON piece (run_id)',
        'CREATE INDEX piece_judged ON piece (judged)',
        'CREATE UNIQUE INDEX piece_of_run ON piece (run_id, number)',
        'CREATE INDEX printed_sheet_job ON printed_sheet (job, at)',
        'CREATE INDEX task_state ON task (state, created)',
        'CREATE INDEX IDX_3BAE0AA784E3FEC4 ON event (run_id)',
        'CREATE INDEX IDX_3BAE0AA7C40FCFA8 ON event (piece_id)',
        'CREATE UNIQUE INDEX event_key ON event (press)',
        'CREATE UNIQUE INDEX log_entry_source ON log_entry (source)',
        'CREATE INDEX log_entry_words ON log_entry (at, words)',
        'CREATE INDEX log_entry_made ON log_entry (medium, printer, heat, blank)',
        'CREATE INDEX log_entry_route ON log_entry (route, at)',
        'CREATE INDEX log_entry_setting ON log_entry (setting, outcome)',
        'CREATE INDEX IDX_2F666B25BA364942 ON log_defect (entry_id)',
        'CREATE INDEX log_defect_name ON log_defect (defect)',
        'CREATE INDEX log_later_of ON log_later (entry_id, at)',
        'CREATE UNIQUE INDEX stock_move_once ON stock_move (source, item)',
        'CREATE INDEX stock_move_item ON stock_move (item, number)',
        'CREATE UNIQUE INDEX shop_order_source ON shop_order (source)',
        'CREATE INDEX shop_order_due ON shop_order (archived, due)',
        'CREATE UNIQUE INDEX quote_number ON quote (number)',
    ];

    public function getDescription(): string
    {
        return 'A shop';
    }

    public function up(Schema $schema): void
    {
        foreach (self::STATEMENTS as $statement) {
            $this->addSql($statement);
        }
    }
}
