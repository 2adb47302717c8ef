<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Stock with all that came and went, orders, and quotes. */
final class Version7 extends AbstractMigration
{
    private const STATEMENTS = [
        'CREATE TABLE stock_item (key VARCHAR(160) NOT NULL, label VARCHAR(160) NOT NULL, unit VARCHAR(12) NOT NULL, pack DOUBLE PRECISION NOT NULL, level INTEGER NOT NULL, counted BOOLEAN NOT NULL, presses INTEGER NOT NULL DEFAULT 0, PRIMARY KEY (key))',
        'CREATE TABLE stock_move (number INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, item VARCHAR(160) NOT NULL, at VARCHAR(24) NOT NULL, kind VARCHAR(8) NOT NULL, amount DOUBLE PRECISION NOT NULL, price INTEGER NOT NULL, note VARCHAR(200) NOT NULL, source VARCHAR(80) NOT NULL, CONSTRAINT stock_move_of FOREIGN KEY (item) REFERENCES stock_item (key) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        'CREATE UNIQUE INDEX stock_move_once ON stock_move (source, item)',
        'CREATE INDEX stock_move_item ON stock_move (item, number)',
        'CREATE TABLE shop_order (id VARCHAR(64) NOT NULL, revision INTEGER DEFAULT 1 NOT NULL, created VARCHAR(24) NOT NULL, label VARCHAR(120) NOT NULL, due VARCHAR(10) DEFAULT NULL, note CLOB NOT NULL, jobs CLOB NOT NULL, archived BOOLEAN NOT NULL, source VARCHAR(80) NOT NULL, PRIMARY KEY (id))',
        'CREATE UNIQUE INDEX shop_order_source ON shop_order (source)',
        'CREATE INDEX shop_order_due ON shop_order (archived, due)',
        'CREATE TABLE quote (id VARCHAR(64) NOT NULL, number INTEGER NOT NULL, created VARCHAR(24) NOT NULL, label VARCHAR(120) NOT NULL, document CLOB NOT NULL, PRIMARY KEY (id))',
        'CREATE UNIQUE INDEX quote_number ON quote (number)',
        // Sheets that were counted on the shelf are the first of the stock.
        "INSERT INTO stock_item (key, label, unit, pack, level, counted) SELECT 'sheet ' || s.key, s.key, 'sheets', 1, 1000 * s.value, 1 FROM setting, json_each(setting.value, '$.paper.sheets') s WHERE setting.name = 'shelf'",
        "INSERT INTO stock_move (item, at, kind, amount, price, note, source) SELECT key, strftime('%Y-%m-%dT%H:%M:%S.000Z', 'now'), 'counted', level / 1000.0, 0, '', 'shelf' FROM stock_item",
    ];

    public function getDescription(): string
    {
        return 'Stock, orders, quotes';
    }

    public function up(Schema $schema): void
    {
        foreach (self::STATEMENTS as $statement) {
            $this->addSql($statement);
        }
    }

    public function down(Schema $schema): void
    {
        foreach (['stock_move', 'stock_item', 'shop_order', 'quote'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
    }
}
