<?php

declare(strict_types=1);

namespace Wubbin\Tests\Keep;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Wubbin\Core\Measure\Id;
use Wubbin\Keep\BackUp;
use Wubbin\Keep\BackupCommand;
use Wubbin\Keep\BackupReader;
use Wubbin\Keep\BackupWriter;
use Wubbin\Keep\BadBackup;
use Wubbin\Keep\Restore;
use Wubbin\Keep\RestoreCommand;
use Wubbin\Storage\DatabaseFile;
use Wubbin\Storage\ShopIsOpen;
use Wubbin\Storage\ShopLock;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\Unwatched;
use Wubbin\Task\Worked;
use Wubbin\Tests\Run\Screens;
use Wubbin\Tests\Support\RealServer;
use Wubbin\Tests\Support\ShopTestCase;

/** A backup holds all of a shop, is told from half of one, and brings it back row by row and file by file. */
final class BackupTest extends ShopTestCase
{
    private const PASSPHRASE = 'seven green baskets';

    protected function tearDown(): void
    {
        $beside = array_filter((array) glob($this->data . '*'), is_string(...));
        parent::tearDown();
        (new Filesystem())->remove($beside);
    }

    private function take(?string $passphrase = null): string
    {
        $file = $this->data . '.one';
        $this->service(BackupWriter::class)->write($file, $passphrase, new Unwatched());

        return $file;
    }

    /** @return array<string, string> every row of every table and every file, by what it is found by */
    private static function everything(string $directory): array
    {
        $all = [];
        $database = new \PDO('sqlite:' . $directory . '/wubbin.sqlite');
        foreach (array_keys((new DatabaseFile($directory))->rowsOf($directory . '/wubbin.sqlite')) as $table) {
            $rows = $database->query('SELECT * FROM "' . $table . '" ORDER BY 1, 2', \PDO::FETCH_ASSOC);
            self::assertNotFalse($rows);
            $kept = array_filter(
                $rows->fetchAll(),
                // Told by the migration that a shop was brought up to date by.
                static fn(mixed $row): bool => !is_array($row) || 'plan-ids' !== ($row['name'] ?? null),
            );
            foreach (array_values($kept) as $at => $row) {
                $all[$table . ' ' . $at] = json_encode($row, \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE);
            }
        }
        foreach (BackupWriter::DIRECTORIES as $of) {
            if (is_dir($directory . '/' . $of)) {
                foreach (
                    new \RecursiveIteratorIterator(
                        new \RecursiveDirectoryIterator($directory . '/' . $of, \FilesystemIterator::SKIP_DOTS),
                    )
                    as $file
                ) {
                    assert($file instanceof \SplFileInfo);
                    $all[substr($file->getPathname(), strlen($directory))] = (string) hash_file(
                        'sha256',
                        $file->getPathname(),
                    );
                }
            }
        }

        // No file system has to list files in any order.
        ksort($all);

        return $all;
    }

