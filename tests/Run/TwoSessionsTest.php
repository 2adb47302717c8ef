<?php

declare(strict_types=1);

namespace Wubbin\Tests\Run;

use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

/** Two sessions at the bench at once: of two jobs where one heats and the other degreases, and of one job. */
final class TwoSessionsTest extends ShopTestCase
{
    private int $presses = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->readyJob();
    }

    public function testASolventWaitsForTheHeatOfAnotherJob(): void
    {
        $picture = $this->read($this->ask('GET', '/api/jobs/crew'))->records('artworks')[0]->string('sha256');
        $this->read(
            $this->ask('POST', '/api/jobs', [
                'id' => 'tags',
                'name' => 'Row tags',
                'changes' => ['kind' => 'metal', 'route' => 'toner-metal', 'artwork' => $picture, 'width' => '30 mm'],
            ]),
            201,
        );
        $plan = $this->read($this->ask('GET', '/api/jobs/tags'))->record('plan')->records('transfers')[0];
        $open = [];
        foreach ($plan->records('checks') as $check) {
            if (in_array($check->string('severity'), ['stop', 'missing', 'impossible'], true)) {
                $open['override.' . $check->string('id')] = 'for this test';
            }
        }
        $revision = $this->read($this->ask('GET', '/api/jobs/tags'))->integer('revision');
        $this->read($this->ask('PATCH', '/api/jobs/tags', ['revision' => $revision, 'changes' => $open]));
        $this->begin('crew', 'shirts');
        $this->begin('tags', 'tags');
        $this->until('tags', 'clean');
        self::assertNull($this->hand('tags', 'clean')->stringOrNull('held'));

        $this->until('shirts', 'heat');
        $hand = $this->hand('shirts', 'heat');
        $this->press('shirts', $hand, 'checked');
        $this->press('shirts', $hand, 'started');
        self::assertSame('Crew shirts', $this->hand('tags', 'clean')->string('held'));
        self::assertNotSame('clean', $this->rowsOfBench()[0]->record('step')->string('kind'), 'it is not offered');

        $hours = $this->read($this->ask('GET', '/api/day'))->record('hours')->raw();
        $this->read($this->ask('PUT', '/api/day/hours', ['apart' => true] + $hours));
        self::assertNull($this->hand('tags', 'clean')->stringOrNull('held'), 'where it is done elsewhere');
        $this->read($this->ask('PUT', '/api/day/hours', ['apart' => false] + $hours));

        $this->press('shirts', $hand, 'done');
        self::assertSame('Crew shirts', $this->hand('tags', 'clean')->string('held'), 'the iron is still on');
        $this->until('shirts', 'off');
        $this->press('shirts', $this->hand('shirts', 'off'), 'done');
        self::assertNull($this->hand('tags', 'clean')->stringOrNull('held'));
    }

    /** Each goes on by itself, and what both use of the stock is taken once for each. */
    public function testOneJobTwice(): void
    {
        $this->begin('crew', 'one', 2);
        $this->begin('crew', 'two');
        $this->until('one', 'dry');
        $this->until('two', 'heat');
        self::assertSame('dry', $this->hands('one')[0]->record('step')->string('kind'));
        $this->until('two', '');
        $this->until('one', '');
        $entries = $this->read($this->ask('GET', '/api/logbook'))->records('entries');
        self::assertSame(
            ['one' => 2, 'two' => 1],
            array_count_values(array_map(static fn(Record $one): string => $one->string('run'), $entries)),
        );
        $list = $this->rows('/api/jobs');
        self::assertSame(3, $list[0]->integer('good'));
    }

    /** More are wanted than were begun: the first go on as they are, and the rest is a session of its own. */
    public function testPiecesAreAddedWhileTheFirstOnesCool(): void
    {
        $this->changed(['quantity' => '2']);
        $this->begin('crew', 'one', 2);
        $this->until('one', 'cool');
        $this->press('one', $this->hand('one', 'cool'), 'started');
        $this->changed(['quantity' => '5']);
        self::assertFalse($this->read($this->ask('GET', '/api/runs/one'))->boolean('stale'), 'it is the same plan');
        $offer = $this->read($this->ask('GET', '/api/jobs/crew/runs'));
        self::assertSame([2, 3], [$offer->integer('in_hand'), $offer->integer('left')]);
        $this->begin('crew', 'two', 3);
        $this->until('two', '');
        $this->until('one', '');
        self::assertSame(5, $this->read($this->ask('GET', '/api/jobs/crew/runs'))->integer('good'));
    }

    /** @param array<string, string> $changes */
    private function changed(array $changes): void
    {
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => $changes]));
    }

    private function begin(string $job, string $run, int $pieces = 1): void
    {
        $this->read($this->ask('POST', '/api/jobs/' . $job . '/runs', ['id' => $run, 'pieces' => $pieces]), 201);
    }

    /** @return list<Record> */
    private function rowsOfBench(): array
    {
        return $this->read($this->ask('GET', '/api/bench'))->records('hands');
    }

    /** @return list<Record> */
    private function hands(string $run): array
    {
        return $this->read($this->ask('GET', '/api/runs/' . $run))->records('hands');
    }

    private function hand(string $run, string $kind): Record
    {
        foreach ($this->hands($run) as $hand) {
            if ($kind === $hand->record('step')->string('kind')) {
                return $hand;
            }
        }

        self::fail($kind . ' is not at hand.');
    }

    /** Does what is in front until a step of this kind is at hand; or until nothing is. */
    private function until(string $run, string $kind): void
    {
        for ($tries = 0; $tries < 200; ++$tries) {
            $hands = $this->hands($run);
            $kinds = array_map(static fn(Record $hand): string => $hand->record('step')->string('kind'), $hands);
            if ([] === $hands || in_array($kind, $kinds, true)) {
                return;
            }
            $hand = $hands[0];
            if ($hand->boolean('judging')) {
                $this->press($run, $hand, 'judged', ['outcome' => 'good', 'piece' => $hand->integer('piece')]);
                continue;
            }
            if ([] !== $hand->strings('questions')) {
                $this->press($run, $hand, 'checked');
            }
            if ($hand->boolean('timed') && null === $hand->stringOrNull('since')) {
                $this->press($run, $hand, 'started');
            }
            $this->press($run, $hand, 'done');
        }
        self::fail('It never comes to an end.');
    }

    /** @param array<string, mixed> $more */
    private function press(string $run, Record $hand, string $type, array $more = []): void
    {
        $this->read(
            $this->ask(
                'POST',
                '/api/runs/' . $run . '/presses',
                ['id' => 'p' . ++$this->presses, 'position' => $hand->integer('position'), 'type' => $type] + $more,
            ),
        );
    }
}
