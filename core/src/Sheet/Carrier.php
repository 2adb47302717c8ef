<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\CarrierWay;

/** The cut list of a carrier: what the flimsy sheet is cut to, what is folded and taped, and how many are made. */
final readonly class Carrier implements \JsonSerializable
{
    /** A folded corner covers the sheet's by so much, in mm (assumed). */
    private const COVERS_MM = 1.0;

    /** One in so many creases or jams (assumed): so many more are made ahead. */
    private const SPOILED_ONE_IN = 5;

    /** @param list<Rect> $zones of the print side, in mm on an upright sheet, that tape or glue takes up */
    private function __construct(
        public CarrierWay $way,
        public Size $sheet,
        public Size $cut,
        public float $beyondMm,
        public float $cornerMm,
        public array $zones,
        public bool $foldLeads,
        public int $wanted,
    ) {}

    /**
     * @param int $sheets that are to be printed
     * @param float|null $beyondMm how much larger it is cut all round, where the job says so
     */
    public static function forSheet(CarrierWay $way, Size $sheet, int $sheets, ?float $beyondMm = null): self
    {
        $beyond = $beyondMm ?? $way->beyondMm;
        $cut = $sheet->grown($beyond);
        $cut = Size::mm($cut->widthMm, $cut->heightMm + $way->stripMm);
        // A slanting cut that passes the sheet's corner, which lies as far from both edges as the tissue is larger.
        $corner = $way->cornersCut ? max(0.0, 2.0 * ($beyond - self::COVERS_MM)) : 0.0;

        return new self($way, $sheet, $cut, $beyond, $corner, self::zonesOf($way, $sheet), $way->foldLeads, $sheets);
    }

    /** How many to make ahead. */
    public function ahead(): int
    {
        return $this->wanted + max(1, (int) ceil($this->wanted / self::SPOILED_ONE_IN));
    }

    /** @return list<Rect> */
    private static function zonesOf(CarrierWay $way, Size $sheet): array
    {
        $tape = $way->tapeMm;
        [$w, $h] = [$sheet->widthMm, $sheet->heightMm];
        if (0.0 === $tape) {
            return [];
        }

        return $way->atEdges
            ? [
                Rect::mm(0.0, 0.0, $w, $tape),
                Rect::mm(0.0, $h - $tape, $w, $tape),
                Rect::mm(0.0, $tape, $tape, $h - 2.0 * $tape),
                Rect::mm($w - $tape, $tape, $tape, $h - 2.0 * $tape),
            ]
            : [
                Rect::mm(0.0, 0.0, $tape, $tape),
                Rect::mm($w - $tape, 0.0, $tape, $tape),
                Rect::mm(0.0, $h - $tape, $tape, $tape),
                Rect::mm($w - $tape, $h - $tape, $tape, $tape),
            ];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'way' => $this->way->label,
            'backing' => $this->way->backing,
            'sheet_width_mm' => $this->sheet->widthMm,
            'sheet_height_mm' => $this->sheet->heightMm,
            'cut_width_mm' => $this->cut->widthMm,
            'cut_height_mm' => $this->cut->heightMm,
            'beyond_mm' => $this->beyondMm,
            'strip_mm' => $this->way->stripMm,
            'corner_mm' => $this->cornerMm,
            'zones' => array_map(
                static fn(Rect $zone): array => [
                    'x_mm' => $zone->xMm,
                    'y_mm' => $zone->yMm,
                    'width_mm' => $zone->size->widthMm,
                    'height_mm' => $zone->size->heightMm,
                ],
                $this->zones,
            ),
            'fold_leads' => $this->foldLeads,
            'sheets' => $this->wanted,
            'ahead' => $this->ahead(),
            'how' => $this->way->how,
            'provenance' => $this->way->provenance,
        ];
    }
}
