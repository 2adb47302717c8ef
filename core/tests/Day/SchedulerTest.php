<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Impossible;
use Wubbin\Core\Day\Laying;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Wait;
use Wubbin\Core\Day\Workshop;
use Wubbin\Core\Tests\Slice;

final class SchedulerTest extends TestCase
{
    /**
     * Six jobs on six machines, machine then time (Fisher & Thompson, 1963): the optimum is 55, as the trade's list of
     * published facts has it.
     */
    private const SIX = [
        '2 1 0 3 1 6 3 7 5 3 4 6',
        '1 8 2 5 4 10 5 10 0 10 3 4',
        '2 5 3 4 5 8 0 9 1 1 4 7',
        '1 5 0 5 2 5 3 3 4 8 5 9',
        '2 9 1 3 4 5 5 4 0 3 3 1',
        '1 3 3 3 5 9 0 10 4 4 2 1',
    ];

    public function testTheJobShopOfSixIsPlannedAtItsOptimum(): void
    {
        $activities = [];
        foreach (self::SIX as $job => $row) {
            $numbers = array_map(intval(...), explode(' ', $row));
            for ($step = 0; $step < 6; ++$step) {
                $activities[] = new Activity(
                    $job . '-' . $step,
                    'job ' . $job,
                    'step',
                    $numbers[2 * $step + 1],
                    machine: 'm' . $numbers[2 * $step],
                    after: 0 === $step ? [] : [new Wait($job . '-' . ($step - 1))],
                );
            }
        }
        $day = new Day(
            $activities,
            new Workshop(0, SeededDays::always(), array_fill_keys(['m0', 'm1', 'm2', 'm3', 'm4', 'm5'], 1)),
            0,
        );
        $best = Scheduler::best(
            $day,
            1,
            static fn(int $try, Timetable $best): bool => $try < 20_000 && $best->score->finish > 55,
        );
        self::assertSame(55, $best->score->finish);
        self::assertSame([], Checker::of($best));
    }

    /**
     * Seed, and the optimum in minutes, found by a constraint solver that the fixture names; its model lies beside it.
     *
     * @return iterable<string, array{int, int, int}>
     */
    public static function smallDays(): iterable
    {
        /** @var array{optimum: array<int, array{late_min: int, finish_min: int}>} $fixture */
        $fixture = json_decode(
            (string) file_get_contents(__DIR__ . '/../fixtures/small-days.json'),
            true,
            8,
            \JSON_THROW_ON_ERROR,
        );
        foreach ($fixture['optimum'] as $seed => ['late_min' => $late, 'finish_min' => $finish]) {
            yield 'day ' . $seed => [$seed, $late, $finish];
        }
    }

    #[DataProvider('smallDays')]
    public function testSmallDaysArePlannedAtTheirOptimum(int $seed, int $late, int $finish): void
    {
        $best = Scheduler::best(
            SmallDays::of($seed),
            1,
            static fn(int $try, Timetable $best): bool => $try < 20_000 &&
                [$best->score->late, $best->score->finish] > [60.0 * $late, 60 * $finish],
        );
        self::assertSame([60.0 * $late, 60 * $finish], [$best->score->late, $best->score->finish]);
        self::assertSame([], Checker::of($best));
    }

    #[Group('long')]
    public function testSeededDaysKeepAllRules(): void
    {
        $days = Slice::isWhole() ? SeededDays::IN_FULL : SeededDays::COUNT;
        $planned = 0;
        for ($seed = 1; $seed <= $days; ++$seed) {
            $day = SeededDays::day($seed);
            $first = Scheduler::first($day);
            self::assertSame([], Checker::of($first), 'day ' . $seed);
            $best = Scheduler::best($day, $seed, static fn(int $try): bool => $try <= 12);
            self::assertSame([], Checker::of($best), 'day ' . $seed);
            self::assertFalse($first->score->beats($best->score), 'looking never makes it worse');
            ++$planned;
        }
        self::assertSame($days, $planned);
    }

    public function testTheSameSeedPlansTheSame(): void
    {
        $plan = static fn(): array => Scheduler::best(SeededDays::day(7), 3, static fn(int $try): bool => $try <= 60)
            ->starts;
        self::assertSame($plan(), $plan());
    }

    /** Two at 200 °C and two at 160 °C, in any order but by turns: the press is set twice, not four times. */
    public function testPiecesOfTheSameTemperatureBelongTogether(): void
    {
        $activities = array_map(
            static fn(int $n): Activity => new Activity(
                'p' . $n,
                'job ' . $n,
                'press',
                60,
                true,
                'press',
                0 === $n % 2 ? 200.0 : 160.0,
            ),
            range(1, 6),
        );
        $best = Scheduler::best(
            new Day($activities, new Workshop(1, SeededDays::always(), ['press' => 1], ['press' => 6.0]), 0),
            1,
            static fn(int $try): bool => $try <= 300,
        );
        self::assertSame(1, $best->score->changes);
        self::assertSame(6 * 60 + 240, $best->score->finish);
    }

