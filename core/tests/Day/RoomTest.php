<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Air;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Link;
use Wubbin\Core\Day\Room;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Wait;
use Wubbin\Core\Day\Workshop;

/** Heat, and what burns, in one room. That nothing is opened beside a hot iron is common practice, no source. */
final class RoomTest extends TestCase
{
    /** @return iterable<string, array{Air, int, int, int}> from when, for how long, and when it can begin */
    public static function wishes(): iterable
    {
        yield 'a spray before it gets hot' => [Air::Vapour, 0, 900, 0];
        yield 'a spray that would last into it' => [Air::Vapour, 200, 900, 4600];
        yield 'a spray while it is hot' => [Air::Vapour, 1500, 60, 4600];
        yield 'a spray while it cools' => [Air::Vapour, 4599, 60, 4600];
        yield 'heat that is cold again before it' => [Air::Hot, 0, 6000, 0];
        yield 'heat that is not yet cold by then' => [Air::Hot, 0, 8400, 10_600];
        yield 'heat while it is open' => [Air::Hot, 10_300, 10, 10_600];
        yield 'heat beside heat' => [Air::Hot, 1200, 60, 1200];
        yield 'a spray beside a spray' => [Air::Vapour, 10_100, 60, 10_100];
    }

    #[DataProvider('wishes')]
    public function testWhenItCanBegin(Air $air, int $from, int $seconds, int $begins): void
    {
        $room = new Room();
        $room->take(Air::Hot, 1000, 600);
        $room->take(Air::Hot, 1900, 900);
        $room->take(Air::Vapour, 10_000, 600);
        self::assertSame(1000 + 600 + 1200 + Room::COLD_S, 4600, 'the second heat ends at 2800');
        self::assertSame($begins, $room->free($air, $from, $seconds));
    }

    /** Two jobs, one iron that is hot all morning: what is sprayed comes after it, unless that is done elsewhere. */
    public function testAnotherJobIsSprayedWhenTheIronIsCold(): void
    {
        $table = self::planned(self::morning(), false);
        self::assertSame([], Checker::of($table));
        self::assertGreaterThanOrEqual($table->ends('press 4') + Room::COLD_S, $table->starts['coat']);
        self::assertContains(Link::AIR, array_column($table->chainOf('board'), 'because'));
        self::assertStringContainsString(
            'nothing that burns is opened beside heat',
            implode('', array_map(static fn(Link $one): string => $one->words($table->day->workshop), $table->chain())),
        );
        self::assertSame(0, self::planned(self::morning(), true)->starts['coat']);
    }

    /** Days with heat and sprays, each held against the rule instant by instant. */
    public function testSeeded(): void
    {
        for ($seed = 1; $seed <= 100; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $activities = [];
            for ($n = 0; $n < 12; ++$n) {
                $air = [Air::Hot, Air::Vapour, null][$random->getInt(0, 2)];
                $activities[] = new Activity(
                    'a' . $n,
                    'job ' . $n % 3,
                    'work',
                    $random->getInt(60, 1200),
                    true,
                    Air::Hot === $air ? 'iron' : null,
                    after: $n > 2 && 0 === $random->getInt(0, 2) ? [new Wait('a' . ($n - 3))] : [],
                    due: $random->getInt(2000, 60_000),
                    air: $air,
                );
            }
            $day = new Day($activities, self::workshop(false, 2), 0);
            self::assertSame([], Checker::of(Scheduler::first($day)), 'seed ' . $seed);
        }
    }

    /** @return list<Activity> */
    private static function morning(): array
    {
        $activities = [new Activity('coat', 'board', 'coat', 300, true, due: 20_000, air: Air::Vapour)];
        for ($n = 0; $n < 5; ++$n) {
            $activities[] = new Activity(
                'press ' . $n,
                'shirts',
                'press',
                600,
                true,
                'iron',
                200.0,
                after: 0 === $n ? [] : [new Wait('press ' . ($n - 1))],
                due: 600 * ($n + 1),
                air: Air::Hot,
            );
        }

        return $activities;
    }

    /** @param list<Activity> $activities */
    private static function planned(array $activities, bool $apart): Timetable
    {
        return Scheduler::first(new Day($activities, self::workshop($apart, 2), 0));
    }

    private static function workshop(bool $apart, int $hands): Workshop
    {
        return new Workshop($hands, new Hours([[0, 400_000]]), ['iron' => 1], apart: $apart);
    }
}
