<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use Wubbin\Core\Cost\Needs;
use Wubbin\Core\Cost\Shortage;
use Wubbin\Day\DayDesk;
use Wubbin\Job\JobDesk;

/** What all that is due still needs, and what of it is short. */
final readonly class Provision
{
    /** So many jobs are looked at, those due first. */
    private const MOST_JOBS = 100;

    public function __construct(private JobDesk $jobs, private DayDesk $day, private StockDesk $stock)
    {
    }

    public function needs(): Needs
    {
        $needs = Needs::nothing();
        $catalogue = $this->jobs->catalogue();
        foreach (array_slice($this->day->open(), 0, self::MOST_JOBS) as [$job, $pieces]) {
            $needs = $needs->plus(Needs::of($job, $this->jobs->plan($job), $pieces, $this->jobs->pictures($job), $catalogue));
        }

        return $needs;
    }

    /** @return list<Shortage> */
    public function short(Needs $needs): array
    {
        $items = array_filter($this->stock->items(), static fn (StoredItem $item): bool => $item->counted);

        return Shortage::of($needs, array_intersect_key($this->stock->ledgers(), $items), array_map(static fn (StoredItem $item): float => $item->pack, $items));
    }
}
