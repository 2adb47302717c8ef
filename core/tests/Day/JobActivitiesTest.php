<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\JobActivities;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Workshop;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Work\Place;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;

final class JobActivitiesTest extends TestCase
{
    /** @return list<Activity> */
    private static function activities(Plan $plan, int $pieces, int $rack = 6, int $shelf = 4, ?int $due = null): array
    {
        return JobActivities::forWork($plan->jobId, 'lot', self::sequence($plan, $pieces, $rack, $shelf), $due);
    }

    private static function sequence(Plan $plan, int $pieces, int $rack = 6, int $shelf = 4): BenchSequence
    {
        return BenchSequence::fromTasks(
            Work::forPieces($plan, $pieces, new Places(max(1, $rack), max(1, $shelf)))->tasks(),
        );
    }

    private static function day(Plan $plan, int $pieces, int $hands = 1): Day
    {
        $activities = self::activities($plan, $pieces, due: 40_000);
        $machines = array_fill_keys(
            array_filter(array_map(static fn(Activity $one): ?string => $one->machine, $activities), is_string(...)),
            1,
        );

        return new Day(
            $activities,
            new Workshop(
                $hands,
                new Hours([[0, 200_000]]),
                $machines,
                [],
                [Place::Rack->value => 6, Place::Shelf->value => 4],
            ),
            0,
        );
    }

    /**
     * @param list<Activity> $activities
     *
     * @return array<string, Activity> by piece and what is done
     */
    private static function named(array $activities): array
    {
        return array_combine(
            array_map(
                static fn(Activity $one): string => (null === $one->piece ? '' : $one->piece . ': ') . $one->label,
                $activities,
            ),
            $activities,
        );
    }

    /** A rack full of sheets is printed and dried, each piece is heated by itself, then the iron off. */
    public function testAJobBecomesActivities(): void
    {
        $activities = self::named(self::activities(Orchard::whole(), 2));
        $printer = array_values(
            array_filter(
                $activities,
                static fn(Activity $one): bool => 'laser-mono' !== $one->machine && 'print' === $one->label,
            ),
        );
        self::assertSame([true, false], array_column($printer, 'hands'), 'loaded by hands; it goes on by itself');
        self::assertSame([30 + 2 * 15, 2 * 45], array_column($printer, 'seconds'), 'two sheets');
        self::assertSame(
            [Place::Rack->value, 2],
            [$activities['1: let it dry']->place, $activities['1: let it dry']->room],
            'both lie there',
        );
        self::assertTrue($activities['1: heat']->hands);
        self::assertSame(200.0, $activities['1: heat']->celsius);
        self::assertSame(Place::Shelf->value, $activities['2: let it cool']->place);
        self::assertSame([], $activities['1: prepare']->after, 'blanks are made ready while the ink dries');
    }

    /** Sixteen sheets and room for six to dry: three stacks. */
    public function testSheetsArePrintedARackFullAtATime(): void
    {
        $stacks = array_filter(
            self::activities(Orchard::whole(), 16),
            static fn(Activity $one): bool => 'let it dry' === $one->label,
        );
        self::assertSame([6, 6, 4], array_values(array_map(static fn(Activity $one): int => $one->room, $stacks)));
    }

    /** One piece that is left costs what one by itself does, set-up and all, and not its share of the lot it was of. */
    public function testWhatIsLeftIsASessionOfItsOwn(): void
    {
        $plan = Orchard::whole(Orchard::jobOf('toner-metal', ['quantity' => 4]));
        $hands = array_sum(
            array_map(
                static fn(Activity $one): int => $one->hands ? $one->seconds : 0,
                self::activities($plan, 1, 8, 8),
            ),
        );
        self::assertSame(Work::forPieces($plan, 1, new Places(8, 8))->handsS(), $hands);
    }

    /** A small picture lies on a sheet several times: one sheet is printed for them all. */
    public function testASheetIsPrintedOnceForManyPieces(): void
    {
        $plan = Orchard::whole(Orchard::edited(['width' => '50 mm', 'quantity' => '100']));
        $holds = $plan->sheets()->fullest();
        self::assertGreaterThan(8, $holds);
        $room = static fn(int $pieces): int => self::named(self::activities($plan, $pieces))['1: let it dry']->room;
        self::assertSame([1, 2], [$room($holds), $room($holds + 1)]);
    }

    /** What lies flat is pressed as many at once as the plate holds; a shirt is not. */
    public function testAPlateHoldsSeveralSmallThings(): void
    {
        $press = ['choices' => ['things' => ['heat' => 'press-flat'], 'schools' => [], 'figures' => []]];
        $board = Orchard::whole(
            Orchard::jobOf(
                'sublimation',
                [
                    'blank' => [
                        'kind' => 'metal',
                        'size' => 'row-tag',
                        'material' => 'coated-metal',
                        'condition' => 'smooth',
                    ],
                    'placement' => ['side_mm' => 60, 'below_mm' => 5],
                ] + $press,
            ),
        );
        $holds =
            $board->transfers[0]->outfit->heat?->plate?->holds(
                Size::mm($board->transfers[0]->placing->size->widthMm, $board->transfers[0]->placing->size->heightMm),
                0.0,
            ) ?? 0;
        self::assertGreaterThan(8, $holds);
        $heat = array_values(
            array_filter(
                self::activities($board, 12, 20, 20),
                static fn(Activity $one): bool => null !== $one->celsius,
            ),
        );
        $one = array_values(
            array_filter(self::activities($board, 1, 20, 20), static fn(Activity $one): bool => null !== $one->celsius),
        );
        self::assertSame((int) ceil(12 / min(20, $holds)) * count($one), count($heat));
        self::assertSame($one[0]->seconds, $heat[0]->seconds, 'the plate heats them all together');
        $shirts = array_filter(
            self::activities(Orchard::whole(Orchard::jobOf('dark-film', $press)), 3),
            static fn(Activity $one): bool => 'heat' === $one->label,
        );
        self::assertCount(3, $shirts);
    }

