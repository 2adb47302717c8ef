<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Sheet\Gang\GangPlace;
use Wubbin\Core\Sheet\Gang\GangSheet;

/** Sheets that are all alike, one after another. */
final readonly class SheetRun
{
    public function __construct(public GangLot $lot, public GangSheet $sheet, public int $copies) {}

    /** @return array<string, int> how many of each piece lie on one of them, by the piece's id */
    public function holds(): array
    {
        return array_count_values(
            array_map(static fn(GangPlace $place): string => $place->piece, $this->sheet->places),
        );
    }
}
