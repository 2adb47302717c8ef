<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Route\Catalogue;

/** Turns what is wanted and what there is into a plan. The same job and shelf always give the same plan. */
final readonly class Planner
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param Picture|null $picture what is known of the job's picture; null where it has none, or it cannot be found
     *
     * @throws BadRecord when the job names a size, material, route or school that Wubbin does not have
     */
    public function plan(Job $job, Shelf $shelf, ?Picture $picture): Plan
    {
        return Plan::of(new Setup($job, $shelf, $picture, $this->catalogue));
    }
}
