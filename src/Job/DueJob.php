<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Wubbin\Core\Job\Job;
use Wubbin\Core\Work\Tally;
use Wubbin\Session\StoredRun;

/** A job that something is left of, with what is at the bench of it. */
final readonly class DueJob
{
    /** @param list<StoredRun> $sessions under way */
    public function __construct(public Job $job, public array $sessions, public Tally $tally) {}
}
