<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\Record;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** Makes the sheets of a job whose pictures must be bent first. */
final readonly class MakeSheet implements TaskHandler
{
    public function __construct(private JobPlanner $jobs, private SheetMaker $sheets) {}

    public static function kind(): string
    {
        return 'make-sheet';
    }

    public function run(Record $input, Progress $progress): SheetView
    {
        $plan = $this->jobs->plan($this->jobs->find($input->string('job'))->job());
        if ($plan->id() !== $input->string('plan')) {
            throw InvalidInput::field('sheet', 'The job was changed. Make the sheet again.');
        }

        return SheetView::of(
            $input->has('pieces')
                ? $this->sheets->makeSome(
                    $plan,
                    new SomePieces(
                        $input->integer('pieces'),
                        $input->has('share') ? $input->integer('share') : null,
                        $input->has('names') ? $input->integers('names') : null,
                    ),
                    $progress,
                )
                : $this->sheets->make($plan, $progress),
        );
    }
}
