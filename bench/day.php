<?php

declare(strict_types=1);

/*
 * Shop days of 20, 60 and 150 pieces: the jobs of the demo orchard in seeded numbers and days, over one or two pairs of
 * hands, with all that a day has to keep.
 * Usage: php bench/day.php [SECONDS OF THE LONG RUN]
 */

use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Bench\Bench;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\JobActivities;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Wait;
use Wubbin\Core\Day\Workshop;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Route\CatalogueReader;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Sheet\Gang\GangSheet;
use Wubbin\Core\Sheet\Gang\KnownSheets;
use Wubbin\Core\Work\Place;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;

require dirname(__DIR__) . '/vendor/autoload.php';

$long = (float) ($argv[1] ?? 60.0);
$catalogue = CatalogueReader::builtIn();
$read = static function (string $file): Record {
    $record = json_decode((string) file_get_contents($file), true, 64, \JSON_THROW_ON_ERROR);
    if (!is_array($record)) {
        throw new RuntimeException('No record: ' . $file);
    }

    /* @var array<string, mixed> $record */
    return Record::of($record);
};
$shelf = Shelf::fromRecord($read(dirname(__DIR__) . '/demo/shelf.json'), $catalogue);
$planner = new Planner($catalogue);
$files = array_filter((array) glob(dirname(__DIR__) . '/demo/jobs/*.json'), is_string(...));
$plans = [];
foreach ($files as $file) {
    $plans[] = $planner->plan(JobFile::read($read($file)), $shelf, [], new House());
}

$shopDay = static function (int $pieces, int $seed) use ($plans): Day {
    $random = new Randomizer(new Mt19937($seed));
    $hours = [];
    for ($day = 0; $day < 40; ++$day) {
        $hours[] = [86_400 * $day + 32_400, 86_400 * $day + 45_000];
        $hours[] = [86_400 * $day + 48_600, 86_400 * $day + 64_800];
    }
    // Each job is wanted at some time of what all of it takes: some will be close.
    $takes =
        (array_sum(
            array_map(
                static fn(Plan $plan): float => (float) Work::forPieces(
                    $plan,
                    max(1, intdiv($pieces, 8)),
                    new Places(),
                )->handsS(),
                $plans,
            ),
        ) *
            8.0) /
        count($plans);
    $jobs = $random->shuffleArray($plans);
    $jobs = array_slice($jobs, 0, max(3, min(count($jobs), intdiv($pieces, 8))));
    $activities = [];
    $left = $pieces;
    foreach ($jobs as $n => $plan) {
        $count =
            $n === count($jobs) - 1
                ? $left
                : max(
                    1,
                    min($left - (count($jobs) - 1 - $n), (int) round($pieces / count($jobs)) + $random->getInt(-2, 2)),
                );
        $left -= $count;
        $due = 32_400 + (int) (((($takes * $random->getInt(20, 110)) / 100.0) * 86_400) / 28_800);
        array_push(
            $activities,
            ...JobActivities::forWork(
                $plan->jobId,
                'lot',
                BenchSequence::fromTasks(Work::forPieces($plan, max(1, $count), new Places())->tasks()),
                $due,
            ),
        );
    }
    $machines = array_fill_keys(
        array_filter(array_map(static fn(Activity $one): ?string => $one->machine, $activities), is_string(...)),
        1,
    );

    return new Day(
        $activities,
        new Workshop(1, new Hours($hours), $machines, array_map(static fn(): float => 4.0, $machines), [
            Place::Rack->value => 8,
            Place::Shelf->value => 8,
        ]),
        32_400,
    );
};

