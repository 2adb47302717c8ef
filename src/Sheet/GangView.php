<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Job\PaperStock;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Sheet\Gang\Gang;

/** Sheets that several jobs share, by what is printed on what. */
#[OA\Schema]
final readonly class GangView
{
    /**
     * @param list<GangLotView> $lots
     * @param array<string, string> $plans ids of the plans they were laid out from, by job
     * @param list<string> $later jobs whose pieces fill what was left
     * @param list<string> $apart why what is printed on the same is not on the same sheets
     */
    private function __construct(public array $lots, public array $plans, public array $later, public array $apart) {}

    /**
     * @param list<array{GangLot, GangLot|null, Gang}> $gangs what is laid out, and what may fill the rest
     * @param list<array{string, string}> $plans
     */
    public static function fromGangs(array $gangs, array $plans, GangWish $wish, PaperStock $paper): self
    {
        return new self(
            array_map(
                static fn(array $one): GangLotView => GangLotView::fromGang($one[2], $one[0], $one[1], $wish, $paper),
                $gangs,
            ),
            array_column($plans, 1, 0),
            $wish->later,
            GangLot::apart(array_column($gangs, 0)),
        );
    }
}
