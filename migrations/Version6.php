<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The bench keeps several clocks of a session, and pieces are written down in a logbook of its own that can be searched. */
final class Version6 extends AbstractMigration
{
    private const STATEMENTS = [
        'DROP INDEX event_once',
        'ALTER TABLE event RENAME TO event_before',
        'DROP INDEX event_key',
        'DROP INDEX IDX_3BAE0AA784E3FEC4',
        'DROP INDEX IDX_3BAE0AA7C40FCFA8',
        'CREATE TABLE event (number INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, at VARCHAR(24) NOT NULL, position INTEGER NOT NULL, type VARCHAR(8) NOT NULL, outcome VARCHAR(8) DEFAULT NULL, detail CLOB NOT NULL, press VARCHAR(64) NOT NULL, run_id VARCHAR(64) NOT NULL, piece_id INTEGER DEFAULT NULL, CONSTRAINT FK_3BAE0AA784E3FEC4 FOREIGN KEY (run_id) REFERENCES run (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_3BAE0AA7C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        "INSERT INTO event (number, at, position, type, outcome, detail, press, run_id, piece_id)
         SELECT number, at, position, type, outcome, CASE WHEN type = 'judged' THEN json_object('marks', (SELECT json_group_array(json_object('defect', d.value, 'x', NULL, 'y', NULL)) FROM json_each(b.defects) d)) ELSE '[]' END, press, run_id, piece_id FROM event_before b",
        'DROP TABLE event_before',
        'CREATE INDEX IDX_3BAE0AA784E3FEC4 ON event (run_id)',
        'CREATE INDEX IDX_3BAE0AA7C40FCFA8 ON event (piece_id)',
        'CREATE UNIQUE INDEX event_key ON event (press)',
        'ALTER TABLE run ADD COLUMN presses INTEGER NOT NULL DEFAULT 0',
        'CREATE TABLE log_entry (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, at VARCHAR(24) NOT NULL, job VARCHAR(64) NOT NULL, name VARCHAR(120) NOT NULL, piece INTEGER NOT NULL, outcome VARCHAR(8) NOT NULL, marks CLOB NOT NULL, note CLOB NOT NULL, photo VARCHAR(64) DEFAULT NULL, photo_before VARCHAR(64) DEFAULT NULL, route VARCHAR(40) NOT NULL, medium VARCHAR(120) NOT NULL, printer VARCHAR(120) NOT NULL, heat VARCHAR(120) NOT NULL, blank VARCHAR(120) NOT NULL, done CLOB NOT NULL, setting VARCHAR(120) NOT NULL, words CLOB NOT NULL, washes INTEGER DEFAULT NULL, failed BOOLEAN NOT NULL, press_c DOUBLE PRECISION DEFAULT NULL, probe_c DOUBLE PRECISION DEFAULT NULL, source VARCHAR(64) NOT NULL, run VARCHAR(64) DEFAULT NULL)',
        'CREATE UNIQUE INDEX log_entry_source ON log_entry (source)',
        // Searching reads these alone, not the wide rows.
        'CREATE INDEX log_entry_words ON log_entry (at, words)',
        'CREATE INDEX log_entry_made ON log_entry (medium, printer, heat, blank)',
        'CREATE INDEX log_entry_route ON log_entry (route, at)',
        'CREATE INDEX log_entry_setting ON log_entry (setting, outcome)',
        'CREATE TABLE log_defect (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, entry_id INTEGER NOT NULL, defect VARCHAR(24) NOT NULL, CONSTRAINT FK_2F666B25BA364942 FOREIGN KEY (entry_id) REFERENCES log_entry (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)',
        'CREATE INDEX IDX_2F666B25BA364942 ON log_defect (entry_id)',
        'CREATE INDEX log_defect_name ON log_defect (defect)',
        'CREATE TABLE log_later (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, entry_id INTEGER NOT NULL, at VARCHAR(24) NOT NULL, washes INTEGER NOT NULL, good BOOLEAN NOT NULL, note CLOB NOT NULL, CONSTRAINT log_later_entry FOREIGN KEY (entry_id) REFERENCES log_entry (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)',
        'CREATE INDEX log_later_of ON log_later (entry_id, at)',
        'CREATE TABLE ladder (created VARCHAR(24) NOT NULL, marks CLOB NOT NULL, recipe VARCHAR(64) DEFAULT NULL, id VARCHAR(64) NOT NULL, job VARCHAR(64) NOT NULL, name VARCHAR(120) NOT NULL, document CLOB NOT NULL, PRIMARY KEY (id))',
        // What was judged before this logbook was there: with what its plan says of itself.
        "INSERT INTO log_entry (at, job, name, piece, outcome, marks, note, photo, route, medium, printer, heat, blank, done, setting, words, failed, source, run)
         SELECT p.judged, r.job, r.name, p.number, p.outcome, (SELECT json_group_array(json_object('defect', d.value, 'x', NULL, 'y', NULL)) FROM json_each(p.defects) d), p.note, p.photo,
         COALESCE(json_extract(r.document, '$.transfers[0].route'), ''), COALESCE((SELECT json_extract(d.value, '$.value.text') FROM json_each(r.document, '$.transfers[0].decisions') d WHERE json_extract(d.value, '$.id') = 'medium'), ''),
         COALESCE((SELECT json_extract(d.value, '$.value.text') FROM json_each(r.document, '$.transfers[0].decisions') d WHERE json_extract(d.value, '$.id') = 'marking'), ''), COALESCE(json_extract(r.document, '$.transfers[0].heat'), ''),
         COALESCE((SELECT json_extract(d.value, '$.value.text') FROM json_each(r.document, '$.transfers[0].decisions') d WHERE json_extract(d.value, '$.id') = 'blank'), ''), '{}', '', lower(r.name || ' ' || p.note), 0, 'piece-' || p.id, r.id
         FROM piece p JOIN run r ON r.id = p.run_id WHERE p.judged IS NOT NULL",
        "INSERT INTO log_defect (entry_id, defect) SELECT e.id, json_extract(m.value, '$.defect') FROM log_entry e, json_each(e.marks) m",
        'ALTER TABLE piece DROP COLUMN defects',
        'ALTER TABLE piece DROP COLUMN note',
        'ALTER TABLE piece DROP COLUMN photo',
    ];

    public function getDescription(): string
    {
        return 'Bench of several clocks, logbook';
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
