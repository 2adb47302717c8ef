<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Wubbin\Core\Measure\Id;

/**
 * What was deleted and can still be taken back. And ids that are none, which were taken in once and could not be found
 * by any address: recipes and sessions get one by which they can.
 */
final class Version8 extends AbstractMigration
{
    /** Where an id stands, by the table that it is the key of. */
    private const NAMED = [
        'run' => ['run' => 'id', 'piece' => 'run_id', 'event' => 'run_id', 'log_entry' => 'run'],
        'recipe' => ['recipe' => 'id', 'ladder' => 'recipe'],
    ];

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE removed (at VARCHAR(24) NOT NULL, kind VARCHAR(8) NOT NULL, id VARCHAR(64) NOT NULL, ' .
                'label VARCHAR(200) NOT NULL, was_archived BOOLEAN NOT NULL, PRIMARY KEY (kind, id))',
        );
        // What names a session and the session itself change one after the other.
        $this->addSql('PRAGMA defer_foreign_keys = ON');
        foreach (self::NAMED as $table => $places) {
            foreach ($this->connection->fetchFirstColumn('SELECT DISTINCT id FROM ' . $table) as $id) {
                if (!is_string($id) || Id::holds($id)) {
                    continue;
                }
                foreach ($places as $of => $column) {
                    $this->addSql(sprintf('UPDATE %s SET %s = ? WHERE %s = ?', $of, $column, $column), [
                        Id::mended($id),
                        $id,
                    ]);
                }
                if ('recipe' === $table) {
                    $this->addSql("UPDATE recipe SET document = json_set(document, '$.id', id) WHERE id = ?", [
                        Id::mended($id),
                    ]);
                    $this->addSql('UPDATE job SET document = replace(document, ?, ?)', [
                        '"recipe":' . json_encode($id, \JSON_THROW_ON_ERROR),
                        '"recipe":' . json_encode(Id::mended($id), \JSON_THROW_ON_ERROR),
                    ]);
                }
            }
        }
    }
}