    /** A peel within seconds of the press, and a board that dries overnight while no hands are there. */
    public function testWaitsHaveALeastAndAMost(): void
    {
        $hours = new Hours([[0, 3600], [86_400, 90_000]]);
        $activities = [
            new Activity('press', 'a', 'press', 60, true, 'press', 200.0),
            new Activity('peel', 'a', 'peel', 20, true, after: [new Wait('press', 5, 15)]),
            new Activity('coat', 'b', 'coat', 600, true),
            new Activity('dry', 'b', 'dry', 14 * 3600, after: [new Wait('coat')]),
            new Activity('fuse', 'b', 'fuse', 300, true, after: [new Wait('dry')]),
        ];
        $table = Scheduler::first(new Day($activities, new Workshop(1, $hours, ['press' => 1]), 0));
        self::assertSame([], Checker::of($table));
        self::assertGreaterThanOrEqual(86_400, $table->starts['fuse'], 'hands come back in the morning');
        self::assertLessThan(86_400, $table->ends('dry'), 'it has dried through the night');
    }

    public function testARackHoldsOnlySoMany(): void
    {
        $activities = array_map(
            static fn(int $n): Activity => new Activity('d' . $n, 'job', 'dry', 1800, place: 'rack'),
            range(1, 5),
        );
        $table = Scheduler::first(
            new Day($activities, new Workshop(1, SeededDays::always(), places: ['rack' => 2]), 0),
        );
        self::assertSame(3 * 1800, $table->score->finish);
        self::assertSame([], Checker::of($table));
    }

    /** Somebody has to put the paper in; then it may print while they go home. */
    public function testAPrinterIsStartedWhileSomebodyIsThere(): void
    {
        $night = new Hours([[3600, 7200]]);
        $table = Scheduler::first(
            new Day(
                [new Activity('a', 'job', 'print', 3600, machine: 'printer', attended: true)],
                new Workshop(1, $night, ['printer' => 1]),
                0,
            ),
        );
        self::assertSame([3600, 7200], [$table->starts['a'], $table->ends('a')]);
        self::assertSame([], Checker::of($table));
    }

    public function testWhatIsDueFirstIsDoneFirst(): void
    {
        $activities = [
            new Activity('a', 'later', 'a', 600, true, due: 5000),
            new Activity('b', 'sooner', 'b', 600, true, due: 600),
        ];
        $table = Scheduler::first(new Day($activities, new Workshop(1, SeededDays::always()), 0));
        self::assertSame(0, $table->starts['b']);
        self::assertSame(0.0, $table->score->late);
        self::assertSame([], $table->late());
    }

    public function testWhatCannotBeInTimeIsToldAndTheLatestComesFirst(): void
    {
        $activities = [
            new Activity('a', 'yesterday', 'a', 600, true, due: -100),
            new Activity('b', 'soon', 'b', 600, true, due: 900),
        ];
        $table = Scheduler::first(new Day($activities, new Workshop(1, SeededDays::always()), 0));
        self::assertSame(['yesterday', 'soon'], $table->late());
        self::assertSame(700.0 + 300.0, $table->score->late);
    }

    /** The chain leads from the finish back without a gap to the beginning. */
    public function testTheChainThatDecidesTheFinish(): void
    {
        $activities = [
            new Activity('print', 'a', 'print', 90, false, 'printer'),
            new Activity('dry', 'a', 'dry', 1800, after: [new Wait('print')]),
            new Activity('other', 'b', 'other', 300, true),
            new Activity('press', 'a', 'press', 60, true, after: [new Wait('dry')]),
        ];
        $workshop = new Workshop(1, SeededDays::always(), ['printer' => 1]);
        $chain = Scheduler::first(new Day($activities, $workshop, 0))->chain();
        self::assertSame(['print', 'dry', 'press'], array_merge(...array_column($chain, 'labels')));
        self::assertCount(1, $chain, 'all of one job is one link');
        self::assertSame(
            [0, 1950, 'begins when work begins'],
            [$chain[0]->start, $chain[0]->end, $chain[0]->words($workshop)],
        );
    }

    /** Two that want the one press: the second waited for it, and says so. */
    public function testTheChainSaysWhatWasWaitedFor(): void
    {
        $activities = [
            new Activity('a', 'tags', 'press', 600, false, 'p1'),
            new Activity('b', 'mugs', 'press', 900, false, 'p1'),
        ];
        $workshop = new Workshop(1, SeededDays::always(), ['p1' => 1], names: ['p1' => 'barn press']);
        $chain = Laying::fromRanks(new Day($activities, $workshop, 0), [0.0, 1.0])->chain();
        self::assertSame(['tags', 'mugs'], array_column($chain, 'group'));
        self::assertSame('waits for the barn press', $chain[1]->words($workshop));
    }

    public function testAStackOfSheetsTakesItsRoom(): void
    {
        $activities = [
            new Activity('stack', 'a', 'dry', 1800, place: 'rack', room: 3),
            new Activity('one', 'b', 'dry', 600, place: 'rack'),
            new Activity('two', 'c', 'dry', 600, place: 'rack', room: 2),
        ];
        $table = Laying::fromRanks(
            new Day($activities, new Workshop(1, SeededDays::always(), places: ['rack' => 4]), 0),
            [0.0, 1.0, 2.0],
        );
        self::assertSame(['stack' => 0, 'one' => 0, 'two' => 1800], $table->starts);
        self::assertSame([], Checker::of($table));
        $this->expectException(Impossible::class);
        new Day($activities, new Workshop(1, SeededDays::always(), places: ['rack' => 2]), 0);
    }
}
