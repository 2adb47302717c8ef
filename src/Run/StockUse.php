<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Wubbin\Core\Cost\Needs;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Run\Outcome;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\Refusal;
use Wubbin\Session\StoredPiece;
use Wubbin\Session\StoredRun;
use Wubbin\Stock\Inventory;

/** Takes what pieces at the bench have used up out of the stock. */
final readonly class StockUse
{
    public function __construct(private JobPlanner $jobs, private Inventory $stock) {}

    /**
     * All that a session has used so far: pieces that came out good or spoiled; one that is pressed again uses nothing
     * new.
     */
    public function of(StoredRun $run): void
    {
        $made = count(
            array_filter(
                $run->pieces->toArray(),
                static fn(StoredPiece $piece): bool => null !== $piece->outcome && Outcome::Redo !== $piece->outcome,
            ),
        );
        try {
            $job = $this->jobs->find($run->job)->job();
            $plan = $this->jobs->plan($job);
        } catch (Refusal | BadRecord) {
            // What the session was made from is no longer known: then nobody knows what it uses, and it goes on.
            return;
        }
        foreach ($plan->shares as $n => $share) {
            if ($share->plan->id() === $run->plan && isset($job->breakdown[$n])) {
                [$job, $plan] = [$job->forShare($job->breakdown[$n]), $share->plan];
                break;
            }
        }
        // What nothing is made of any more uses nothing: an undone judgement gives back what it took.
        $needs = Needs::forPieces($job, $plan, max(1, $made), $this->jobs->pictures($job), $this->jobs->catalogue());
        $this->stock->usedBy(
            'run-' . $run->id,
            array_map(static fn(float $amount): float => 0 === $made ? 0.0 : $amount, $needs->amounts),
        );
    }
}
