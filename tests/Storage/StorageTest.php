<?php

declare(strict_types=1);

namespace Wubbin\Tests\Storage;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\Migrations\Configuration\Connection\ExistingConnection;
use Doctrine\Migrations\Configuration\Migration\ConfigurationArray;
use Doctrine\Migrations\DependencyFactory;
use Doctrine\Migrations\Metadata\AvailableMigration;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Tools\SchemaTool;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Wubbin\Storage\DatabaseFile;
use Wubbin\Storage\Disk;
use Wubbin\Storage\FileStore;
use Wubbin\Storage\Instant;
use Wubbin\Storage\MigrateCommand;
use Wubbin\Tests\Support\ShopTestCase;

final class StorageTest extends ShopTestCase
{
    public function testTheMigrationGivesWhatTheEntitiesWant(): void
    {
        $entities = $this->service(EntityManagerInterface::class);
        // The index of words is the database's own; no entity knows of it.
        $this->service(Connection::class)->executeStatement('DROP TABLE word');
        $this->service(Connection::class)->executeStatement('DROP TABLE word_of');
        $missing = array_filter(
            (new SchemaTool($entities))->getUpdateSchemaSql($entities->getMetadataFactory()->getAllMetadata()),
            static fn(string $sql): bool => !str_contains($sql, 'doctrine_migration_versions'),
        );
        self::assertSame([], array_values($missing));
    }

    public function testWhatIsConfirmedIsOnTheDisk(): void
    {
        $connection = $this->service(Connection::class);
        self::assertSame('wal', $connection->fetchOne('PRAGMA journal_mode'));
        self::assertSame(2, $connection->fetchOne('PRAGMA synchronous'), 'FULL');
        self::assertSame(1, $connection->fetchOne('PRAGMA foreign_keys'));
        self::assertGreaterThanOrEqual(1000, $connection->fetchOne('PRAGMA busy_timeout'));
    }

    public function testTheNextMigrationWorksOnAFilledShopAfterACopyWasTaken(): void
    {
        $id = $this->readyJob();
        $before = (string) $this->ask('GET', '/api/jobs/' . $id)->getContent();
        $output = new BufferedOutput();
        $this->migrateWithTheNext($output);

        $connection = $this->service(Connection::class);
        self::assertSame('unsaid', $connection->fetchOne('SELECT customer FROM job WHERE id = ?', [$id]));
        self::assertSame($before, (string) $this->ask('GET', '/api/jobs/' . $id)->getContent());
        $copies = (array) glob($this->data . '/before-*.sqlite');
        self::assertCount(1, $copies);
        self::assertStringContainsString((string) $copies[0], $output->fetch());
        $copied = (new \PDO('sqlite:' . $copies[0]))->query('SELECT * FROM job', \PDO::FETCH_ASSOC);
        self::assertNotFalse($copied);
        $rows = $copied->fetch();
        self::assertIsArray($rows);
        self::assertSame($id, $rows['id']);
        self::assertArrayNotHasKey('customer', $rows);
    }

    public function testAMigrationThatFailsChangesNothingAndLeavesTheCopy(): void
    {
        $id = $this->readyJob();
        $this->service(Connection::class)->executeStatement('ALTER TABLE job ADD COLUMN customer VARCHAR(40)');
        $this->restart();
        try {
            $this->migrateWithTheNext(new BufferedOutput());
            self::fail('The column is there already.');
        } catch (DriverException) {
            self::assertSame(
                'Wubbin\Migrations\Version13',
                $this->service(Connection::class)->fetchOne(
                    'SELECT version FROM doctrine_migration_versions ORDER BY length(version) DESC, version DESC',
                ),
            );
            self::assertNull(
                $this->service(Connection::class)->fetchOne('SELECT customer FROM job WHERE id = ?', [$id]),
            );
            self::assertCount(1, (array) glob($this->data . '/before-*.sqlite'));
        }
    }

