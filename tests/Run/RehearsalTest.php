<?php

declare(strict_types=1);

namespace Wubbin\Tests\Run;

use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

/** The bench without a piece: the same steps and rules, and nothing is stored. */
final class RehearsalTest extends ShopTestCase
{
    public function testItGoesFromTheFirstStepToTheLastAndLogsNothing(): void
    {
        $id = $this->readyJob();
        [$presses, $at, $now] = [[], [], 0.0];
        $titles = [];
        for ($n = 0; $n < 200; ++$n) {
            $view = $this->rehearsed($id, $presses, $at, $now);
            $hand = $view->records('hands')[0] ?? null;
            if (null === $hand) {
                break;
            }
            $titles[] = $hand->record('step')->string('id');
            $now += 5.0;
            $presses[] =
                ['id' => 'press-' . $n, 'position' => $hand->integer('position')] +
                match (true) {
                    $hand->boolean('judging') => ['type' => 'judged', 'outcome' => 'good'],
                    [] !== $hand->strings('questions') => ['type' => 'checked'],
                    $hand->boolean('timed') && null === $hand->stringOrNull('since') => ['type' => 'started'],
                    default => ['type' => 'done'],
                };
            $at[] = $now;
        }
        self::assertTrue($this->rehearsed($id, $presses, $at, $now)->boolean('finished'));
        self::assertContains('peel', $titles);
        self::assertSame([], $this->read($this->ask('GET', '/api/runs'))->each(), 'no session');
        self::assertSame(0, $this->read($this->ask('GET', '/api/logbook'))->integer('total'), 'no piece');
        self::assertNotSame([], $this->read($this->ask('GET', '/api/jobs/' . $id . '/rehearsal/drawings'))->raw());
    }

    /** Its clock is the page’s: what was started a while ago there has run for so long. */
    public function testItsClockIsThePages(): void
    {
        $id = $this->readyJob();
        $view = $this->rehearsed($id, [], [], 0.0);
        $position = $view->records('hands')[0]->integer('position');
        $press = [['id' => 'p', 'position' => $position, 'type' => 'done']];
        $later = $this->rehearsed($id, $press, [2.0], 600.0);
        self::assertNotSame($position, $later->records('hands')[0]->integer('position'));
    }

    public function testWhatWasNeverThereIsRefused(): void
    {
        $id = $this->readyJob();
        $body = ['presses' => [['id' => 'p', 'position' => 900, 'type' => 'done']], 'at' => [1.0], 'now_s' => 1.0];
        self::assertContains($this->ask('POST', "/api/jobs/$id/rehearsal", $body)->getStatusCode(), [409, 422]);
        self::assertSame(422, $this->ask('POST', "/api/jobs/$id/rehearsal", ['at' => []] + $body)->getStatusCode());
        self::assertSame(404, $this->ask('POST', '/api/jobs/none/rehearsal', $body)->getStatusCode());
    }

    /**
     * @param list<array<string, mixed>> $presses
     * @param list<float> $at
     */
    private function rehearsed(string $id, array $presses, array $at, float $now): Record
    {
        return $this->read(
            $this->ask('POST', "/api/jobs/$id/rehearsal", ['presses' => $presses, 'at' => $at, 'now_s' => $now]),
        );
    }
}
