<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Wubbin\Core\Run\Outcome;
use Wubbin\Session\StoredPiece;
use Wubbin\Session\StoredRun;
use Wubbin\Stock\Inventory;

/** Takes what pieces at the bench have used up out of the stock. */
final readonly class StockUse
{
    public function __construct(private Inventory $stock) {}

    /**
     * All that a session has used so far: pieces that came out good or spoiled; one that is pressed again uses nothing
     * new. What it is made of was told when it began, whatever has become of its job since.
     */
    public function of(StoredRun $run): void
    {
        $made = array_map(
            static fn(StoredPiece $piece): int => $piece->number,
            array_filter(
                $run->pieces->toArray(),
                static fn(StoredPiece $piece): bool => null !== $piece->outcome && Outcome::Redo !== $piece->outcome,
            ),
        );
        $uses = $run->uses();
        // Of sessions that were begun before that was kept nobody knows what they use, and they go on.
        if (null !== $uses) {
            $this->stock->usedBy('run-' . $run->id, $uses->usedBy(array_values($made)));
        }
    }
}
