<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Work;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Cost\Batch;
use Wubbin\Core\Cost\Item;
use Wubbin\Core\Cost\Needs;
use Wubbin\Core\Cost\SessionUse;
use Wubbin\Core\Cost\Stuff;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\JobActivities;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchStep;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Tests\Slice;
use Wubbin\Core\Work\Need;
use Wubbin\Core\Work\Place;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Task;
use Wubbin\Core\Work\Work;

final class WorkTest extends TestCase
{
    private static function plan(string $route, int $quantity): Plan
    {
        return Orchard::whole(Orchard::jobOf($route, ['quantity' => $quantity]));
    }

    /** @return array<string, array{string}> */
    public static function routes(): array
    {
        $routes = array_keys(Orchard::catalogue()->routes);

        return array_combine($routes, array_map(static fn(string $route): array => [$route], $routes));
    }

    /**
     * What a practised person would say: three to five hours of hands for forty tags with seven coats, two or three of
     * them under the iron at once. Source: common practice, no source.
     */
    public function testFortyTagsAreNotFortyTimesOneTag(): void
    {
        $work = Work::of(self::plan('toner-metal', 40), new Places());
        self::assertGreaterThan(3 * 3600, $work->handsS());
        self::assertLessThan(5 * 3600, $work->handsS());
        $of = static fn(string $kind): array => array_values(
            array_map(
                static fn(Task $task): int => $task->count,
                array_filter($work->tasks(), static fn(Task $task): bool => $kind === $task->step->kind->value),
            ),
        );
        self::assertSame([[40], [40]], [$of('sand'), $of('clean')], 'in one go');
        self::assertGreaterThan(1, max(0, ...$of('heat')));
        self::assertLessThanOrEqual(3, max(0, ...$of('heat')));
        self::assertSame(8, max(0, ...$of('coat')), 'as many as dry at once');
        $one = Work::of(self::plan('toner-metal', 1), new Places());
        self::assertLessThan(40 * $one->handsS(), $work->handsS());
    }

    /** Worked by hand: twelve mugs, 15 s to get the tape ready and 45 s a wrap, eight cooling at once. */
    public function testALotTakesItsSetUpOnceAndEachOfItsPieces(): void
    {
        $work = Work::of(self::plan('laser-ceramic', 12), new Places(8, 8));
        $wraps = array_values(
            array_filter($work->tasks(), static fn(Task $task): bool => 'wrap' === $task->step->kind->value),
        );
        self::assertSame(
            [[8, 15 + 8 * 45], [4, 15 + 4 * 45]],
            array_map(static fn(Task $task): array => [$task->count, $task->handsS], $wraps),
        );
    }

    #[DataProvider('routes')]
    public function testItCanBeDoneInItsOrderAndForEveryPiece(string $route): void
    {
        $tasks = Work::of(self::plan($route, 21), new Places(5, 4))->tasks();
        $before = $pieces = [];
        foreach ($tasks as $task) {
            foreach ($task->after as $need) {
                self::assertArrayHasKey($need->task, $before, $task->id . ' waits for what comes later');
            }
            self::assertArrayNotHasKey($task->id, $before);
            $before[$task->id] = true;
            $limit = match ($task->place) {
                Place::Rack => 5,
                Place::Shelf => 4,
                null => \PHP_INT_MAX,
            };
            self::assertLessThanOrEqual($limit, $task->count, $task->id . ' has room');
            foreach ($task->pieces as $piece) {
                $pieces[$task->step->id][$piece] = ($pieces[$task->step->id][$piece] ?? 0) + 1;
            }
        }
        foreach ($pieces as $step => $times) {
            self::assertCount(21, $times, $step . ' is done for all');
            self::assertSame([1], array_values(array_unique($times)), $step . ' once');
        }
    }

