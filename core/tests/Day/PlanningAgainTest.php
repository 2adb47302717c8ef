<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Laying;
use Wubbin\Core\Day\Move;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Wait;
use Wubbin\Core\Day\Workshop;

/** What runs, what is pinned, and what moves when something changes. */
final class PlanningAgainTest extends TestCase
{
    public function testWhatIsPinnedBeginsThen(): void
    {
        $activities = [
            new Activity('a', 'one', 'a', 600, true),
            new Activity('b', 'two', 'b', 600, true, pinned: 7200),
        ];
        self::assertSame(
            7200,
            Scheduler::first(new Day($activities, new Workshop(1, SeededDays::always()), 0))->starts['b'],
        );
    }

    /** What comes before a pinned one is done in time for it, whatever else is due first. */
    public function testWhatAPinnedOneNeedsComesFirst(): void
    {
        $activities = [
            new Activity('other', 'hurry', 'other', 3000, true, due: 3000),
            new Activity('coat', 'board', 'coat', 600, true),
            new Activity('fuse', 'board', 'fuse', 300, true, after: [new Wait('coat', 1200)], pinned: 1800),
        ];
        $table = Scheduler::first(new Day($activities, new Workshop(1, SeededDays::always()), 0));
        self::assertSame(1800, $table->starts['fuse']);
        self::assertSame([], $table->unkept());
        self::assertSame([], Checker::of($table));
    }

    public function testAPinThatCannotBeKeptIsTold(): void
    {
        $night = new Hours([[0, 3600], [86_400, 90_000]]);
        $activities = [
            (new Activity('a', 'one', 'a', 600, true))->pinnedAt(50_000),
            new Activity('b', 'two', 'b', 600, true, pinned: 600),
        ];
        $table = Scheduler::first(new Day($activities, new Workshop(1, $night), 0));
        self::assertSame(['a'], $table->unkept(), 'no hands at that hour');
        self::assertSame(86_400, $table->starts['a'], 'as soon after as can be');
        self::assertSame(600, $table->starts['b']);
    }

    /** The press has been down since before now: it stays so, and what follows waits for it. */
    public function testWhatIsRunningStays(): void
    {
        $activities = [
            new Activity('running', 'shirts', 'press', 60, true, 'press', 180.0, began: 970),
            new Activity('next', 'mugs', 'press', 60, true, 'press', 180.0, due: 1000),
            new Activity('peel', 'shirts', 'peel', 20, true, after: [new Wait('running')]),
        ];
        $table = Scheduler::first(new Day($activities, new Workshop(1, SeededDays::always(), ['press' => 1]), 1000));
        self::assertSame(970, $table->starts['running']);
        self::assertSame(1030, min($table->starts['next'], $table->starts['peel']));
        self::assertSame([], Checker::of($table));
    }

    /** Reality may run over: two clocks that both want the one pair of hands, out of hours, are not argued with. */
    public function testWhatIsRunningIsNotHeldAgainstTheRules(): void
    {
        $activities = array_map(
            static fn(int $n): Activity => new Activity('r' . $n, 'job', 'press', 60, true, 'press', began: 90),
            [1, 2],
        );
        $table = Scheduler::first(new Day($activities, new Workshop(1, new Hours([[200, 400]]), ['press' => 1]), 100));
        self::assertSame(['r1' => 90, 'r2' => 90], $table->starts);
        self::assertArrayNotHasKey('hands', $table->lanes['r2']);
    }

    public function testWhatMovedIsTold(): void
    {
        $activities = [
            new Activity('a', 'shirts', 'press', 600, true),
            new Activity('b', 'shirts', 'peel', 60, true, after: [new Wait('a')]),
            new Activity('c', 'mugs', 'wrap', 60, true),
        ];
        $table = Laying::fromRanks(new Day($activities, new Workshop(1, SeededDays::always()), 4000), [0.0, 1.0, 2.0]);
        $moves = Move::since(['a' => 1000, 'b' => 1600, 'c' => 4500], ['shirts' => 1660, 'mugs' => 4560], $table);
        self::assertCount(1, $moves, 'what moved by less than five minutes is where it was');
        self::assertSame(
            [
                'group' => 'shirts',
                'count' => 2,
                'label' => 'press',
                'was' => 1000,
                'is' => 4000,
                'over' => 1660,
                'end' => 4720,
            ],
            get_object_vars($moves[0]),
        );
    }

    /** When a piece is spoiled the rest flows again, in the order that people have seen. */
    public function testPlanningAgainMovesLittle(): void
    {
        $of = static fn(int ...$n): array => array_map(
            static fn(int $one): Activity => new Activity('p' . $one, 'job', 'press', 60, true),
            array_values($n),
        );
        $workshop = new Workshop(1, SeededDays::always());
        $before = Laying::fromRanks(new Day($of(1, 2, 3, 4), $workshop, 0), [3.0, 1.0, 0.0, 2.0]);
        $after = Scheduler::again(new Day($of(1, 2, 4, 5), $workshop, 60), $before->starts);
        self::assertSame(
            ['p2' => 60, 'p4' => 120, 'p1' => 180, 'p5' => 240],
            $after->starts,
            'the third is out, a fifth comes last',
        );
    }

    /** Planned again with nothing changed, nothing moves, over seeded days. */
    public function testWhereNothingChangedNothingMoves(): void
    {
        $moved = 0;
        for ($seed = 1; $seed <= SeededDays::COUNT; ++$seed) {
            $day = SeededDays::day($seed);
            $first = Scheduler::first($day);
            $again = Scheduler::again($day, $first->starts);
            $moved += count(Move::since($first->starts, $first->finishes(), $again));
            self::assertSame([], Checker::of($again));
        }
        self::assertSame(0, $moved);
    }

    /** When the bench runs late nothing begins before it did, but for what finds a gap that it did not have before. */
    public function testWhenTheBenchRunsLateTheRestFlowsAgain(): void
    {
        for ($seed = 1; $seed <= 30; ++$seed) {
            $day = SeededDays::day($seed);
            $first = Scheduler::first($day);
            $later = Scheduler::again($day->with(now: 600), $first->starts);
            self::assertSame([], Checker::of($later));
            self::assertGreaterThanOrEqual($first->score->finish, $later->score->finish);
            self::assertGreaterThanOrEqual(600, min(\PHP_INT_MAX, ...array_values($later->starts)));
        }
    }
}
