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

    /** Jobs, frozen plans and pictures as they were written when a piece had one picture and nobody looked at its pixels. */
    public function testAShopOfOnePictureAPieceIsBroughtAlong(): void
    {
        $id = $this->readyJob();
        $run = $this->read($this->ask('POST', '/api/jobs/'.$id.'/runs', ['id' => 'old-run', 'pieces' => 1]), 201);
        $connection = $this->service(Connection::class);
        $sha256 = $this->read($this->ask('GET', '/api/jobs/'.$id))->records('artworks')[0]->string('sha256');
        // What is of the picture goes back to stand beside the job's name, and beside the plan's.
        foreach (['job' => ['artwork', 'placement', 'route', 'finish', 'choices', 'overrides'], 'run' => ['route', 'heat', 'decisions', 'checks', 'cautions', 'stack', 'blank', 'placed', 'sheet', 'coverage', 'artwork']] as $table => $names) {
            $set = implode(', ', array_map(static fn (string $name): string => "'$.".$name."', json_extract(document, '$.transfers[0].".$name."')", $names));
            $connection->executeStatement('UPDATE '.$table.' SET document = json_remove(json_set(document, '.$set."), '$.transfers')");
        }
        $connection->executeStatement("UPDATE artwork SET facts = json_remove(facts, '$.traits')");
        $connection->executeStatement("DELETE FROM doctrine_migration_versions WHERE version LIKE '%Version3'");
        $this->restart();
        $this->service(MigrateCommand::class)->run(new ArrayInput([]), new BufferedOutput());
        $view = $this->read($this->ask('GET', '/api/jobs/'.$id));
        self::assertTrue($view->record('plan')->boolean('ready'));
        self::assertSame('front', $view->record('job')->records('transfers')[0]->string('side'));
        $again = $this->read($this->ask('GET', '/api/runs/old-run'))->record('plan')->records('transfers')[0];
        self::assertCount(count($run->record('plan')->records('transfers')[0]->records('decisions')), $again->records('decisions'));
        self::assertFalse($view->record('plan')->records('transfers')[0]->has('look'), 'nobody has looked yet');
        $this->read($this->upload($this->data.'/files/'.substr($sha256, 0, 2).'/'.$sha256.'/original'), 201);
        self::assertTrue($this->read($this->ask('GET', '/api/jobs/'.$id))->record('plan')->records('transfers')[0]->has('look'), 'taken again, it is looked at');
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
