<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Job\PaperStock;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Sheet\Gang\Gang;
use Wubbin\Core\Sheet\Gang\GangPiece;
use Wubbin\Core\Sheet\Loading;

/** Sheets of one kind, with what lies on them. */
#[OA\Schema]
final readonly class GangLotView
{
    /**
     * @param list<GangSheetView> $sheets
     * @param list<GangPieceView> $pieces
     */
    public function __construct(
        public string $id,
        public string $medium,
        public string $medium_id,
        public string $marking,
        public bool $mirrored,
        #[OA\Property(description: 'Whole sheets that it takes')] public int $whole,
        #[OA\Property(description: 'Pieces lie by their outlines, not by their boxes')] public bool $nested,
        #[OA\Property(description: 'Sheets that the shelf has too few, where they were counted')] public int $short,
        public float $printable_margin_mm,
        #[
            OA\Property(
                ref: './plan.schema.json#/$defs/Loading',
                nullable: true,
                description: 'Which way a sheet goes into the printer',
            ),
        ]
        public ?Loading $loading,
        public array $sheets,
        public array $pieces,
    ) {}

    /** @param GangLot|null $later whose pieces fill what was left */
    public static function fromGang(Gang $gang, GangLot $lot, ?GangLot $later, GangWish $wish, PaperStock $paper): self
    {
        $there = $paper->sheets[$lot->medium->id] ?? null;
        $piece = static fn(GangPiece $one): GangPieceView => GangPieceView::fromPicture(
            $lot->pictures[$one->id],
            $gang->shareOf($one->id),
            in_array($one->id, $wish->upright, true) || $lot->medium->oneWay,
            false,
        );
        $spare = static fn(GangPicture $one): GangPieceView => GangPieceView::fromPicture($one, 0.0, false, true);

        return new self(
            $lot->id,
            $lot->medium->label,
            $lot->medium->id,
            $lot->marking->label,
            $lot->mirrored,
            $gang->whole(),
            $gang->nested,
            null === $there ? 0 : max(0, $gang->whole() - $there),
            $lot->marking->marginMm,
            $lot->first()->arrangement->loading,
            array_map(GangSheetView::of(...), $gang->sheets),
            [
                ...array_map($piece, array_values($gang->pieces)),
                ...array_map($spare, array_values($later->pictures ?? [])),
            ],
        );
    }
}
