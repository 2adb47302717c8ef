<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Core\Day\Impossible;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Task\Progress;
use Wubbin\Task\Search;

/** Looks for a better plan of the day, and takes the best it has found. */
final readonly class PlanDay implements Search
{
    private const SEED = 1;
    private const SECONDS = 20.0;

    public function __construct(private DayPlanner $days, private DayMemory $memory) {}

    public static function kind(): string
    {
        return 'plan-day';
    }

    public function run(Record $input, Progress $progress): object
    {
        $day = $this->days->agenda()->day;
        $began = hrtime(true);
        $tries = 0;
        try {
            $best = Scheduler::best($day, self::SEED, static function (int $try, Timetable $best) use (
                $progress,
                $began,
                &$tries,
            ): bool {
                $tries = $try;
                $part = (hrtime(true) - $began) / (1.0e9 * self::SECONDS);

                $progress->at(min(1.0, $part), sprintf('%d orders tried', $try));

                return $part < 1.0 && !$progress->enough();
            });
        } catch (Impossible $e) {
            throw InvalidInput::field('day', $e->getMessage());
        }
        $this->memory->see($best);

        return (object) ['tries' => $tries];
    }
}
