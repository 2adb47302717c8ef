<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\JobSheets;
use Wubbin\Job\FilledSheets;
use Wubbin\Job\FoundSheets;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Storage\WriteTurn;
use Wubbin\Task\Progress;
use Wubbin\Task\Search;

/** Looks for fewer sheets for a job, and keeps what it finds with the job. */
final readonly class SearchSheets implements Search
{
    private const SEED = 1;

    /** So long a paper is searched for, each way, in s. */
    private const SECONDS = 20.0;

    public function __construct(
        private JobPlanner $jobs,
        private EntityManagerInterface $entities,
        private WriteTurn $turn,
    ) {}

    public static function kind(): string
    {
        return 'search-sheets';
    }

    public function run(Record $input, Progress $progress): object
    {
        $job = $input->string('job');
        $plan = $this->jobs->plan($this->jobs->find($job)->job());
        $before = $plan->sheets()->count();
        try {
            $found = JobSheets::searched(
                $plan,
                self::SEED,
                static fn(GangLot $lot): \Closure => self::watch($lot, $progress),
            );
        } catch (BadRecord $e) {
            throw InvalidInput::field('sheets', $e->getMessage());
        }
        $this->turn->take(function () use ($job, $found): void {
            foreach ($found as $what => $sheets) {
                $key = FilledSheets::key($what);
                if (null === $this->entities->find(FoundSheets::class, $key)) {
                    $this->entities->persist(new FoundSheets($key, $job, $sheets));
                }
            }
            $this->entities->flush();
        });
        $after = $this->jobs
            ->plan($this->jobs->find($job)->job())
            ->sheets()
            ->count();

        return (object) ['before' => $before, 'after' => $after];
    }

    /** @return \Closure(int, int, int): bool */
    private static function watch(GangLot $lot, Progress $progress): \Closure
    {
        $began = [];

        return static function (int $tried, int $sheets, int $way) use ($lot, $progress, &$began): bool {
            $began[$way] ??= hrtime(true);
            $part = (hrtime(true) - $began[$way]) / (1.0e9 * self::SECONDS);
            $progress->at(
                ($way + min(1.0, $part)) / 2.0,
                sprintf('%s: %d sheets so far', $lot->medium->label, $sheets),
            );

            return $part < 1.0 && !$progress->enough();
        };
    }
}
