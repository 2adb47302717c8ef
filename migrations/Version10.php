<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Every change of a job, an order, the shelf, the house and the stock is kept with what takes it back; and with a job,
 * the sheets that a search has found for it.
 */
final class Version10 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE shop_change (number INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, kind VARCHAR(12) NOT NULL, ' .
                'thing VARCHAR(160) NOT NULL, at VARCHAR(24) NOT NULL, person VARCHAR(120) NOT NULL, ' .
                'difference CLOB NOT NULL, undoes INTEGER DEFAULT NULL)',
        );
        $this->addSql('CREATE INDEX shop_change_of ON shop_change (kind, thing, number)');
        $this->addSql(
            'CREATE TABLE found_sheets (what VARCHAR(64) NOT NULL, job VARCHAR(64) NOT NULL, sheets CLOB NOT NULL, ' .
                'PRIMARY KEY(what))',
        );
        $this->addSql('CREATE INDEX found_sheets_job ON found_sheets (job)');
        $this->addSql('ALTER TABLE printed_sheet ADD COLUMN pieces INTEGER DEFAULT NULL');
    }
}
