<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\Record;
use Wubbin\Http\Problem;
use Wubbin\Job\JobDesk;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** Makes the sheets of a job whose pictures must be bent first. */
final readonly class MakeSheet implements TaskHandler
{
    public function __construct(private JobDesk $desk, private PrintedSheets $sheets)
    {
    }

    public static function kind(): string
    {
        return 'make-sheet';
    }

    public function run(Record $input, Progress $progress): SheetView
    {
        $plan = $this->desk->plan($this->desk->find($input->string('job'))->job());
        if ($plan->id() !== $input->string('plan')) {
            throw Problem::field('sheet', 'The job was changed meanwhile: make the sheet again.');
        }

        return SheetView::of($this->sheets->make($plan, $progress));
    }
}
