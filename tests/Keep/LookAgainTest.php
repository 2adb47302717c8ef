<?php

declare(strict_types=1);

namespace Wubbin\Tests\Keep;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Artwork\ReadPicture;
use Wubbin\Core\Measure\Record;
use Wubbin\Keep\LookAgain;
use Wubbin\Storage\FileStore;
use Wubbin\Task\Unwatched;
use Wubbin\Tests\Support\ShopTestCase;

/** Pictures that an older edition looked at. */
final class LookAgainTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    public function testTheyAreLookedAtAgainAndPrintedSheetsKeepTheirStanding(): void
    {
        $clock = $this->freeze('2026-11-27 09:00:00');
        $id = $this->readyJob();
        self::assertSame(201, $this->ask('POST', '/api/jobs/' . $id . '/sheet')->getStatusCode());
        $clock->sleep(60);
        $sha256 = $this->asOlder();
        $before = $this->read($this->ask('GET', '/api/jobs/' . $id));
        self::assertTrue(
            null === ($before->record('plan')->records('transfers')[0]->raw()['look'] ?? null),
            'what an older look found is not taken for what one finds now',
        );

        self::assertTrue($this->service(LookAgain::class)->isDue());
        $this->service(LookAgain::class)->run(Record::of([]), new Unwatched());
        self::assertFalse($this->service(LookAgain::class)->isDue());
        self::assertFileExists($this->service(FileStore::class)->path($sha256, ReadPicture::COVERAGE));
        $after = $this->read($this->ask('GET', '/api/jobs/' . $id));
        self::assertSame(
            'clear',
            $after->record('plan')->records('transfers')[0]->record('look')->record('background')->string('ground'),
        );
        self::assertSame($before->integer('revision'), $after->integer('revision'), 'no job is changed by it');
        self::assertSame(
            $before->record('plan')->records('transfers')[0]->record('placed')->raw(),
            $after->record('plan')->records('transfers')[0]->record('placed')->raw(),
        );
        self::assertTrue($after->record('printed')->boolean('current'), 'what was printed is still of this job');
    }

    /** What cannot be read any more is not looked at for ever. */
    public function testAFileThatIsDamagedIsLeftAlone(): void
    {
        $this->readyJob();
        $sha256 = $this->asOlder();
        file_put_contents($this->service(FileStore::class)->path($sha256), 'gone');
        $this->service(LookAgain::class)->run(Record::of([]), new Unwatched());
        self::assertFalse($this->service(LookAgain::class)->isDue());
    }

    /** As a shop has its picture that was filled by the edition before. */
    private function asOlder(): string
    {
        $connection = $this->service(EntityManagerInterface::class)->getConnection();
        $connection->executeStatement(
            'UPDATE artwork SET facts = json_set(facts, \'$.traits\', json(\'{"background":null}\'))',
        );
        $sha256 = $connection->fetchOne('SELECT sha256 FROM artwork');
        self::assertIsString($sha256);
        unlink($this->service(FileStore::class)->path($sha256, ReadPicture::COVERAGE));

        return $sha256;
    }
}
