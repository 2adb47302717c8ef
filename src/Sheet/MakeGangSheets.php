<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Http\Problem;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** Makes the sheets of jobs that were laid out together. */
final readonly class MakeGangSheets implements TaskHandler
{
    public function __construct(private GangDesk $gangs, private PrintedSheets $sheets)
    {
    }

    public static function kind(): string
    {
        return 'make-gang-sheets';
    }

    public function run(Record $input, Progress $progress): SheetView
    {
        $layout = $input->record('layout');
        $wanted = $layout->record('plans')->stringMap();
        $plans = $this->gangs->plans(array_keys($wanted));
        foreach ($plans as $plan) {
            if ($wanted[$plan->jobId] !== $plan->id()) {
                throw Problem::field('jobs', sprintf('“%s” was changed meanwhile: lay the sheets out again.', $plan->jobName));
            }
        }

        return SheetView::of($this->sheets->makeGang($plans, GangLot::of($plans), $layout->records('lots'), $progress));
    }
}
