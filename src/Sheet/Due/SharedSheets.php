<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\SheetRun;
use Wubbin\Core\Sheet\Gang\KnownSheets;
use Wubbin\Job\JobPlanner;

/** Proposes which jobs that are due should share sheets: those that take fewer together, of the same paper. */
final readonly class SharedSheets
{
    /** So many jobs are tried together. */
    private const MOST = 12;

    public function __construct(private DueSheets $due, private JobPlanner $jobs, private KnownSheets $known) {}

    /** @return list<SharedView> none where nothing would be saved */
    public function proposed(): array
    {
        $proposed = [];
        foreach ($this->due->all() as $group) {
            $fresh = array_filter(
                $group->entries,
                static fn(DueEntry $one): bool => null === $one->sheet && null === $one->share,
            );
            $jobs = array_slice(
                array_values(array_unique(array_map(static fn(DueEntry $one): string => $one->job, $fresh))),
                0,
                self::MOST,
            );
            $apart = array_sum(
                array_map(static fn(DueEntry $one): int => in_array($one->job, $jobs, true) ? $one->sheets : 0, $fresh),
            );
            $together = count($jobs) < 2 ? null : $this->together($jobs, $group->key);
            if (null !== $together && $together < $apart) {
                $proposed[] = new SharedView($group->key, $jobs, $apart, $together);
            }
        }

        return $proposed;
    }

    /**
     * @param list<string> $jobs
     *
     * @return int|null sheets of them; null where they cannot share any
     */
    private function together(array $jobs, string $key): ?int
    {
        $plans = $this->jobs->plans(array_map(fn(string $id): Job => $this->jobs->find($id)->job(), $jobs));
        foreach ($plans as $plan) {
            foreach ($plan->transfers as $transfer) {
                // Pictures in parts have sheets of their own, whoever else is printed.
                if (null === $transfer->arrangement->sheet) {
                    return null;
                }
            }
        }
        $sheets = 0;
        foreach (GangLot::of($plans) as $lot) {
            try {
                if (SheetKind::keyOfTransfer($lot->first()) === $key) {
                    $runs = $lot->full(self::counts($lot, $plans), $this->known);
                    $sheets += array_sum(array_map(static fn(SheetRun $run): int => $run->copies, $runs));
                }
            } catch (BadRecord) {
                return null;
            }
        }

        return $sheets;
    }

    /**
     * @param list<Plan> $plans
     *
     * @return array<string, int> pieces of each picture of a lot
     */
    private static function counts(GangLot $lot, array $plans): array
    {
        $counts = [];
        foreach ($plans as $plan) {
            foreach ($plan->parts() as $p => [$part, $quantity]) {
                foreach (array_keys($part->transfers) as $t) {
                    $counts[GangPicture::id($plan->jobId, $p, $t)] = $quantity;
                }
            }
        }

        return array_intersect_key($counts, $lot->pictures);
    }
}
