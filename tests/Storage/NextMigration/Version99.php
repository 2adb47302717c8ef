<?php

declare(strict_types=1);

namespace Wubbin\Tests\Storage\NextMigration;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Such as the next one may be. */
final class Version99 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE job ADD COLUMN customer VARCHAR(40) NOT NULL DEFAULT 'unsaid'");
    }
}
