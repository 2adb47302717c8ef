<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Breakdown;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Route\Catalogue;

/** Turns what is wanted, what there is and how the house goes about it into a plan; the same always give the same. */
final readonly class Planner
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param Picture|null $picture what is known of the job's picture; null where it has none, or it cannot be found
     *
     * @throws BadRecord when the job names a blank, material, route or school that Wubbin does not have
     */
    public function plan(Job $job, Shelf $shelf, ?Picture $picture, House $house = new House()): Plan
    {
        $catalogue = $shelf->stocked($this->catalogue);
        $shares = [];
        foreach ($job->breakdown as $share) {
            $setup = new Setup($job->forShare($share), $shelf, $picture, $catalogue, $house);
            $shares[] = SharePlan::of(Breakdown::label($share, $setup->kind, $catalogue), $share->quantity, Plan::of($setup));
        }

        return Plan::of(new Setup($job, $shelf, $picture, $catalogue, $house), $shares);
    }
}
