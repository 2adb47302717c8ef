<?php

declare(strict_types=1);

namespace Wubbin\Tests\Storage;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Tools\SchemaTool;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Wubbin\Storage\FileStore;
use Wubbin\Storage\Instant;
use Wubbin\Storage\MigrateCommand;
use Wubbin\Tests\Support\ShopTestCase;

final class StorageTest extends ShopTestCase
{
    public function testTheMigrationGivesWhatTheEntitiesWant(): void
    {
        $entities = $this->service(EntityManagerInterface::class);
        $missing = array_filter(
            (new SchemaTool($entities))->getUpdateSchemaSql($entities->getMetadataFactory()->getAllMetadata()),
            static fn (string $sql): bool => !str_contains($sql, 'doctrine_migration_versions'),
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

    public function testACopyIsTakenBeforeAMigration(): void
    {
        $this->readyJob();
        $this->service(Connection::class)->executeStatement('DELETE FROM doctrine_migration_versions');
        $this->service(Connection::class)->executeStatement('DROP TABLE setting');
        $this->restart();
        $output = new BufferedOutput();
        try {
            $this->service(MigrateCommand::class)->run(new ArrayInput([]), $output);
        } catch (\Throwable) {
            // The tables are there already, so this migration must fail; the copy was taken before.
        }
        $copies = (array) glob($this->data.'/before-*.sqlite');
        self::assertCount(1, $copies);
        $rows = (new \PDO('sqlite:'.$copies[0]))->query('SELECT id FROM job', \PDO::FETCH_COLUMN, 0);
        self::assertNotFalse($rows);
        self::assertSame(['crew'], $rows->fetchAll());
    }

    public function testAMigratedShopIsLeftAlone(): void
    {
        $this->service(MigrateCommand::class)->run(new ArrayInput([]), new BufferedOutput());
        self::assertSame([], (array) glob($this->data.'/before-*.sqlite'));
    }

    public function testNoHalfFileIsLeftWhereWritingFails(): void
    {
        $files = new FileStore($this->data);
        try {
            $files->write('ab'.str_repeat('0', 62), 'made', static function (string $to): bool {
                file_put_contents($to, 'half');

                return false;
            });
            self::fail('A failed write must be told.');
        } catch (\RuntimeException) {
            self::assertSame([], (array) glob($this->data.'/files/ab/*/*'));
        }
    }

    public function testTheSameContentIsKeptOnce(): void
    {
        $files = new FileStore($this->data);
        file_put_contents($this->data.'/a', 'same');
        file_put_contents($this->data.'/b', 'same');
        self::assertSame($files->keep($this->data.'/a'), $files->keep($this->data.'/b'));
        self::assertSame(hash('sha256', 'same'), $files->keep($this->data.'/a'));
    }

    public function testInstantsAreUtcAndSortByTime(): void
    {
        $summer = new \DateTimeImmutable('2026-10-25 02:30:00.5', new \DateTimeZone('+02:00'));
        $winter = new \DateTimeImmutable('2026-10-25 02:30:00.25', new \DateTimeZone('+01:00'));
        self::assertSame('2026-10-25T00:30:00.500Z', Instant::write($summer));
        self::assertGreaterThan(Instant::write($summer), Instant::write($winter));
        self::assertEquals($summer, Instant::read(Instant::write($summer)));
    }
}
