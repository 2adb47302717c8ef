<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * What the pieces of a session use, and which revision of its job it is made from, is kept with it. And from now on the
 * id of a plan is of what is chosen and its geometry alone: those of sheets that were made before say nothing any more.
 */
final class Version9 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE run ADD COLUMN uses CLOB DEFAULT NULL');
        $this->addSql('ALTER TABLE run ADD COLUMN revision INTEGER DEFAULT NULL');
        $this->addSql('INSERT INTO setting (name, value) VALUES (?, ?)', [
            'plan-ids',
            json_encode(
                ['since' => (new \DateTimeImmutable('now', new \DateTimeZone('UTC')))->format('Y-m-d\TH:i:s.v\Z')],
                \JSON_THROW_ON_ERROR,
            ),
        ]);
    }
}
