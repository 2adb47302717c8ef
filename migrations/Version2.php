<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Recipes of the house, each change a version of its own. */
final class Version2 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Recipes in versions';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE recipe (created VARCHAR(24) NOT NULL, id VARCHAR(64) NOT NULL, version INTEGER NOT NULL, document CLOB NOT NULL, retired BOOLEAN NOT NULL, PRIMARY KEY (id, version))');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Go back to the copy that was taken before.');
    }
}
