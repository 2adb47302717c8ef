<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Work;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\RefusedEdit;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\BenchStep;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Run\Outcome;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Work\Place;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Task;
use Wubbin\Core\Work\Work;

/** Numbers, rooms and plates at their edges. */
final class BadInputTest extends TestCase
{
    public function testNoPieceIsNoWork(): void
    {
        $work = Work::of(self::tags(4), new Places(), [0]);
        self::assertSame([[], 0, 0], [$work->tasks(), $work->handsS(), $work->sheets->count()]);
    }

    #[TestWith(['0'])]
    #[TestWith(['-3'])]
    #[TestWith(['10001'])]
    #[TestWith(['4.5'])]
    public function testAJobIsOfOneToTenThousandPieces(string $typed): void
    {
        $this->expectException(RefusedEdit::class);
        Orchard::edit(Orchard::job(), ['quantity' => $typed]);
    }

    public function testTenThousandPiecesAreEachDoneOnce(): void
    {
        $work = Work::of(self::tags(10_000), new Places());
        $heated = [];
        foreach ($work->tasks() as $task) {
            if ('heat' === $task->step->id) {
                array_push($heated, ...$task->pieces);
            }
        }
        sort($heated);
        self::assertSame(range(1, 10_000), $heated);
        self::assertSame(
            10_000,
            array_sum(
                array_map(
                    static fn(Task $task): int => 'look' === $task->step->id ? count(array_merge(...$task->sheets)) : 0,
                    $work->tasks(),
                ),
            ),
        );
    }

    /** Room for one: everything that waits waits one by one, and nothing is lost. */
    public function testMorePiecesThanAnyRackHolds(): void
    {
        $tasks = Work::of(self::tags(30), new Places(1, 1))->tasks();
        foreach ($tasks as $task) {
            if (null !== $task->place) {
                self::assertSame(1, $task->count, $task->id);
            }
        }
        $dried = array_sum(
            array_map(
                static fn(Task $task): int => Place::Rack === $task->place && 'coat-wait-1' === $task->step->id ? 1 : 0,
                $tasks,
            ),
        );
        self::assertSame(30, $dried);
    }

    /** A board that is larger than the sole, moved over it place by place: one at a time. */
    public function testAPlateThatTakesNone(): void
    {
        $plan = Orchard::whole(Orchard::jobOf('paper-wood', ['quantity' => 3]));
        self::assertGreaterThan(1, count($plan->transfers[0]->arrangement->coverage->places ?? []));
        foreach (Work::of($plan, new Places())->tasks() as $task) {
            if ('heat' === $task->step->kind->value) {
                self::assertCount(1, $task->pieces);
            }
        }
    }

    /** Half of a sheet is pressed when the rest is spoiled: what is judged is out, and the others go on. */
    public function testASheetIsSpoiledAfterHalfItsPieces(): void
    {
        $sequence = BenchSequence::fromTasks(Work::of(self::tags(6), new Places())->tasks());
        $at = new \DateTimeImmutable('2026-11-28 10:00:00 UTC');
        $events = [];
        foreach ($sequence->steps as $position => $step) {
            if ('place' === $step->stepId && in_array(4, $step->pieces, true)) {
                break;
            }
            $events[] = Event::done($position, $at);
        }
        $place = count($events);
        $cut = array_flip(array_map(static fn(BenchStep $one): string => $one->stepId, $sequence->steps))['cut'];
        foreach ([4, 5, 6] as $piece) {
            $events[] = Event::judged($cut, $at, Outcome::Spoiled, [], piece: $piece);
        }
        $state = BenchState::fromEvents($sequence, $events);
        self::assertSame([4, 5, 6], array_keys($state->outcomes()));
        self::assertTrue($state->over($place) || [] !== $state->living($place));
        foreach ($state->atHand() as $position) {
            self::assertSame([], array_intersect($state->living($position), [4, 5, 6]));
            self::assertTrue($sequence->steps[$position]->shared || [] !== $state->living($position));
        }
    }

    private static function tags(int $quantity): Plan
    {
        return Orchard::whole(Orchard::jobOf('toner-metal', ['quantity' => $quantity]));
    }
}
