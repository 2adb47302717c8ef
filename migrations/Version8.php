<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was deleted and can still be taken back. */
final class Version8 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE removed (at VARCHAR(24) NOT NULL, kind VARCHAR(8) NOT NULL, id VARCHAR(64) NOT NULL, ' .
                'label VARCHAR(200) NOT NULL, was_archived BOOLEAN NOT NULL, PRIMARY KEY (kind, id))',
        );
    }
}
