<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Core\Cost\Ledger;
use Wubbin\Core\Cost\Needs;
use Wubbin\Core\Cost\Shortage;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Plan;
use Wubbin\Job\DueJob;
use Wubbin\Job\DueWork;
use Wubbin\Job\JobPlanner;
use Wubbin\Job\PlanMemory;
use Wubbin\Stock\Inventory;
use Wubbin\Stock\StoredItem;

/** What all that is due still needs, and what of it is short. */
final readonly class Provision
{
    /** So many jobs are looked at, those due first. */
    private const MOST_JOBS = 100;

    public function __construct(
        private JobPlanner $jobs,
        private PlanMemory $plans,
        private DueWork $due,
        private Inventory $stock,
    ) {}

    public function needs(): Needs
    {
        $needs = Needs::nothing();
        $catalogue = $this->jobs->catalogue();
        $open = array_slice($this->due->left(), 0, self::MOST_JOBS);
        $plans = $this->plans->of(array_map(static fn(DueJob $one): Job => $one->job, $open));
        foreach ($open as $due) {
            $pieces = $due->tally->left + $due->tally->inHand();
            if (null === $due->job->due || 0 === $pieces) {
                continue;
            }
            $needs = $needs->plus(
                $plans->ask(
                    $due->job,
                    'needs ' . $pieces,
                    fn(Plan $plan): Needs => Needs::forPieces(
                        $due->job,
                        $plan,
                        $pieces,
                        $this->jobs->pictures($due->job),
                        $catalogue,
                    ),
                ),
            );
        }

        return $needs;
    }

    /**
     * What is short of what is counted.
     *
     * @param array<string, StoredItem> $items
     * @param array<string, Ledger> $ledgers
     *
     * @return list<Shortage>
     */
    public static function short(Needs $needs, array $items, array $ledgers): array
    {
        $counted = array_filter($items, static fn(StoredItem $item): bool => $item->counted);

        return Shortage::fromNeeds(
            $needs,
            array_intersect_key($ledgers, $counted),
            array_map(static fn(StoredItem $item): float => $item->pack, $counted),
        );
    }

    /**
     * What is short for all that is due, in words.
     *
     * @return list<string>
     */
    public function told(): array
    {
        return array_map(
            static fn(Shortage $one): string => $one->item->label,
            self::short($this->needs(), $this->stock->items(), $this->stock->ledgers()),
        );
    }
}
