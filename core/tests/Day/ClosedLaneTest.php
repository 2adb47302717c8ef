<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Mend;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Workshop;

/** A machine that is out of order, and somebody who is away. */
final class ClosedLaneTest extends TestCase
{
    /** @param array<string, array<int, int>> $closed */
    private static function day(array $closed, int $hands = 1, int $presses = 1): Day
    {
        return new Day(
            [
                new Activity('press', 'shirts', 'heat', 600, hands: true, machine: 'press', due: 5_000),
                new Activity('cut', 'labels', 'cut', 300, hands: true),
            ],
            new Workshop($hands, new Hours([[0, 40_000]]), ['press' => $presses], closed: $closed),
            100,
        );
    }

    public function testAMachineOutOfOrderTakesNothingUntilItIsBack(): void
    {
        self::assertLessThanOrEqual(400, Scheduler::first(self::day([]))->starts['press']);
        $table = Scheduler::first(self::day(['machine press' => [0 => 20_000]]));
        self::assertSame(20_000, $table->starts['press']);
        self::assertSame(100, $table->starts['cut'], 'the rest goes on meanwhile');
        self::assertSame(['shirts'], $table->late());
    }

    public function testAnotherMachineWouldMendIt(): void
    {
        $table = Scheduler::first(self::day(['machine press' => [0 => 20_000]]));
        self::assertContains(
            'shirts',
            array_merge(...array_map(static fn(Mend $mend): array => $mend->kept, Mend::of($table))),
        );
        self::assertSame([], Scheduler::first(self::day(['machine press' => [0 => 20_000]], presses: 2))->late());
    }

    public function testWhoIsAwayDoesNothing(): void
    {
        $table = Scheduler::first(self::day(['hands' => [0 => 3_000]]));
        self::assertGreaterThanOrEqual(3_000, min([\PHP_INT_MAX, ...array_values($table->starts)]));
        $two = Scheduler::first(self::day(['hands' => [0 => 3_000]], 2));
        self::assertSame([1], $two->lanes['cut']['hands'], 'the other one does it');
    }

    public function testWhatIsBackAlreadyChangesNothing(): void
    {
        self::assertSame(
            Scheduler::first(self::day([]))->starts,
            Scheduler::first(self::day(['machine press' => [0 => 50], 'machine gone' => [0 => 9_000]]))->starts,
        );
    }
}