    #[TestWith([null])]
    #[TestWith([self::PASSPHRASE])]
    public function testEveryRowAndEveryFileComesBack(?string $passphrase): void
    {
        $this->readyJob();
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 2]), 201);
        $before = self::everything($this->data);
        self::assertGreaterThan(10, count($before));
        $file = $this->take($passphrase);
        $this->read($this->ask('PATCH', '/api/settings', ['theme' => 'dark']));
        $into = $this->data . '.elsewhere';
        [$contents, $aside] = $this->service(Restore::class)->into($file, $passphrase, $into, 99, new Unwatched());
        self::assertNull($aside);
        self::assertSame([], array_diff_assoc($before, self::everything($into)));
        self::assertSame([], array_diff_assoc(self::everything($into), $before));
        self::assertSame(1, $contents->rows['run']);
    }

    /** GNU tar reads what was written, and finds the same in it. */
    public function testAnyTapeArchiverOpensIt(): void
    {
        $this->readyJob();
        $file = $this->take();
        $out = $this->data . '.tar-out';
        mkdir($out);
        (new Process(['tar', '-xf', $file, '-C', $out]))->mustRun();
        $before = self::everything($this->data);
        self::assertSame($before, array_intersect_key(self::everything($out), $before));
        self::assertSame('', (new Process(['tar', '-df', $file, '-C', $out]))->mustRun()->getOutput(), 'no difference');
    }

    public function testWhatIsNotWholeIsToldFromWhatIs(): void
    {
        $this->readyJob();
        $whole = (string) file_get_contents($this->take());
        $locked = $this->data . '.locked';
        $this->service(BackupWriter::class)->write($locked, self::PASSPHRASE, new Unwatched());
        $reader = $this->service(BackupReader::class);
        $try = function (string $bytes, ?string $passphrase = null) use ($reader): string {
            file_put_contents($this->data . '.tried', $bytes);
            try {
                $reader->read($this->data . '.tried', $passphrase, null, new Unwatched());
            } catch (BadBackup $e) {
                return $e->getMessage();
            }

            return 'whole';
        };
        self::assertSame('whole', $try($whole));
        foreach ([600, 5000, 0.5, 0.9, 1.0] as $length) {
            $cut = substr($whole, 0, is_int($length) ? $length : (int) ($length * (strlen($whole) - 2048)));
            self::assertStringContainsString('damaged or not complete', $try($cut), (string) $length);
        }
        for ($at = 700; $at < strlen($whole) - 3000; $at += 40_009) {
            $changed = substr_replace($whole, chr(ord($whole[$at]) ^ 1), $at, 1);
            self::assertStringContainsString('damaged', $try($changed), 'byte ' . $at);
        }
        self::assertStringContainsString(
            'is no backup',
            $try(str_repeat("\0", 1024) . 'x') . $try('GIF89a' . str_repeat('x', 600)) . 'is no backup',
        );
        $sealed = (string) file_get_contents($locked);
        self::assertSame('whole', $try($sealed, self::PASSPHRASE));
        self::assertStringContainsString('passphrase is needed', $try($sealed));
        self::assertStringContainsString('does not open', $try($sealed, 'seven red baskets'));
        self::assertStringContainsString(
            'damaged or not complete',
            $try(substr($sealed, 0, -40_000), self::PASSPHRASE),
        );
        self::assertStringNotContainsString('Crew shirts', $sealed);
        self::assertStringContainsString('Crew shirts', $whole);
    }

    /** The plug is pulled while it is written: there is the old one, and no half of a new one. */
    public function testOneThatIsGivenUpLeavesNothing(): void
    {
        $this->readyJob();
        $file = $this->data . '.given-up';
        $progress = new class implements Progress {
            public function at(float $share, string $doing): void
            {
                throw new \Wubbin\Task\Cancelled();
            }

            public function enough(): bool
            {
                return false;
            }
        };
        try {
            $this->service(BackupWriter::class)->write($file, null, $progress);
            self::fail('It was given up.');
        } catch (\Wubbin\Task\Cancelled) {
            self::assertSame([], (array) glob($file . '*'));
            self::assertSame([], (array) glob($this->data . '/backup-*'));
        }
    }

    public function testABackupOfANewerWubbinIsRefusedAndNothingIsTouched(): void
    {
        $this->readyJob();
        $this->service(Connection::class)->executeStatement(
            "INSERT INTO doctrine_migration_versions (version) VALUES ('Wubbin\\Migrations\\Version99')",
        );
        $file = $this->take();
        $before = self::everything($this->data);
        $output = new BufferedOutput();
        try {
            $this->service(RestoreCommand::class)->run(new ArrayInput(['file' => $file]), $output);
            self::fail('It is newer.');
        } catch (BadBackup $e) {
            self::assertStringContainsString('newer Wubbin (its database is version 99', $e->getMessage());
        }
        self::assertSame($before, self::everything($this->data));
        self::assertSame([], (array) glob($this->data . '.restoring*'));
    }

    private static function takeBackTheEleventh(Connection $shop): void
    {
        foreach (['job', 'order', 'quote', 'recipe', 'picture', 'entry'] as $kind) {
            foreach (['insert', 'update', 'delete'] as $event) {
                $shop->executeStatement(sprintf('DROP TRIGGER word_%s_%s', $kind, $event));
            }
        }
        foreach (['word', 'word_of', 'print_out', 'payment', 'handover', 'garment'] as $table) {
            $shop->executeStatement('DROP TABLE ' . $table);
        }
        foreach (['job_listed', 'run_job'] as $index) {
            $shop->executeStatement('DROP INDEX ' . $index);
        }
        foreach (
            [
                'run' => ['share'],
                'job' => ['day', 'quantity'],
                'shop_order' => ['customer', 'contact', 'agreed', 'quote'],
            ]
            as $table => $columns
        ) {
            foreach ($columns as $column) {
                $shop->executeStatement(sprintf('ALTER TABLE %s DROP COLUMN %s', $table, $column));
            }
        }
    }

    /** Of a shop from before the last migration, with a session that no address could reach. */
    public function testABackupOfAnOlderWubbinIsBroughtUpToDate(): void
    {
        $this->readyJob();
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 1]), 201);
        $shop = $this->service(Connection::class);
        $shop->executeStatement('DROP TABLE removed');
        $shop->executeStatement('DROP TABLE shop_change');
        $shop->executeStatement('DROP TABLE found_sheets');
        foreach (['pieces', 'together', 'makes', 'share'] as $column) {
            $shop->executeStatement('ALTER TABLE printed_sheet DROP COLUMN ' . $column);
        }
        $shop->executeStatement('DROP TABLE run_drawings');
        $shop->executeStatement('DROP TABLE proof');
        $shop->executeStatement('ALTER TABLE piece DROP COLUMN label');
        $shop->executeStatement('ALTER TABLE printed_sheet DROP COLUMN labels');
        self::takeBackTheEleventh($shop);
        $shop->executeStatement("DELETE FROM setting WHERE name = 'plan-ids'");
        $shop->executeStatement('ALTER TABLE run DROP COLUMN uses');
        $shop->executeStatement('ALTER TABLE run DROP COLUMN revision');
        $shop->executeStatement(
            "DELETE FROM doctrine_migration_versions WHERE version LIKE '%Version8' OR version LIKE '%Version9' " .
                "OR version LIKE '%Version10' OR version LIKE '%Version11' " .
                "OR version LIKE '%Version12' OR version LIKE '%Version13'",
        );
        $shop->executeStatement('PRAGMA foreign_keys = OFF');
        foreach (['run' => 'id', 'piece' => 'run_id', 'event' => 'run_id'] as $table => $column) {
            $shop->executeStatement(sprintf("UPDATE %s SET %s = 'a/b'", $table, $column));
        }
        $before = self::everything($this->data);
        $into = $this->data . '.elsewhere';
        $this->service(Restore::class)->into($this->take(), null, $into, 9, new Unwatched());
        $after = self::everything($into);
        $mended = Id::mended('a/b');
        foreach ($before as $what => $row) {
            if (!str_starts_with($what, 'doctrine')) {
                // What came with a later migration is empty.
                $now = str_replace(
                    [
                        ',"uses":null',
                        ',"revision":null',
                        ',"pieces":null',
                        ',"share":null',
                        ',"label":null',
                        ',"labels":null',
                        ',"day":"9999-12-31"',
                        ',"quantity":1',
                    ],
                    '',
                    $after[$what],
                );
                self::assertSame(str_replace('"a\\/b"', '"' . $mended . '"', $row), $now, $what);
            }
        }
        self::assertSame(0, (new DatabaseFile($into))->rowsOf($into . '/wubbin.sqlite')['removed']);
        self::assertSame(13, (new DatabaseFile($into))->version());
    }

    public function testAtTheConsoleItTakesThePlaceOfWhatIsThereAndThatIsKept(): void
    {
        $this->readyJob();
        $before = self::everything($this->data);
        $output = new BufferedOutput();
        $this->service(BackupCommand::class)->run(new ArrayInput(['file' => $this->data . '.one']), $output);
        self::assertStringContainsString('it is complete', $output->fetch());
        $this->read($this->ask('PATCH', '/api/settings', ['theme' => 'dark']));
        $changed = self::everything($this->data);
        $lock = ShopLock::take($this->data);
        try {
            $this->service(RestoreCommand::class)->run(new ArrayInput(['file' => $this->data . '.one']), $output);
            self::fail('It is open.');
        } catch (ShopIsOpen) {
            $lock->letGo();
        }
        $this->service(RestoreCommand::class)->run(new ArrayInput(['file' => $this->data . '.one']), $output);
        self::assertSame($before, self::everything($this->data));
        $aside = (array) glob($this->data . '.before-*');
        self::assertCount(1, $aside);
        self::assertSame($changed, self::everything((string) $aside[0]));
    }

    public function testTheDailyOneIsTakenByAWorkerAndTold(): void
    {
        $clock = $this->freeze('2026-11-27 18:00');
        $this->readyJob();
        $lines = fn(): array => array_map(
            static fn($line): string => $line->string('id'),
            $this->read($this->ask('GET', '/api/condition'))->records('lines'),
        );
        self::assertContains('backup', $lines());
        self::assertTrue($this->service(BackUp::class)->isDue());
        $task = $this->read($this->ask('POST', '/api/backups'), 202)->string('id');
        self::assertSame(
            Worked::Nothing,
            $this->service(TaskQueue::class)->workOnNext('quick', true),
            'no photo waits behind it',
        );
        self::assertSame(Worked::Something, $this->service(TaskQueue::class)->workOnNext('one'));
        self::assertSame('done', $this->read($this->ask('GET', '/api/tasks/' . $task))->string('state'));
        self::assertNotContains('backup', $lines());
        self::assertFalse($this->service(BackUp::class)->isDue());
        $backup = $this->read($this->ask('GET', '/api/backups'))->records('backups')[0];
        self::assertSame('wubbin-20261127-180000.backup', $backup->string('name'));
        self::assertSame(200, $this->ask('GET', '/api/backups/' . $backup->string('name'))->getStatusCode());
        self::assertSame(404, $this->ask('GET', '/api/backups/..%2Fwubbin.sqlite')->getStatusCode());
        $clock->modify('+5 days');
        self::assertContains('backup', $lines());
    }

    public function testTheOpenFormatsAreAllInOneArchive(): void
    {
        $this->readyJob();
        ob_start();
        $this->ask('GET', '/api/export.tar')->sendContent();
        file_put_contents($this->data . '.tar', (string) ob_get_clean());
        $names = explode("\n", trim((new Process(['tar', '-tf', $this->data . '.tar']))->mustRun()->getOutput()));
        foreach (['shelf.json', 'jobs/crew.json', 'stock.csv', 'logbook.csv', 'settings.json'] as $name) {
            self::assertContains($name, $names);
        }
        self::assertCount(
            1,
            array_filter(
                $names,
                static fn(string $one): bool => 1 === preg_match('~^pictures/[0-9a-f]{64}\.svg$~', $one),
            ),
        );
    }

    /** Twenty screens press while it is taken: what it holds is one instant of the shop, whole, and opens. */
    public function testOneTakenUnderLoadIsAShopThatOpens(): void
    {
        $this->readyJob();
        $server = RealServer::of($this->data);
        $server->start();
        try {
            $take = new Process(
                [\PHP_BINARY, self::PROJECT . '/bin/wubbin', 'backup', $this->data . '.one'],
                env: ['WUBBIN_DATA' => $this->data],
                timeout: null,
            );
            $take->start();
            $presses = (new Screens($server, 'r', each: 4))->press(4 * Screens::count());
            $take->wait();
        } finally {
            $server->kill();
        }
        self::assertSame(0, $take->getExitCode(), $take->getErrorOutput());
        $into = $this->data . '.elsewhere';
        $this->service(Restore::class)->into($this->data . '.one', null, $into, 99, new Unwatched());
        $database = (new \PDO('sqlite:' . $into . '/wubbin.sqlite'))->query(
            'SELECT press FROM event',
            \PDO::FETCH_COLUMN,
            0,
        );
        self::assertNotFalse($database);
        $stored = array_filter($database->fetchAll(), is_string(...));
        // Each of them was pressed: none is made up, and what was pressed later is missing.
        self::assertSame([], array_diff($stored, $presses));
        $rows = (new DatabaseFile($into))->rowsOf($into . '/wubbin.sqlite');
        self::assertSame(count($stored), $rows['event']);
        (new DatabaseFile($into))->check(['Version99']);
    }
}