    /** Nothing touches the print while it dries; blanks are made ready meanwhile. */
    #[DataProvider('routes')]
    public function testTheBlankDoesNotWaitForTheSheet(string $route): void
    {
        $tasks = array_column(
            array_map(
                static fn(Task $task): array => [$task->id, $task],
                Work::of(self::plan($route, 3), new Places())->tasks(),
            ),
            1,
            0,
        );
        $waitsForPrint = static function (Task $task) use (&$waitsForPrint, $tasks): bool {
            return 'print' === $task->step->kind->value ||
                [] !== array_filter($task->after, static fn(Need $need): bool => $waitsForPrint($tasks[$need->task]));
        };
        $prints = [] !== array_filter($tasks, static fn(Task $task): bool => 'print' === $task->step->kind->value);
        foreach ($tasks as $task) {
            match ($task->step->kind->value) {
                'sand', 'clean', 'prepress' => self::assertFalse($waitsForPrint($task), $task->id),
                'cut', 'heat', 'peel', 'compare' => self::assertSame($prints, $waitsForPrint($task), $task->id),
                default => null,
            };
        }
    }

    /**
     * Of several pictures each is cut when its own sheet is dry, and not before.
     *
     * @param array<string, mixed> $second
     */
    #[TestWith([['side' => 'back']])]
    #[TestWith([['over' => true]])]
    public function testEachPictureWaitsForItsOwnSheet(array $second): void
    {
        $work = Work::of(Orchard::whole(Orchard::layered([[], $second], ['quantity' => 2])), new Places());
        $cuts = array_filter($work->tasks(), static fn(Task $task): bool => 'cut' === $task->step->kind->value);
        self::assertCount(2, $cuts);
        foreach ($cuts as $cut) {
            $sheets = array_filter($cut->after, static fn(Need $need): bool => str_starts_with($need->task, 'sheets '));
            self::assertCount(1, $sheets, $cut->id);
        }
    }

    /** A backing that is peeled warm is peeled with those that were heated with it, and soon. */
    public function testWhatIsPeeledWarmStaysWithItsHeat(): void
    {
        $tasks = Work::of(self::plan('light-film', 6), new Places())->tasks();
        $peels = array_values(array_filter($tasks, static fn(Task $task): bool => 'peel' === $task->step->kind->value));
        self::assertCount(6, $peels);
        self::assertSame(
            [90],
            array_unique(array_map(static fn(Task $task): ?int => $task->after[0]->withinS, $peels)),
        );
        $cools = array_values(array_filter($tasks, static fn(Task $task): bool => 'cool' === $task->step->kind->value));
        self::assertSame(0, $cools[0]->after[0]->withinS, 'it cools from the moment the heat is off');
    }

    /**
     * Ticket, bench, day, cost and stock: whatever the route, pieces, places, sizes and pictures, the seconds of hands,
     * the sheets and what is used are the same.
     */
    public function testEverybodyCountsTheSame(): void
    {
        $random = new Randomizer(new Mt19937(15));
        $routes = array_keys(Orchard::catalogue()->routes);
        for ($n = 0; $n < 200; ++$n) {
            $route = $routes[$n % count($routes)];
            $quantity = $random->getInt(1, 0 === $n % 5 ? 500 : 60);
            $places = new Places($random->getInt(1, 12), $random->getInt(1, 12));
            // The routes come by turns: a slice has all of them.
            if (!Slice::holds(intdiv($n, count($routes)), 4)) {
                continue;
            }
            $job = self::seeded($route, $quantity, $n);
            $quantity = $job->quantity;
            $plan = Orchard::whole($job);
            $work = Work::of($plan, $places);
            $tasks = $work->tasks();
            $hands = $work->handsS();
            $what = sprintf(
                '%d: %s, %d pieces, rack %d, shelf %d',
                $n,
                $route,
                $quantity,
                $places->rack,
                $places->shelf,
            );
            self::assertSame($hands, self::sum($tasks, static fn(Task $task): int => $task->handsS), $what);
            $sequence = BenchSequence::fromTasks($tasks);
            self::assertSame(
                $hands,
                self::sum($sequence->steps, static fn(BenchStep $step): int => (int) $step->handsS),
                $what,
            );
            $day = JobActivities::forWork($plan->jobId, 'lot', $sequence, null);
            self::assertSame(
                $hands,
                self::sum($day, static fn(Activity $one): int => $one->hands ? $one->seconds : 0),
                $what,
            );
            $batch = Batch::forWork($plan, $work, Orchard::shelf(), Orchard::catalogue());
            self::assertSame((float) $hands, $batch->handsS, $what);
            $sheets = $work->sheets->count();
            $printed = self::sum(
                $tasks,
                static fn(Task $task): int => 'print' === $task->step->kind->value ? $task->count : 0,
            );
            self::assertContains($printed, [0, $sheets], $what . ': printed at the bench');
            $needs = Needs::forPieces($job, $plan, $quantity, Orchard::pictures(), Orchard::catalogue());
            self::assertSame((float) $sheets, self::papers($needs->items, $needs->amounts), $what . ': in the cost');
            if ([] === $plan->shares) {
                $used = SessionUse::of($job, $plan, $quantity, Orchard::pictures(), Orchard::catalogue())->usedBy(
                    range(1, $quantity),
                );
                self::assertEqualsWithDelta($needs->amounts, $used, 1e-6, $what . ': out of the stock');
            }
        }
    }

