<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\LatestStart;
use Wubbin\Core\Day\Laying;
use Wubbin\Core\Day\Mend;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Wait;
use Wubbin\Core\Day\Workshop;

/** What would make a late day good, and until when one may begin. */
final class MendTest extends TestCase
{
    /** Two boards dry for an hour each and both are due: the rack has room for one. */
    public function testASecondRackIsToldWhereItMends(): void
    {
        $activities = [];
        foreach (['one', 'two'] as $job) {
            $activities[] = new Activity($job . ' dry', $job, 'dry', 3600, place: 'rack');
            $activities[] = new Activity(
                $job . ' fuse',
                $job,
                'fuse',
                60,
                true,
                after: [new Wait($job . ' dry')],
                due: 4000,
            );
        }
        $table = Scheduler::first(
            new Day($activities, new Workshop(1, SeededDays::always(), places: ['rack' => 1]), 0),
        );
        self::assertCount(1, $table->late());
        $mends = Mend::of($table);
        self::assertSame([Mend::PLACE, 'rack'], [$mends[0]->kind, $mends[0]->what]);
        self::assertSame($table->late(), $mends[0]->kept);
        self::assertSame($table->score->late, $mends[0]->saved);
    }

    /** Three hours of work, due tomorrow at noon, and only an hour today and one tomorrow: an evening would do. */
    public function testALongerEveningIsToldWhereItMends(): void
    {
        $hours = new Hours([[0, 3600], [86_400, 90_000], [172_800, 200_000]]);
        $activities = array_map(
            static fn(int $n): Activity => new Activity('p' . $n, 'tags', 'rub', 1800, true, due: 95_000),
            range(1, 6),
        );
        $mends = Mend::of(Scheduler::first(new Day($activities, new Workshop(1, $hours), 0)));
        $longer = array_values(array_filter($mends, static fn(Mend $mend): bool => Mend::LONGER === $mend->kind));
        self::assertSame([3600, 10_800], [$longer[0]->from, $longer[0]->to]);
        self::assertSame(['tags'], $longer[0]->kept);
        self::assertContains(Mend::HANDS, array_column($mends, 'kind'));
    }

    public function testWhereNothingIsLateNothingIsMended(): void
    {
        self::assertSame(
            [],
            Mend::of(
                Scheduler::first(
                    new Day(
                        [new Activity('a', 'job', 'a', 60, true, due: 100)],
                        new Workshop(1, SeededDays::always()),
                        0,
                    ),
                ),
            ),
        );
    }

    /** An hour of work due in ten: it may lie for nine, and half an hour later it would be late. */
    public function testTheLatestMomentToStart(): void
    {
        $day = new Day(
            [new Activity('a', 'job', 'a', 3600, true, due: 36_000)],
            new Workshop(1, SeededDays::always()),
            0,
        );
        self::assertSame(32_400, LatestStart::of(Scheduler::first($day)));
        self::assertSame(0.0, Scheduler::first($day->with(now: 32_400))->score->late);
        self::assertGreaterThan(0.0, Scheduler::first($day->with(now: 34_200))->score->late);
        self::assertNull(
            LatestStart::of(
                Scheduler::first(
                    new Day(
                        [new Activity('a', 'job', 'a', 60, true, due: -5)],
                        new Workshop(1, SeededDays::always()),
                        0,
                    ),
                ),
            ),
            'it is too late already',
        );
        self::assertNull(
            LatestStart::of(
                Scheduler::first(
                    new Day([new Activity('a', 'job', 'a', 60, true)], new Workshop(1, SeededDays::always()), 0),
                ),
            ),
            'nothing is due',
        );
    }

    /** What a mend promises is what laying the same work in that shop gives. */
    public function testAMendKeepsWhatItPromises(): void
    {
        $told = 0;
        for ($seed = 1; $seed <= SeededDays::COUNT; ++$seed) {
            $easy = SeededDays::day($seed);
            // Wanted so soon that much of it cannot be.
            $hurried = array_values(
                array_map(
                    static fn(Activity $one): Activity => null === $one->due
                        ? $one
                        : $one->dueAt(intdiv($one->due, 10), 1.0),
                    $easy->activities,
                ),
            );
            $table = Scheduler::first(new Day($hurried, $easy->workshop, 0));
            foreach (Mend::of($table) as $mend) {
                ++$told;
                self::assertSame([], array_diff($mend->kept, $table->late()), 'only what is late can be kept');
                self::assertGreaterThan(0.0, $mend->part);
                self::assertLessThanOrEqual(1.0, $mend->part);
                if (Mend::HANDS === $mend->kind) {
                    $more = Scheduler::again(
                        $table->day->with($table->day->workshop->with(hands: $table->day->workshop->hands + 1)),
                        $table->starts,
                    );
                    self::assertSame([], Checker::of($more));
                    self::assertEqualsWithDelta($mend->saved, $table->score->late - $more->score->late, 1e-6);
                    self::assertSame([], array_intersect($mend->kept, $more->late()));
                }
            }
        }
        self::assertGreaterThan(10, $told, 'some of the days are late');
    }

    /** Begun at the latest moment nothing is late, over seeded days that are in time at all. */
    public function testTheLatestMomentIsInTime(): void
    {
        $told = 0;
        for ($seed = 1; $seed <= SeededDays::COUNT; ++$seed) {
            $table = Scheduler::first(SeededDays::day($seed));
            $latest = LatestStart::of($table);
            self::assertSame($table->score->late > 0.0, null === $latest);
            if (null !== $latest) {
                ++$told;
                self::assertSame(0.0, Scheduler::again($table->day->with(now: $latest), $table->starts)->score->late);
            }
        }
        self::assertGreaterThan(10, $told);
    }
}