    /** The tenth comes after the seventh, and not before it as its letters would have it. */
    public function testMigrationsComeInTheOrderOfTheirNumbers(): void
    {
        $plan = $this->service(DependencyFactory::class)->getMigrationPlanCalculator()->getMigrations()->getItems();
        $numbers = array_map(
            static fn(AvailableMigration $one): int => (int) substr(
                (string) strrchr((string) $one->getVersion(), 'V'),
                7,
            ),
            $plan,
        );
        self::assertSame(range(7, 6 + count($numbers)), array_values($numbers));
        self::assertGreaterThan(3, count($numbers));
    }

    public function testAShopFromBeforeTheMigrationsBecameOneOpensUnchanged(): void
    {
        $id = $this->readyJob();
        $connection = $this->service(Connection::class);
        foreach (range(1, 6) as $number) {
            $connection->executeStatement('INSERT INTO doctrine_migration_versions (version) VALUES (?)', [
                'Wubbin\Migrations\Version' . $number,
            ]);
        }
        foreach (['run', 'stock_item'] as $table) {
            $connection->executeStatement('ALTER TABLE ' . $table . ' ADD COLUMN presses INTEGER NOT NULL DEFAULT 0');
        }
        $this->restart();
        $this->service(MigrateCommand::class)->run(new ArrayInput([]), new BufferedOutput());
        self::assertSame([], (array) glob($this->data . '/before-*.sqlite'));
        $this->read($this->ask('POST', '/api/jobs/' . $id . '/runs', ['id' => 'run', 'pieces' => 1]), 201);
        $this->read(
            $this->ask('POST', '/api/stock', [
                'id' => 'bought',
                'item' => 'sheet film-clear-a4',
                'kind' => 'bought',
                'amount' => '10',
                'price' => '9',
                'note' => '',
            ]),
        );
    }

    public function testAMigratedShopIsLeftAlone(): void
    {
        $this->service(MigrateCommand::class)->run(new ArrayInput([]), new BufferedOutput());
        self::assertSame([], (array) glob($this->data . '/before-*.sqlite'));
    }

    public function testNoHalfFileIsLeftWhereWritingFails(): void
    {
        $files = new FileStore($this->data);
        try {
            $files->write('ab' . str_repeat('0', 62), 'made', static function (string $to): bool {
                file_put_contents($to, 'half');

                return false;
            });
            self::fail('A failed write must be told.');
        } catch (\RuntimeException) {
            self::assertSame([], (array) glob($this->data . '/files/ab/*/*'));
        }
    }

    public function testTheSameContentIsKeptOnce(): void
    {
        $files = new FileStore($this->data);
        file_put_contents($this->data . '/a', 'same');
        file_put_contents($this->data . '/b', 'same');
        self::assertSame($files->keep($this->data . '/a'), $files->keep($this->data . '/b'));
        self::assertSame(hash('sha256', 'same'), $files->keep($this->data . '/a'));
    }

    public function testInstantsAreUtcAndSortByTime(): void
    {
        $summer = new \DateTimeImmutable('2026-10-25 02:30:00.5', new \DateTimeZone('+02:00'));
        $winter = new \DateTimeImmutable('2026-10-25 02:30:00.25', new \DateTimeZone('+01:00'));
        self::assertSame('2026-10-25T00:30:00.500Z', Instant::write($summer));
        self::assertGreaterThan(Instant::write($summer), Instant::write($winter));
        self::assertEquals($summer, Instant::read(Instant::write($summer)));
    }

    /** As a later Wubbin would, with one migration more. */
    private function migrateWithTheNext(BufferedOutput $output): void
    {
        $connection = $this->service(Connection::class);
        $migrations = DependencyFactory::fromConnection(
            new ConfigurationArray([
                'migrations_paths' => [
                    'Wubbin\Migrations' => self::PROJECT . '/migrations',
                    'Wubbin\Tests\Storage\NextMigration' => __DIR__ . '/NextMigration',
                ],
            ]),
            new ExistingConnection($connection),
        );
        (new MigrateCommand(
            $migrations,
            $connection,
            $this->data,
            $this->service(DatabaseFile::class),
            $this->service(Disk::class),
        ))->run(new ArrayInput([]), $output);
    }
}
