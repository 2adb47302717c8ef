<?php

declare(strict_types=1);

namespace Wubbin\Tests\Job;

use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

final class PictureApiTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    public function testPicturesAreListedWithTheJobsTheyAreOn(): void
    {
        $id = $this->readyJob();
        $this->read($this->upload(Pictures::save(Pictures::quarters(40, 30), 'png', $this->data . '/in')), 201);
        $entries = $this->rows('/api/pictures');
        self::assertCount(2, $entries);
        $uses = array_map(
            static fn($entry): array => array_map(
                static fn($job): string => $job->string('id'),
                $entry->records('jobs'),
            ),
            $entries,
        );
        self::assertContains([$id], $uses);
        self::assertContains([], $uses);
    }

    public function testANewVersionTakesThePlaceOfTheOldAtTheSameWidth(): void
    {
        $id = $this->readyJob();
        $job = $this->read($this->ask('GET', '/api/jobs/' . $id));
        $old = $job->records('artworks')[0]->string('sha256');
        $new = $this->read(
            $this->upload(Pictures::save(Pictures::quarters(400, 100), 'png', $this->data . '/in')),
            201,
        )->string('sha256');
        self::assertSame(
            [$id],
            array_map(
                static fn($use): string => $use->string('id'),
                $this->read($this->ask('POST', '/api/pictures/' . $old . '/replace', ['by' => $new]))->each(),
            ),
        );
        $after = $this->read($this->ask('GET', '/api/jobs/' . $id));
        self::assertSame($new, $after->records('artworks')[0]->string('sha256'));
        $placed = $after->record('plan')->records('transfers')[0]->record('placed');
        self::assertEqualsWithDelta([240.0, 60.0], [$placed->number('width_mm'), $placed->number('height_mm')], 0.01);
        self::assertGreaterThan($job->integer('revision'), $after->integer('revision'), 'another window notices');
    }

    public function testWhatIsNotThereCannotBeReplacedOrPutIn(): void
    {
        $this->readyJob();
        $there = $this->rows('/api/pictures')[0]->record('picture')->string('sha256');
        $this->read($this->ask('POST', '/api/pictures/' . $there . '/replace', ['by' => str_repeat('0', 64)]), 404);
        $this->read($this->ask('POST', '/api/pictures/' . str_repeat('0', 64) . '/replace', ['by' => $there]), 404);
    }
}
