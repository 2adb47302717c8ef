<?php

declare(strict_types=1);

namespace Wubbin\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Wubbin\Core\Job\OnePictureFile;

/** Jobs and frozen plans of one picture become jobs and plans of several, with one in them. */
final class Version3 extends AbstractMigration
{
    private const OF_THE_PICTURE = ['route', 'heat', 'decisions', 'checks', 'cautions', 'stack', 'blank', 'placed', 'sheet', 'coverage', 'artwork', 'printable', 'ready'];

    public function getDescription(): string
    {
        return 'Several pictures on one piece';
    }

    public function up(Schema $schema): void
    {
        /** @var list<array{id: string, document: string}> $jobs */
        $jobs = $this->connection->fetchAllAssociative('SELECT id, document FROM job');
        foreach ($jobs as $job) {
            $this->addSql('UPDATE job SET document = ? WHERE id = ?', [OnePictureFile::upgraded($job['document']), $job['id']]);
        }
        /** @var list<array{id: string, document: string}> $runs */
        $runs = $this->connection->fetchAllAssociative('SELECT id, document FROM run');
        foreach ($runs as $run) {
            $this->addSql('UPDATE run SET document = ? WHERE id = ?', [self::plan($run['document']), $run['id']]);
        }
        // A shop without any job or session still has this version behind it.
        $this->addSql('SELECT 1');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Go back to the copy that was taken before.');
    }

    private static function plan(string $json): string
    {
        /** @var array<string, mixed> $plan */
        $plan = json_decode($json, true, 64, \JSON_THROW_ON_ERROR);
        if (isset($plan['transfers'])) {
            return $json;
        }
        $side = is_array($plan['blank'] ?? null) && isset($plan['blank']['diameter_mm']) ? 'round' : 'front';
        $transfer = ['name' => ucfirst($side), 'label' => $plan['job_name'] ?? '', 'side' => $side, 'look' => null];
        foreach (self::OF_THE_PICTURE as $name) {
            $transfer[$name] = $plan[$name] ?? null;
        }
        $kept = array_diff_key($plan, array_flip(array_diff(self::OF_THE_PICTURE, ['printable', 'ready'])));
        $steps = is_array($plan['steps'] ?? null) ? $plan['steps'] : [];

        return json_encode([
            ...$kept,
            'steps' => array_map(static fn (mixed $step): array => ['transfer' => 0, ...(is_array($step) ? $step : [])], $steps),
            'shares' => $plan['shares'] ?? [],
            'transfers' => [$transfer],
        ], \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }
}