    /** Forty tags: as many under the iron as it holds, eight coated one after the other, drying beside each other. */
    public function testWhatMayWaitIsDoneInLots(): void
    {
        $activities = self::activities(Orchard::whole(Orchard::jobOf('toner-metal', ['quantity' => 40])), 40, 8, 8);
        $rooms = array_values(
            array_map(
                static fn(Activity $one): int => $one->room,
                array_filter(
                    $activities,
                    static fn(Activity $one): bool => 'let the coat dry' === $one->label && null !== $one->place,
                ),
            ),
        );
        self::assertSame(array_fill(0, count($rooms), 8), $rooms);
        self::assertSame(0, count($rooms) % 5, 'five lots, coat by coat');
    }

    /** One piece at the heat, one not begun: the first stays where it is, and what follows waits for it. */
    public function testASessionAtTheBenchGoesOn(): void
    {
        $plan = Orchard::whole();
        $sequence = self::sequence($plan, 2);
        $at = new \DateTimeImmutable('2026-11-26 10:00:00 UTC');
        $events = [];
        foreach ($sequence->steps as $position => $step) {
            if ('heat' === $step->kind->value) {
                $events[] = Event::started($position, $at, 'heat');
                break;
            }
            $events[] = Event::done($position, $at, 'press-' . $position);
        }
        $now = $at->modify('+5 seconds');
        $all = JobActivities::forSession(
            $plan->jobId,
            'r1',
            $sequence,
            BenchState::fromEvents($sequence, $events),
            $now,
            null,
        );
        // Where the iron is set down several times, the first place is what counts here.
        $activities = self::named(array_reverse($all));
        self::assertArrayNotHasKey('print', $activities, 'it is printed');
        self::assertArrayNotHasKey('1: lay the sheet', $activities, 'and placed');
        self::assertSame($at->getTimestamp(), $activities['1: heat']->began);
        self::assertSame((int) $sequence->steps[count($events) - 1]->seconds, $activities['1: heat']->seconds);
        self::assertNull($activities['2: heat']->began);
        $machines = array_fill_keys(
            array_filter(array_map(static fn(Activity $one): ?string => $one->machine, $all), is_string(...)),
            1,
        );
        $day = new Day(
            $all,
            new Workshop(
                1,
                new Hours([[$now->getTimestamp(), $now->getTimestamp() + 9000]]),
                $machines,
                [],
                [Place::Rack->value => 6, Place::Shelf->value => 4],
            ),
            $now->getTimestamp(),
        );
        self::assertSame([], Checker::of(Scheduler::first($day)));
    }

    /** What is printed or drawn comes before it dries, at the bench and on the day. */
    #[TestWith(['light-film'])]
    #[TestWith(['sublimation'])]
    #[TestWith(['tissue-wax'])]
    #[TestWith(['handmade-wax'])]
    public function testItDriesOnceSomethingIsOnIt(string $route): void
    {
        $kinds = array_map(
            static fn($step): string => $step->kind->value,
            self::sequence(Orchard::whole(Orchard::jobOf($route)), 1)->steps,
        );
        $dries = array_search('dry', $kinds, true);
        $made =
            array_values(array_intersect_key(array_keys($kinds), array_intersect($kinds, ['print', 'draw'])))[0] ??
            \PHP_INT_MAX;
        self::assertNotFalse($dries);
        self::assertLessThan($dries, $made);
    }

    /** It cools from the moment the heat is off, and is peeled while it is as the ticket says. */
    #[TestWith(['matte', 90])]
    #[TestWith(['gloss', null])]
    public function testAWarmPeelMayNotWait(string $finish, ?int $most): void
    {
        $activities = self::named(self::activities(Orchard::whole(Orchard::edited(['finish' => $finish])), 1));
        self::assertSame(0, $activities['1: let it cool']->after[0]->most);
        self::assertSame($most, $activities['1: peel, compare']->after[0]->most);
    }

    /** Waiting overlaps with hands: six shirts need far less than six times one. */
    public function testADayOfShirtsKeepsAllRules(): void
    {
        $one = Scheduler::first(self::day(Orchard::whole(), 1));
        $six = Scheduler::first(self::day(Orchard::whole(), 6));
        self::assertSame([], Checker::of($six));
        self::assertLessThan(6 * $one->score->finish, 2 * $six->score->finish);
        $again = Scheduler::best(
            self::day(Orchard::whole(), 6),
            1,
            static fn(int $try, Timetable $best): bool => $try <= 20,
        );
        self::assertSame([], Checker::of($again));
    }
}
