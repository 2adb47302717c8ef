<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\DayLoad;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Promise;
use Wubbin\Core\Day\Pushed;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Workshop;

/** What can be promised on the telephone; every plan here is so small that it is worked out by hand. */
final class PromiseTest extends TestCase
{
    private const HOUR = 3600;

    /** An hour is taken of three: an hour more is over at the end of the second, and nobody is pushed. */
    public function testWhatFitsBesideTheRestPushesNobody(): void
    {
        $plan = self::plan([self::hour('tags', 3)]);
        $promise = Promise::of($plan, [self::hour('new', 3)], [], 3 * self::HOUR);
        self::assertTrue($promise->kept);
        self::assertLessThanOrEqual(2 * self::HOUR, $promise->ready);
        self::assertSame([], $promise->pushed);
    }

    /** Both hours until then are taken by what is due later: it is kept, and what is due later is pushed an hour. */
    public function testWhatIsDueLaterIsPushedAside(): void
    {
        $plan = self::plan([self::hour('tags', 5), self::hour('mugs', 6)]);
        $promise = Promise::of($plan, [self::hour('new', 1)], [], self::HOUR);
        self::assertTrue($promise->kept);
        self::assertSame(self::HOUR, $promise->ready);
        self::assertNotSame([], $promise->pushed);
        self::assertSame([], array_filter($promise->pushed, static fn(Pushed $one): bool => $one->late));
        foreach ($promise->pushed as $one) {
            self::assertSame(self::HOUR, $one->is - $one->was);
        }
    }

    /** All hours until then are promised already: it is said when it would be ready, and nobody is made late for it. */
    public function testWhatWouldMakeOthersLateIsNotPromised(): void
    {
        $plan = self::plan([self::hour('tags', 1), self::hour('mugs', 2)]);
        $promise = Promise::of($plan, [self::hour('new', 2)], [], 2 * self::HOUR);
        self::assertFalse($promise->kept);
        self::assertSame(3 * self::HOUR, $promise->ready);
        self::assertSame([], $promise->pushed);
    }

    /** Two people, three hours each, two hours planned on the first day of two, none on the second. */
    public function testTheLoadOfDays(): void
    {
        $table = Scheduler::first(
            new Day(
                [self::hour('tags', 5), self::hour('mugs', 6)],
                new Workshop(2, new Hours([[0, 3 * self::HOUR], [86_400, 86_400 + self::HOUR]])),
                0,
            ),
        );
        $loads = DayLoad::of($table, new \DateTimeZone('UTC'), 3);
        self::assertSame(
            [['1970-01-01', 6 * self::HOUR, 2 * self::HOUR], ['1970-01-02', 2 * self::HOUR, 0], ['1970-01-03', 0, 0]],
            array_map(static fn(DayLoad $one): array => [$one->day, $one->hoursS, $one->loadS], $loads),
        );
    }

    /** On the last Sunday of October a day of Berlin has 25 hours: midnight stays midnight (tz database). */
    public function testADayWhoseClocksChange(): void
    {
        $zone = new \DateTimeZone('Europe/Berlin');
        $now = (new \DateTimeImmutable('2026-10-24 08:00', $zone))->getTimestamp();
        $evening = (new \DateTimeImmutable('2026-10-25 23:30', $zone))->getTimestamp();
        $table = Scheduler::first(
            new Day(
                [new Activity('late', 'tags', 'rub', 900, true, earliest: $evening)],
                new Workshop(1, new Hours([[$evening, $evening + 1800]])),
                $now,
            ),
        );
        self::assertSame([0, 900, 0], array_column(DayLoad::of($table, $zone, 3), 'loadS'));
    }

    /** @param non-empty-list<Activity> $activities */
    private static function plan(array $activities): Timetable
    {
        return Scheduler::first(new Day($activities, new Workshop(1, SeededDays::always()), 0));
    }

    private static function hour(string $group, int $dueH): Activity
    {
        return new Activity($group . ' work', $group, 'work', self::HOUR, true, due: $dueH * self::HOUR);
    }
}
