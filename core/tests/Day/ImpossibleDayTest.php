<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Impossible;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Wait;
use Wubbin\Core\Day\Workshop;

/** What cannot be planned. */
final class ImpossibleDayTest extends TestCase
{
    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function impossible(): iterable
    {
        $one = static fn(
            bool $hands = false,
            ?string $machine = null,
            ?string $place = null,
            Wait ...$after,
        ): Activity => new Activity(
            'a',
            'job',
            'press it',
            600,
            $hands,
            $machine,
            place: $place,
            after: array_values($after),
        );
        $of = self::planned(...);
        yield 'no machine for it' => [$of($one(hands: true, machine: 'mug press')), 'no machine'];
        yield 'no room for it' => [$of($one(place: 'shelf')), 'no room'];
        yield 'longer than any stretch of hours' => [
            $of(new Activity('a', 'job', 'sand it', 7200, true)),
            'longer than anybody',
        ];
        yield 'waits that contradict each other' => [
            $of($one(), new Activity('b', 'job', 'peel it', 10, after: [new Wait('a', 30, 10)])),
            'wait longer than it may',
        ];
        yield 'two that wait for each other' => [
            $of(
                $one(false, null, null, new Wait('b')),
                new Activity('b', 'job', 'peel it', 10, after: [new Wait('a')]),
            ),
            'waits for itself',
        ];
        yield 'after something that is not there' => [$of($one(false, null, null, new Wait('z'))), 'not there'];
    }

    /** @return \Closure(): Timetable */
    private static function planned(Activity ...$all): \Closure
    {
        return static fn(): Timetable => Scheduler::first(
            new Day(
                array_values($all),
                new Workshop(1, new Hours([[0, 3600]]), ['press' => 1], places: ['rack' => 1]),
                0,
            ),
        );
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function tooLong(): iterable
    {
        $of = self::planned(...);
        $one = new Activity('a', 'job', 'press it', 600, true);
        yield 'more than the hours that are known' => [
            $of(
                ...array_map(
                    static fn(int $n): Activity => new Activity('p' . $n, 'job', 'press it', 600, true),
                    range(1, 7),
                ),
            ),
            'has time left',
        ];
        yield 'a wait that hands cannot keep' => [
            $of(
                new Activity('a', 'job', 'press it', 3000, true),
                new Activity('b', 'job', 'peel it', 1200, true, after: [new Wait('a', 0, 60)]),
            ),
            'are not possible|no time left|has time left',
        ];
        yield 'no hours at all' => [
            static fn(): Day => new Day([$one], new Workshop(1, new Hours([])), 0),
            'no working hours',
        ];
        yield 'Nobody works' => [
            static fn(): Day => new Day([$one], new Workshop(0, new Hours([[0, 60]])), 0),
            'Nobody works',
        ];
    }

    /** @param callable(): mixed $plan */
    #[DataProvider('impossible')]
    #[DataProvider('tooLong')]
    public function testWhatCannotBePlannedSaysWhy(callable $plan, string $why): void
    {
        $this->expectException(Impossible::class);
        $this->expectExceptionMessageMatches('/' . $why . '/');
        $plan();
    }
}
