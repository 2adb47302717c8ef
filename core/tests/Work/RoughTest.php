<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Work;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\JobActivities;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Workshop;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Work\Place;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Task;
use Wubbin\Core\Work\Work;

/** Work that is seen from afar, held against the same work piece by piece. */
final class RoughTest extends TestCase
{
    private const PIECES = 120;

    /** @return array<string, array{string}> */
    public static function routes(): array
    {
        $routes = array_keys(Orchard::catalogue()->routes);

        return array_combine($routes, array_map(static fn(string $route): array => [$route], $routes));
    }

    private static function plan(string $route): Plan
    {
        return Orchard::whole(Orchard::jobOf($route, ['quantity' => self::PIECES]));
    }

    /** @param list<Task> $tasks */
    private static function hands(array $tasks): int
    {
        return array_sum(array_map(static fn(Task $task): int => $task->handsS, $tasks));
    }

    #[DataProvider('routes')]
    public function testHandsTakeAsLongAsPieceByPiece(string $route): void
    {
        $work = Work::of(self::plan($route), new Places());
        $rough = $work->rough(self::PIECES);
        self::assertSame(self::hands($work->tasks()), self::hands($rough));
        self::assertLessThan(count($work->tasks()) / 4, count($rough));
        // In portions nothing is lost either: each has its own last batch, which may be a smaller one.
        self::assertGreaterThanOrEqual(self::hands($rough), self::hands($work->rough(50)));
        self::assertLessThan(1.03 * self::hands($rough), self::hands($work->rough(50)));
    }

    #[DataProvider('routes')]
    public function testEachTaskComesAfterTheOneBefore(string $route): void
    {
        $known = [];
        foreach (Work::of(self::plan($route), new Places())->rough(50) as $task) {
            foreach ($task->after as $need) {
                self::assertArrayHasKey($need->task, $known);
            }
            $known[$task->id] = true;
        }
        self::assertNotSame([], $known);
    }

    /** The plan of a day from it ends about when the plan piece by piece does. */
    #[DataProvider('routes')]
    public function testItIsOverAboutThen(string $route): void
    {
        $work = Work::of(self::plan($route), new Places());
        $fine = self::over($work->tasks());
        $rough = self::over($work->rough(self::PIECES));
        self::assertEqualsWithDelta($fine, $rough, 0.5 * $fine + 86_400.0);
    }

    public function testWhatIsPrintedAlreadyDriesSinceThen(): void
    {
        $sequence = BenchSequence::fromTasks(Work::of(self::plan('light-film'), new Places())->tasks());
        $activities = JobActivities::forWork('job', 'lot', $sequence, 900_000, printed: 30_000);
        $labels = array_merge(...array_map(static fn(Activity $one): array => explode(', ', $one->label), $activities));
        self::assertNotContains('print', $labels);
        self::assertNotContains('check the print', $labels);
        self::assertContains('cut', $labels);
        foreach ($activities as $one) {
            self::assertSame('let it dry' === $one->label ? 30_000 : null, $one->began, $one->label);
        }
    }

    /** @param list<Task> $tasks */
    private static function over(array $tasks): float
    {
        $activities = JobActivities::forWork('job', 'lot', BenchSequence::fromTasks($tasks), null);
        $hours = [];
        for ($day = 0; $day < 60; ++$day) {
            $hours[] = [86_400 * $day + 32_400, 86_400 * $day + 45_000];
            $hours[] = [86_400 * $day + 48_600, 86_400 * $day + 64_800];
        }
        $machines = array_fill_keys(
            array_filter(array_map(static fn(Activity $one): ?string => $one->machine, $activities), is_string(...)),
            1,
        );
        $rooms = [Place::Rack->value => 8, Place::Shelf->value => 8];
        $day = new Day($activities, new Workshop(1, new Hours($hours), $machines, [], $rooms), 32_400);

        return (float) (Scheduler::first($day)->score->finish - $day->now);
    }
}
