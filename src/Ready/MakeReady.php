<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use Wubbin\Core\Measure\Record;
use Wubbin\Job\JobPlanner;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** Makes a large picture ready. */
final readonly class MakeReady implements TaskHandler
{
    public function __construct(private JobPlanner $jobs, private ReadyWork $work) {}

    public static function kind(): string
    {
        return 'make-ready';
    }

    public function run(Record $input, Progress $progress): ReadyMade
    {
        return $this->work->make(
            $this->jobs->find($input->string('job'))->job(),
            ReadyWish::fromRecord($input),
            $progress,
        );
    }
}