// The demo's fair: all its jobs, due on one day, planned, unrolled and laid out; how sheets are filled is remembered.
$remembering = new class implements KnownSheets {
    /** @var array<string, list<GangSheet>> */
    private array $known = [];

    public function of(string $what, Closure $fill): array
    {
        return $this->known[$what] ??= $fill();
    }

    public function found(string $what): ?array
    {
        return null;
    }
};
$fair = static function () use ($files, $read, $catalogue, $shelf, $remembering): array {
    $planner = new Planner($catalogue, $remembering);
    $activities = [];
    foreach ($files as $file) {
        $plan = $planner->plan(JobFile::read($read($file)), $shelf, [], new House());
        $work = Work::forPieces($plan, min(2 * Places::SESSION, $plan->quantity), new Places());
        array_push(
            $activities,
            ...JobActivities::forWork($plan->jobId, 'lot', BenchSequence::fromTasks($work->tasks()), 10 * 86_400),
        );
    }
    $hours = [];
    for ($day = 0; $day < 40; ++$day) {
        array_push(
            $hours,
            [86_400 * $day + 32_400, 86_400 * $day + 45_000],
            [86_400 * $day + 48_600, 86_400 * $day + 64_800],
        );
    }
    $machines = array_fill_keys(
        array_filter(array_map(static fn(Activity $one): ?string => $one->machine, $activities), is_string(...)),
        1,
    );
    $rooms = [Place::Rack->value => 8, Place::Shelf->value => 8];

    return [
        count($activities),
        Scheduler::first(new Day($activities, new Workshop(1, new Hours($hours), $machines, [], $rooms), 32_400)),
    ];
};
$took = [];
[$many] = $fair();
for ($n = 0; $n < 9; ++$n) {
    $began = hrtime(true);
    $fair();
    $took[] = (hrtime(true) - $began) / 1e6;
}
sort($took);
Bench::time(
    'day.fair',
    sprintf('The demo’s fair as a day, from its job files to the plan (%d activities), median of nine', $many),
    $took[4],
    150.0,
);

// Fisher and Thompson’s job shop of six (1963); the optimum is 55.
$activities = [];
foreach (
    [
        '2 1 0 3 1 6 3 7 5 3 4 6',
        '1 8 2 5 4 10 5 10 0 10 3 4',
        '2 5 3 4 5 8 0 9 1 1 4 7',
        '1 5 0 5 2 5 3 3 4 8 5 9',
        '2 9 1 3 4 5 5 4 0 3 3 1',
        '1 3 3 3 5 9 0 10 4 4 2 1',
    ]
    as $job => $row
) {
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
$began = hrtime(true);
$six = Scheduler::best(
    new Day(
        $activities,
        new Workshop(0, new Hours([[0, 1000]]), array_fill_keys(['m0', 'm1', 'm2', 'm3', 'm4', 'm5'], 1)),
        0,
    ),
    1,
    static fn(int $try, Timetable $best): bool => $try < 20_000 && $best->score->finish > 55,
);
Bench::row(
    'The job shop of six',
    sprintf('%d (%.2f s)', $six->score->finish, (hrtime(true) - $began) / 1e9),
    '55',
    55 === $six->score->finish,
);

foreach ([20, 60, 150] as $pieces) {
    $most = 0;
    $times = $again = [];
    for ($seed = 1; $seed <= 10; ++$seed) {
        $day = $shopDay($pieces, $seed);
        $most = max($most, count($day->activities));
        $began = hrtime(true);
        $first = Scheduler::first($day);
        $times[] = (hrtime(true) - $began) / 1e6;
        // The bench runs ten minutes late.
        $later = $day->with(now: $day->now + 600);
        $began = hrtime(true);
        Scheduler::again($later, $first->starts);
        $again[] = (hrtime(true) - $began) / 1e6;
    }
    Bench::time(
        'day.first ' . $pieces,
        sprintf('A first plan for %d pieces (up to %d activities), slowest of ten', $pieces, $most),
        max(0.0, ...$times),
        300.0,
    );
    Bench::time('day.again ' . $pieces, '  planned again, slowest of ten', max(0.0, ...$again), 300.0);
}

$over = 0.0;
$late = 0;
foreach ([1, 2, 3] as $seed) {
    $day = $shopDay(60, $seed);
    $run = static function (float $seconds) use ($day): array {
        $until = microtime(true) + $seconds;
        $tries = 0;
        $best = Scheduler::best($day, 1, static function (int $try) use ($until, &$tries): bool {
            $tries = $try;

            return microtime(true) < $until;
        });

        return [$best, $tries];
    };
    [$short, $few] = $run(2.0);
    [$best, $many] = $run($long);
    $over = max($over, ($short->score->finish - $day->now) / ($best->score->finish - $day->now) - 1.0);
    $late += count(array_diff($short->late(), $best->late()));
    printf(
        "  day %d: %d and %d orders tried, late %d and %d min, over after %.1f and %.1f h\n",
        $seed,
        $few,
        $many,
        $short->score->late / 60,
        $best->score->late / 60,
        ($short->score->finish - $day->now) / 3600,
        ($best->score->finish - $day->now) / 3600,
    );
}
Bench::row(
    sprintf('60 pieces after 2 s, finish over that of %.0f s', $long),
    sprintf('%.1f %%', 100.0 * $over),
    '2 %',
    $over <= 0.02,
);
Bench::row('  jobs late that the longer run has in time', (string) $late, '0', 0 === $late);
