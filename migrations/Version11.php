<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Which pages of which sheets were printed, and how they came out: sheets that were made before are taken for printed
 * and good, as nobody could say anything else of them then. With orders, who they are for, what was agreed and paid,
 * what was handed over and what the customer brought. And an index of all words that people look for.
 */
final class Version11 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        foreach (['together VARCHAR(36)', 'makes INTEGER', 'share INTEGER'] as $column) {
            $this->addSql('ALTER TABLE printed_sheet ADD COLUMN ' . $column . ' DEFAULT NULL');
        }
        $this->addSql(
            'CREATE TABLE print_out (number INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, sheet VARCHAR(36) NOT NULL, ' .
                'page INTEGER NOT NULL, at VARCHAR(24) NOT NULL, device VARCHAR(160) NOT NULL, ' .
                'good BOOLEAN DEFAULT NULL, judged VARCHAR(24) DEFAULT NULL)',
        );
        $this->addSql('CREATE INDEX print_out_sheet ON print_out (sheet, page)');
        $this->addSql('CREATE INDEX print_out_open ON print_out (good)');
        $this->addSql(
            'INSERT INTO print_out (sheet, page, at, device, good, judged) ' .
                "SELECT s.id, p.key + 1, s.at, '', 1, s.at FROM printed_sheet s, json_each(s.pages) p",
        );
        $this->addSql('ALTER TABLE run ADD COLUMN share INTEGER DEFAULT NULL');
        $this->orders();
        $this->search();
        // So that a list of thousands is sorted without reading each job.
        $this->addSql("ALTER TABLE job ADD COLUMN day VARCHAR(10) NOT NULL DEFAULT '9999-12-31'");
        $this->addSql('ALTER TABLE job ADD COLUMN quantity INTEGER NOT NULL DEFAULT 1');
        $this->addSql(
            "UPDATE job SET day = COALESCE(json_extract(document, '$.due'), '9999-12-31'), " .
                "quantity = json_extract(document, '$.quantity')",
        );
        $this->addSql('CREATE INDEX job_listed ON job (archived, day, updated)');
        $this->addSql('CREATE INDEX run_job ON run (job, finished)');
    }

    private function orders(): void
    {
        foreach (["customer VARCHAR(120) NOT NULL DEFAULT ''", "contact VARCHAR(200) NOT NULL DEFAULT ''"] as $column) {
            $this->addSql('ALTER TABLE shop_order ADD COLUMN ' . $column);
        }
        $this->addSql('ALTER TABLE shop_order ADD COLUMN agreed INTEGER DEFAULT NULL');
        $this->addSql('ALTER TABLE shop_order ADD COLUMN quote VARCHAR(64) DEFAULT NULL');
        $this->addSql(
            'CREATE TABLE payment (id VARCHAR(64) NOT NULL, shop_order VARCHAR(64) NOT NULL, day VARCHAR(10) NOT ' .
                'NULL, amount INTEGER NOT NULL, how VARCHAR(120) NOT NULL, at VARCHAR(24) NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX payment_order ON payment (shop_order, at)');
        $this->addSql(
            'CREATE TABLE handover (id VARCHAR(64) NOT NULL, number INTEGER NOT NULL, shop_order VARCHAR(64) NOT ' .
                'NULL, at VARCHAR(24) NOT NULL, pieces CLOB NOT NULL, note VARCHAR(200) NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX handover_order ON handover (shop_order, at)');
        $this->addSql('CREATE UNIQUE INDEX handover_number ON handover (number)');
        $this->addSql(
            'CREATE TABLE garment (id VARCHAR(64) NOT NULL, shop_order VARCHAR(64) NOT NULL, at VARCHAR(24) NOT ' .
                'NULL, what VARCHAR(120) NOT NULL, size VARCHAR(40) NOT NULL, colour VARCHAR(40) NOT NULL, pieces ' .
                'INTEGER NOT NULL, terms VARCHAR(200) NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX garment_order ON garment (shop_order, at)');
    }

    /** What stands in it is kept by the database itself, whoever writes. */
    private function search(): void
    {
        $this->addSql(
            'CREATE TABLE word_of (number INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, kind VARCHAR(8) NOT NULL, ' .
                'id VARCHAR(64) NOT NULL, at VARCHAR(24) NOT NULL, CONSTRAINT word_of_thing UNIQUE (kind, id))',
        );
        $this->addSql(
            'CREATE VIRTUAL TABLE word USING fts5(kind, title, body, ' .
                "tokenize = 'unicode61 remove_diacritics 2', prefix = '1 2 3')",
        );
        $json = static fn(string $name): string => "COALESCE(json_extract(%s.document, '$.{$name}'), '')";
        $this->searched('job', 'job', '%s.id', '%s.updated', $json('name'), $json('note'));
        $this->searched(
            'shop_order',
            'order',
            '%s.id',
            '%s.created',
            '%s.label',
            "%s.customer || ' ' || %s.contact || ' ' || %s.note",
        );
        $this->searched('quote', 'quote', '%s.id', '%s.created', '%s.label', "'quote ' || %s.number");
        $this->searched('recipe', 'recipe', '%s.id', '%s.created', $json('name'), $json('note'));
        $this->searched(
            'artwork',
            'picture',
            '%s.sha256',
            '%s.created',
            "COALESCE(json_extract(%s.facts, '$.name'), '')",
            "''",
        );
        $this->searched('log_entry', 'entry', '%s.id', '%s.at', "%s.name || ' ' || %s.piece", '%s.words');
    }

    /** A table whose rows are found by their words; each text stands for a row as %s. */
    private function searched(string $table, string $kind, string $id, string $at, string $title, string $body): void
    {
        $of = static fn(string $text, string $row): string => str_replace('%s', $row, $text);
        $number = static fn(string $row): string => sprintf(
            "(SELECT number FROM word_of WHERE kind = '%s' AND id = CAST(%s AS TEXT))",
            $kind,
            $of($id, $row),
        );
        $known = static fn(string $row): string => sprintf(
            "INSERT INTO word_of (kind, id, at) VALUES ('%s', CAST(%s AS TEXT), %s) " .
                'ON CONFLICT (kind, id) DO UPDATE SET at = excluded.at; ',
            $kind,
            $of($id, $row),
            $of($at, $row),
        );
        $forget = static fn(string $row): string => sprintf('DELETE FROM word WHERE rowid = %s; ', $number($row));
        $write = sprintf(
            "INSERT INTO word (rowid, kind, title, body) VALUES (%s, '%s', %s, %s); ",
            $number('NEW'),
            $kind,
            $of($title, 'NEW'),
            $of($body, 'NEW'),
        );
        foreach (['INSERT', 'UPDATE'] as $event) {
            $this->addSql(
                sprintf('CREATE TRIGGER word_%s_%s AFTER %s ON %s BEGIN ', $kind, strtolower($event), $event, $table) .
                    $known('NEW') .
                    $forget('NEW') .
                    $write .
                    'END',
            );
        }
        $this->addSql(
            sprintf('CREATE TRIGGER word_%s_delete AFTER DELETE ON %s BEGIN ', $kind, $table) .
                $forget('OLD') .
                sprintf("DELETE FROM word_of WHERE kind = '%s' AND id = CAST(%s AS TEXT); ", $kind, $of($id, 'OLD')) .
                'END',
        );
        $this->alreadyThere($table, $kind, $of($id, $table), $of($at, $table), $of($title, $table), $of($body, $table));
    }

    private function alreadyThere(
        string $table,
        string $kind,
        string $id,
        string $at,
        string $title,
        string $body,
    ): void {
        $this->addSql(
            sprintf(
                "INSERT INTO word_of (kind, id, at) SELECT '%s', CAST(%s AS TEXT), MAX(%s) FROM %s GROUP BY 2",
                $kind,
                $id,
                $at,
                $table,
            ),
        );
        $this->addSql(
            sprintf(
                'INSERT INTO word (rowid, kind, title, body) SELECT o.number, o.kind, %s, %s FROM %s ' .
                    "JOIN word_of o ON o.kind = '%s' " .
                    'AND o.id = CAST(%s AS TEXT) GROUP BY o.number',
                $title,
                $body,
                $table,
                $kind,
                $id,
            ),
        );
    }
}
