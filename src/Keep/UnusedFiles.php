<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Filesystem\Filesystem;

/**
 * Lets go of files that nothing in the database names. Files are named by their SHA-256, and whatever uses one writes
 * that name down somewhere: what no row of no table has, nobody finds again.
 */
final readonly class UnusedFiles
{
    /** A file that was just taken in may not be named yet. */
    private const LEAST_AGE = '-2 days';

    private const NAME = '/[0-9a-f]{64}/';

    public function __construct(
        private string $dataDirectory,
        private Connection $connection,
        private ClockInterface $clock,
    ) {}

    /** @return int how many were let go */
    public function forget(): int
    {
        $used = $this->used();
        $before = $this->clock->now()->modify(self::LEAST_AGE)->getTimestamp();
        $files = new Filesystem();
        $gone = 0;
        foreach ((array) glob($this->dataDirectory . '/files/*/*', \GLOB_ONLYDIR) as $directory) {
            if (is_string($directory) && !isset($used[basename($directory)]) && (int) filemtime($directory) < $before) {
                $files->remove($directory);
                ++$gone;
            }
        }

        return $gone;
    }

    /** @return array<string, true> every name that is written down anywhere */
    private function used(): array
    {
        $used = [];
        foreach ($this->connection->createSchemaManager()->listTableNames() as $table) {
            foreach (
                $this->connection->iterateNumeric('SELECT * FROM ' . $this->connection->quoteSingleIdentifier($table))
                as $row
            ) {
                preg_match_all(self::NAME, implode(' ', array_filter($row, is_string(...))), $found);
                foreach ($found[0] as $name) {
                    $used[$name] = true;
                }
            }
        }

        return $used;
    }
}
