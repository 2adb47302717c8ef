<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** The one file that a shop's records are in, looked at from outside before anything opens it for good. */
final readonly class DatabaseFile
{
    public const NAME = 'wubbin.sqlite';

    public function __construct(private string $dataDirectory, private ?BackupPlace $backups = null) {}

    /** What was thrown, where it comes from the database or the disk; null for all else. */
    public function troubleIn(\Throwable $thrown): ?StorageTrouble
    {
        return StorageTrouble::in($thrown, $this->path(), $this->backups?->latest());
    }

    public function path(): string
    {
        return $this->dataDirectory . '/' . self::NAME;
    }

    public function exists(): bool
    {
        return is_file($this->path());
    }

    /** An empty database, of which nobody else reads: only ever where there was none. */
    public function create(): void
    {
        umask(0o077);
        $database = new \PDO('sqlite:' . $this->path());
        $database->exec('PRAGMA journal_mode = WAL');
        // Whoever finds it has a beginning: a file of no bytes is a fault, and is told as one.
        $database->exec('PRAGMA user_version = 1');
    }

    /**
     * Whether all of it is in its one file, and nothing can be written beside it: then it can be read as it stands.
     */
    public static function isReadableAlone(string $path): bool
    {
        clearstatcache();
        $disk = new Disk(dirname($path));

        return (int) @filesize($path) > 0 &&
            0 === (int) @filesize($path . '-wal') &&
            ($disk->isFull() || !is_writable(dirname($path)));
    }

    /**
     * Looks at everything without writing a byte.
     *
     * @param list<string> $known classes of the migrations that this version has
     *
     * @throws StorageTrouble where it is not a shop that this version can open
     */
    public function check(array $known): void
    {
        clearstatcache();
        if (0 === (int) @filesize($this->path())) {
            throw $this->exists()
                ? StorageTrouble::empty($this->path(), $this->backups?->latest())
                : StorageTrouble::missing($this->path(), null, $this->backups?->latest());
        }
        try {
            $path = self::isReadableAlone($this->path()) ? 'file:' . $this->path() . '?immutable=1' : $this->path();
            $readOnly = [\PDO::SQLITE_ATTR_OPEN_FLAGS => \PDO::SQLITE_OPEN_READONLY];
            $database = new \PDO('sqlite:' . $path, options: $readOnly);
            if (['ok'] !== self::ask($database, 'PRAGMA quick_check(1)')) {
                throw StorageTrouble::damaged($this->path(), null, $this->backups?->latest());
            }
            $versions =
                [] === self::ask($database, "SELECT 1 FROM sqlite_master WHERE name = 'doctrine_migration_versions'")
                    ? []
                    : self::ask($database, 'SELECT version FROM doctrine_migration_versions');
        } catch (\PDOException $e) {
            throw $this->troubleIn($e) ?? $e;
        }
        $latest = self::latest($known);
        foreach ($versions as $version) {
            if (is_string($version) && self::number($version) > $latest) {
                throw StorageTrouble::newer('version ' . self::number($version));
            }
        }
    }

    /** @return list<mixed> the first column */
    private static function ask(\PDO $database, string $sql): array
    {
        // Errors are thrown, so that there is an answer.
        $answer = $database->query($sql);

        return false === $answer ? [] : array_values($answer->fetchAll(\PDO::FETCH_COLUMN));
    }

    /** Number of the last migration of this database; 0 where there was none. */
    public function version(): int
    {
        $versions = self::ask(new \PDO('sqlite:' . $this->path()), 'SELECT version FROM doctrine_migration_versions');

        return max([0, ...array_map(self::number(...), array_filter($versions, is_string(...)))]);
    }

    /** @return array<string, int> how many rows each table of a database has */
    public function rowsOf(string $path): array
    {
        $database = new \PDO('sqlite:' . $path);
        $rows = [];
        $tables = self::ask(
            $database,
            "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite%' ORDER BY name",
        );
        foreach (array_filter($tables, is_string(...)) as $table) {
            $count = self::ask($database, sprintf('SELECT COUNT(*) FROM "%s"', $table))[0] ?? 0;
            $rows[$table] = is_numeric($count) ? (int) $count : 0;
        }

        return $rows;
    }

    /**
     * @param list<string> $classes of migrations
     *
     * @return int the number of the last one
     */
    public static function latest(array $classes): int
    {
        return max([0, ...array_map(self::number(...), $classes)]);
    }

    /** Migrations are numbered: a larger number is a later one. */
    private static function number(string $class): int
    {
        return 1 === preg_match('/Version(\d+)$/D', $class, $found) ? (int) $found[1] : 0;
    }
}
