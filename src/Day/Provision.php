<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Core\Cost\Ledger;
use Wubbin\Core\Cost\Needs;
use Wubbin\Core\Cost\Shortage;
use Wubbin\Core\Plan\Plan;
use Wubbin\Job\JobPlanner;
use Wubbin\Stock\Inventory;
use Wubbin\Stock\StoredItem;

/** What all that is due still needs, and what of it is short. */
final readonly class Provision
{
    /** So many jobs are looked at, those due first. */
    private const MOST_JOBS = 100;

    public function __construct(private JobPlanner $jobs, private DueWork $due, private Inventory $stock) {}

    /** @param array<string, Plan> $known plans that were made already, by job */
    public function needs(array $known = []): Needs
    {
        $needs = Needs::nothing();
        $catalogue = $this->jobs->catalogue();
        $planned = $this->jobs->planning();
        foreach (array_slice($this->due->open(), 0, self::MOST_JOBS) as [$job, $pieces]) {
            $needs = $needs->plus(
                Needs::forPieces(
                    $job,
                    $known[$job->id] ?? $planned($job),
                    $pieces,
                    $this->jobs->pictures($job),
                    $catalogue,
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
     * @param array<string, Plan> $known
     *
     * @return list<string>
     */
    public function told(array $known): array
    {
        return array_map(
            static fn(Shortage $one): string => $one->item->label,
            self::short($this->needs($known), $this->stock->items(), $this->stock->ledgers()),
        );
    }
}
