<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\HeatParameters;
use Wubbin\Http\Problem;
use Wubbin\Job\JobDesk;

/** Finds what the heat model is asked about. */
final readonly class HeatDesk
{
    public function __construct(private JobDesk $jobs, private Catalogue $catalogue)
    {
    }

    /** @throws Problem where there is no such job or picture */
    public function caseOf(string $job, int $picture): ?HeatCase
    {
        $plan = $this->jobs->plan($this->jobs->find($job)->job());
        $transfer = $plan->transfers[$picture] ?? throw Problem::notFound('There is no such picture on this piece.');

        return $transfer->heatCase;
    }

    public function parameters(): HeatParameters
    {
        return $this->catalogue->heatParameters;
    }
}
