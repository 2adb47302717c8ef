<?php

declare(strict_types=1);

namespace Wubbin\Tests\Keep;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Keep\Removal;
use Wubbin\Keep\UnusedFiles;
use Wubbin\Storage\FileStore;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

/** What is deleted can be taken back as it was for thirty days, and is gone then with the files that nothing uses. */
final class RemovalTest extends ShopTestCase
{
    /** @return list<string> names or ids in a list */
    private function listed(string $path, string $field): array
    {
        return array_map(static fn($row): string => $row->string($field), $this->rows($path));
    }

    public function testAJobIsHiddenAndComesBackAsItWas(): void
    {
        $this->readyJob();
        $before = $this->read($this->ask('GET', '/api/jobs/crew'))->record('job');
        self::assertCount(1, $this->read($this->ask('PUT', '/api/removed/job/crew'))->each());
        self::assertSame([], $this->listed('/api/jobs', 'id'));
        self::assertSame([], $this->listed('/api/jobs?which=archived', 'id'), 'nor among those that were put away');
        $this->read($this->ask('PUT', '/api/removed/job/crew'));
        self::assertCount(1, $this->rows('/api/removed'), 'a second click changes nothing');
        self::assertSame([], $this->read($this->ask('DELETE', '/api/removed/job/crew'))->each());
        self::assertSame(['crew'], $this->listed('/api/jobs', 'id'));
        self::assertEquals($before, $this->read($this->ask('GET', '/api/jobs/crew'))->record('job'));
        $this->read($this->ask('DELETE', '/api/removed/job/crew'), 404);
        $this->read($this->ask('PUT', '/api/removed/job/nobody'), 404);
        $this->read($this->ask('PUT', '/api/removed/weather/crew'), 404);
    }

    public function testWhatWasPutAwayIsPutAwayAgain(): void
    {
        $this->readyJob();
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => [], 'archived' => true]),
        );
        $this->read($this->ask('PUT', '/api/removed/job/crew'));
        $this->read($this->ask('DELETE', '/api/removed/job/crew'));
        self::assertSame([], $this->listed('/api/jobs', 'id'));
        self::assertSame(['crew'], $this->listed('/api/jobs?which=archived', 'id'));
    }

    public function testAJobOnTheBenchStays(): void
    {
        $this->readyJob();
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 1]), 201);
        $problem = $this->read($this->ask('PUT', '/api/removed/job/crew'), 422);
        self::assertStringContainsString('on the bench', $problem->string('title'));
    }

    public function testAPictureThatAJobHasStaysUntilTheJobGoes(): void
    {
        $this->readyJob();
        $sha256 = $this->rows('/api/pictures')[0]->record('picture')->string('sha256');
        $problem = $this->read($this->ask('PUT', '/api/removed/picture/' . $sha256), 422);
        self::assertStringContainsString('Crew shirts', $problem->string('title'));
        $this->read($this->ask('PUT', '/api/removed/job/crew'));
        $this->read($this->ask('PUT', '/api/removed/picture/' . $sha256));
        self::assertSame([], $this->rows('/api/pictures'));
        $this->read($this->ask('DELETE', '/api/removed/picture/' . $sha256));
        self::assertCount(1, $this->rows('/api/pictures'));
    }

    public function testOrdersRecipesAndQuotes(): void
    {
        $this->readyJob();
        $this->read(
            $this->ask('POST', '/api/orders', [
                'id' => 'order',
                'label' => 'Hollow Farm',
                'due' => '',
                'note' => '',
                'lines' => [['what' => 'crew', 'quantity' => '3', 'sizes' => '']],
            ]),
            201,
        );
        $typed = ['route' => 'light-film', 'typed' => ['name' => 'Mill sheet', 'figure.dwell' => '20 s']];
        $this->read($this->ask('POST', '/api/recipes', ['id' => 'mill'] + $typed), 201);
        foreach (['order' => ['order', '/api/orders'], 'recipe' => ['mill', '/api/recipes']] as $kind => [$id, $list]) {
            self::assertCount(1, $this->rows($list), $kind);
            $this->read($this->ask('PUT', '/api/removed/' . $kind . '/' . $id));
            self::assertSame([], $this->rows($list), $kind);
            $this->read($this->ask('DELETE', '/api/removed/' . $kind . '/' . $id));
            self::assertCount(1, $this->rows($list), $kind);
        }
    }

    public function testAfterThirtyDaysItIsGoneWithItsFilesAndNothingElse(): void
    {
        $clock = $this->freeze('2026-11-27 12:00');
        $this->readyJob();
        $kept = $this->read(
            $this->upload(Pictures::save(Pictures::quarters(90, 60), 'png', $this->data . '/k.png'), 'kept.png'),
            201,
        )->string('sha256');
        $gone = $this->read($this->ask('GET', '/api/jobs/crew'))
            ->record('job')
            ->records('transfers')[0]
            ->record('artwork')
            ->string('sha256');
        $this->read($this->ask('PUT', '/api/removed/job/crew'));
        $this->read($this->ask('PUT', '/api/removed/picture/' . $gone));
        $clock->modify('+29 days');
        $forget = function (): void {
            $this->restart();
            $this->service(Removal::class)->forget();
            $this->service(UnusedFiles::class)->forget();
        };
        $forget();
        $this->read($this->ask('GET', '/api/jobs/crew'));
        $files = $this->service(FileStore::class);
        self::assertFileExists($files->path($gone));
        $clock->modify('+2 days');
        $forget();
        $this->read($this->ask('GET', '/api/jobs/crew'), 404);
        self::assertSame([], $this->rows('/api/removed'));
        self::assertFileDoesNotExist($files->path($gone));
        self::assertFileExists($files->path($kept), 'what is used stays');
    }

    /** What was made of a job stays told, with its picture, when the job itself is gone. */
    public function testASessionOutlivesItsJob(): void
    {
        $clock = $this->freeze('2026-11-27 12:00');
        $this->readyJob();
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'old', 'pieces' => 1]), 201);
        $this->service(EntityManagerInterface::class)
            ->getConnection()
            ->executeStatement("UPDATE run SET finished = '2026-11-27T12:00:00.000Z'");
        $this->read($this->ask('PUT', '/api/removed/job/crew'));
        $sha256 = $this->rows('/api/pictures')[0]->record('picture')->string('sha256');
        $clock->modify('+31 days');
        $this->restart();
        $this->service(Removal::class)->forget();
        $this->service(UnusedFiles::class)->forget();
        $this->read($this->ask('GET', '/api/jobs/crew'), 404);
        self::assertTrue($this->read($this->ask('GET', '/api/runs/old'))->boolean('stale'));
        self::assertFileExists($this->service(FileStore::class)->path($sha256));
    }
}
