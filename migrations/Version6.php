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
        "ALTER TABLE event ADD COLUMN detail CLOB NOT NULL DEFAULT '{}'",
        "UPDATE event SET detail = json_object('marks', (SELECT json_group_array(json_object('defect', d.value, 'x', NULL, 'y', NULL)) FROM json_each(event.defects) d)) WHERE type = 'judged'",
        'ALTER TABLE event DROP COLUMN defects',
        'ALTER TABLE run ADD COLUMN presses INTEGER NOT NULL DEFAULT 0',
        'CREATE TABLE log_entry (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, at VARCHAR(24) NOT NULL, job VARCHAR(64) NOT NULL, name VARCHAR(120) NOT NULL, piece INTEGER NOT NULL, outcome VARCHAR(8) NOT NULL, marks CLOB NOT NULL, note CLOB NOT NULL, photo VARCHAR(64) DEFAULT NULL, photo_before VARCHAR(64) DEFAULT NULL, route VARCHAR(40) NOT NULL, medium VARCHAR(120) NOT NULL, printer VARCHAR(120) NOT NULL, heat VARCHAR(120) NOT NULL, blank VARCHAR(120) NOT NULL, done CLOB NOT NULL, setting VARCHAR(120) NOT NULL, words CLOB NOT NULL, washes INTEGER DEFAULT NULL, failed BOOLEAN NOT NULL, press_c DOUBLE PRECISION DEFAULT NULL, probe_c DOUBLE PRECISION DEFAULT NULL, source VARCHAR(64) NOT NULL, run VARCHAR(64) DEFAULT NULL, CONSTRAINT log_entry_source UNIQUE (source))',
        'CREATE INDEX log_entry_at ON log_entry (at)',
        'CREATE INDEX log_entry_route ON log_entry (route, at)',
        'CREATE INDEX log_entry_setting ON log_entry (setting, outcome)',
        'CREATE TABLE log_defect (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, entry_id INTEGER NOT NULL, defect VARCHAR(24) NOT NULL, CONSTRAINT log_defect_entry FOREIGN KEY (entry_id) REFERENCES log_entry (id) ON DELETE CASCADE)',
        'CREATE INDEX log_defect_of ON log_defect (entry_id)',
        'CREATE INDEX log_defect_name ON log_defect (defect)',
        'CREATE TABLE log_later (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, entry_id INTEGER NOT NULL, at VARCHAR(24) NOT NULL, washes INTEGER NOT NULL, good BOOLEAN NOT NULL, note CLOB NOT NULL, CONSTRAINT log_later_entry FOREIGN KEY (entry_id) REFERENCES log_entry (id) ON DELETE CASCADE)',
        'CREATE INDEX log_later_of ON log_later (entry_id, at)',
        'CREATE TABLE log_time (kind VARCHAR(16) NOT NULL, seconds DOUBLE PRECISION NOT NULL, planned DOUBLE PRECISION NOT NULL, pieces INTEGER NOT NULL, latest CLOB NOT NULL, PRIMARY KEY (kind))',
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
