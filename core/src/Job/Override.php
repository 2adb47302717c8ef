<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

/** A check that would stop the job, set aside by the person with a reason that goes into the log. */
final readonly class Override
{
    public function __construct(public string $check, public string $reason) {}
}