    /** Some with a picture on either side, some in several sizes, some small so that many lie on a sheet. */
    private static function seeded(string $route, int $quantity, int $n): Job
    {
        $job = Orchard::jobOf($route, ['quantity' => $quantity]);
        if ('light-film' === $route) {
            return match (intdiv($n, 12) % 4) {
                0 => Orchard::layered([[], ['side' => 'back']], ['quantity' => $quantity]),
                1 => Orchard::edit($job, ['breakdown' => sprintf('%d M, %d S 80 mm, 2 L', $quantity, $quantity)]),
                2 => Orchard::edit($job, ['width' => '60 mm']),
                default => $job,
            };
        }

        return $job;
    }

    /**
     * @param array<string, Item> $items
     * @param array<string, float> $amounts
     */
    private static function papers(array $items, array $amounts): float
    {
        $papers = array_filter($items, static fn(Item $item): bool => Stuff::Sheet === $item->stuff);

        return array_sum(array_intersect_key($amounts, $papers));
    }

    /** Fewer pieces than there are sizes: those that none is of take nothing, with or without a picture. */
    #[TestWith([true])]
    #[TestWith([false])]
    public function testAnyNumberOfPiecesOfManySizes(bool $hasPicture): void
    {
        $job = Orchard::edit(Orchard::layered([$hasPicture ? [] : ['artwork' => null]]), [
            'breakdown' => '5 M, 1 S 80 mm, 3 L',
        ]);
        $plan = Orchard::whole($job);
        $hands = 0;
        foreach (range(1, 9) as $pieces) {
            $work = Work::forPieces($plan, $pieces, new Places());
            self::assertSame(
                $work->handsS(),
                self::sum($work->tasks(), static fn(Task $task): int => $task->handsS),
                $pieces . ' pieces',
            );
            self::assertGreaterThan($hands, $work->handsS());
            $hands = $work->handsS();
        }
    }

    /** A sheet is used with the first of the pieces on it, and given back with the last. */
    public function testASheetIsUsedOnceForAllThatLieOnIt(): void
    {
        $job = Orchard::edit(Orchard::job(['quantity' => 20]), ['width' => '60 mm']);
        $use = SessionUse::of($job, Orchard::whole($job), 20, Orchard::pictures(), Orchard::catalogue());
        $film = static fn(int ...$made): float => $use->usedBy(array_values($made))['sheet film-clear-a4'];
        self::assertSame([0.0, 1.0, 1.0], [$film(), $film(1), $film(1, 2)]);
        self::assertGreaterThan(1.0, $film(1, 20));
        $kept = SessionUse::fromRecord(
            Record::of(json_decode(json_encode($use, \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR)),
        );
        self::assertSame($use->usedBy([1, 20]), $kept->usedBy([1, 20]), 'also when it was put away');
    }

    /**
     * @template T
     *
     * @param list<T> $of
     * @param \Closure(T): int $what
     */
    private static function sum(array $of, \Closure $what): int
    {
        return array_sum(array_map($what, $of));
    }
}
