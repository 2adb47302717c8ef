<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Breakdown;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Sheet\Gang\KnownSheets;
use Wubbin\Core\Sheet\Gang\Unremembered;

/** Turns what is wanted, what there is and how the house goes about it into a plan; the same always give the same. */
final readonly class Planner
{
    /** @param KnownSheets $known how sheets were filled before */
    public function __construct(private Catalogue $catalogue, private KnownSheets $known = new Unremembered()) {}

    /**
     * @param array<string, Picture> $pictures what is known of the job's pictures, by SHA-256; one that is missing
     *                                         cannot be found
     *
     * @throws BadRecord when the job names a blank, material, side, route or school that Wubbin does not have
     */
    public function plan(Job $job, Shelf $shelf, array $pictures = [], House $house = new House()): Plan
    {
        $catalogue = $shelf->stocked($this->catalogue);
        $setups = static fn(Job $job): array => array_map(
            static fn(Transfer $transfer): Setup => Setup::forBrief(
                new Brief($job, $transfer, $shelf, $pictures[$transfer->artwork ?? ''] ?? null, $catalogue, $house),
            ),
            $job->transfers,
        );
        $shares = [];
        foreach ($job->breakdown as $share) {
            $of = $setups($job->forShare($share));
            $shares[] = SharePlan::forShare(
                Breakdown::label($share, $of[0]->brief->kind, $catalogue),
                $share->quantity,
                Plan::fromSetups($of),
            );
        }

        return Plan::ofJob($setups($job), $shares, $this->known);
    }
}
