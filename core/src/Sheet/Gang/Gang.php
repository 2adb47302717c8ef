<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** Pieces that may share a sheet, laid out on as few sheets as possible. */
final readonly class Gang implements \JsonSerializable
{
    public const MOST_PIECES = 5000;

    /** Steps that lengths are counted in: a twentieth of a millimetre is finer than any cut. */
    private const STEPS_A_MM = 20;

    /** Smaller ones are not kept, in mm (assumed: an A7 card is 74 wide). */
    private const OFFCUT_MM = 50.0;
    private const MOST_OFFCUTS = 3;

    /**
     * @param list<GangSheet>          $sheets
     * @param array<string, GangPiece> $pieces by id
     */
    private function __construct(public Size $page, public Rect $printable, public array $sheets, public array $pieces)
    {
    }

    /**
     * @param list<GangPiece>          $pieces
     * @param Size                     $page      the sheet, upright
     * @param Rect                     $printable of the page: the printer's margins off, and what the marks take up
     * @param Length                   $gap       between two pieces
     * @param callable(int, int): bool $goOn      told how often it was tried, and how many sheets the best so far has; false takes that
     *
     * @throws BadRecord naming gap, sheet or pieces
     */
    public static function of(array $pieces, Size $page, Rect $printable, Length $gap, int $seed, callable $goOn): self
    {
        if ($printable->size->widthMm <= 0.0 || $printable->size->heightMm <= 0.0) {
            throw BadRecord::at('sheet', 'Nothing of this sheet can be printed on: its margins take it all.');
        }
        if ($gap->mm < 0.0 || $gap->mm > min($printable->size->widthMm, $printable->size->heightMm)) {
            throw BadRecord::at('gap', 'A gap goes from nothing to the width of the sheet.');
        }
        $all = array_sum(array_map(static fn (GangPiece $piece): int => $piece->count, $pieces));
        if ($all > self::MOST_PIECES) {
            throw BadRecord::at('pieces', sprintf('These are %d pieces; at most %d are laid out at once.', $all, self::MOST_PIECES));
        }
        // The gap is added to every piece on two sides, and to the sheet once.
        $kinds = [];
        foreach ($pieces as $piece) {
            if ($piece->size->areaMm2() <= 0.0) {
                throw BadRecord::at('pieces', sprintf('“%s” has no size.', $piece->label));
            }
            if (!$piece->size->fitsIn($printable->size) && !($piece->turns && $piece->size->turned()->fitsIn($printable->size))) {
                throw BadRecord::at('pieces', sprintf('“%s” is larger than what can be printed on of this sheet.', $piece->label));
            }
            $kinds[] = [self::steps($piece->size->widthMm + $gap->mm), self::steps($piece->size->heightMm + $gap->mm), $piece->count, $piece->turns];
        }
        $sheets = Packer::pack(
            $kinds,
            (int) floor(($printable->size->widthMm + $gap->mm) * self::STEPS_A_MM + 1e-6),
            (int) floor(($printable->size->heightMm + $gap->mm) * self::STEPS_A_MM + 1e-6),
            $seed,
            $goOn,
        );
        $byId = [];
        foreach ($pieces as $piece) {
            $byId[$piece->id] = $piece;
        }

        return new self($page, $printable, array_map(static fn (array $spots): GangSheet => self::sheet($spots, $pieces, $printable, $gap), $sheets), $byId);
    }

    /** The part of a sheet that one piece takes up, its share of the waste of its sheets with it; 0 to 1. */
    public function shareOf(string $id): float
    {
        $printable = $this->printable->size->areaMm2();
        $own = $this->pieces[$id]->size->areaMm2();
        $all = array_sum(array_map(static fn (GangPiece $piece): float => $piece->count * $piece->size->areaMm2(), $this->pieces));

        return 0.0 === $all || $printable <= 0.0 ? 0.0 : count($this->sheets) * $own / $all;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'page_width_mm' => $this->page->widthMm,
            'page_height_mm' => $this->page->heightMm,
            'printable' => ['x_mm' => $this->printable->xMm, 'y_mm' => $this->printable->yMm, 'width_mm' => $this->printable->size->widthMm, 'height_mm' => $this->printable->size->heightMm],
            'sheets' => $this->sheets,
            'pieces' => array_values(array_map(fn (GangPiece $piece): array => ['id' => $piece->id, 'label' => $piece->label, 'count' => $piece->count, 'width_mm' => $piece->size->widthMm, 'height_mm' => $piece->size->heightMm, 'share' => $this->shareOf($piece->id)], $this->pieces)),
        ];
    }

    /**
     * @param list<Spot>      $spots
     * @param list<GangPiece> $pieces
     */
    private static function sheet(array $spots, array $pieces, Rect $printable, Length $gap): GangSheet
    {
        $places = [];
        $area = 0.0;
        $left = [$printable];
        foreach ($spots as $spot) {
            $piece = $pieces[$spot->kind];
            $size = $spot->turned ? $piece->size->turned() : $piece->size;
            $rect = Rect::at($printable->xMm + $spot->x / self::STEPS_A_MM, $printable->yMm + $spot->y / self::STEPS_A_MM, $size);
            $places[] = ['piece' => $piece->id, 'rect' => $rect, 'turned' => $spot->turned];
            $area += $size->areaMm2();
            $left = self::without($left, $rect->grown($gap->mm));
        }

        return new GangSheet($places, $area / $printable->size->areaMm2(), self::offcuts($left));
    }

    /**
     * The largest rectangle that is left, then the largest of what that leaves, and so on.
     *
     * @param list<Rect> $left
     *
     * @return list<Rect>
     */
    private static function offcuts(array $left): array
    {
        $offcuts = [];
        while (count($offcuts) < self::MOST_OFFCUTS) {
            usort($left, static fn (Rect $a, Rect $b): int => $b->size->areaMm2() <=> $a->size->areaMm2());
            if ([] === $left) {
                break;
            }
            $offcuts[] = $left[0];
            $left = self::without($left, $left[0]);
        }

        return $offcuts;
    }

    /**
     * What is left of each of these rectangles beside another one, as rectangles that may overlap.
     *
     * @param list<Rect> $rects
     *
     * @return list<Rect>
     */
    private static function without(array $rects, Rect $taken): array
    {
        $left = [];
        foreach ($rects as $rect) {
            if (null === $rect->overlap($taken)) {
                $left[] = $rect;
                continue;
            }
            [$wide, $high] = [$rect->size->widthMm, $rect->size->heightMm];
            foreach ([
                [$rect->xMm, $rect->yMm, $taken->xMm - $rect->xMm, $high],
                [$taken->right(), $rect->yMm, $rect->right() - $taken->right(), $high],
                [$rect->xMm, $rect->yMm, $wide, $taken->yMm - $rect->yMm],
                [$rect->xMm, $taken->bottom(), $wide, $rect->bottom() - $taken->bottom()],
            ] as [$x, $y, $w, $h]) {
                if (min($w, $h) >= self::OFFCUT_MM) {
                    $left[] = Rect::mm($x, $y, $w, $h);
                }
            }
        }

        return array_values(array_filter($left, static function (Rect $rect, int $i) use ($left): bool {
            foreach ($left as $j => $other) {
                if ($i !== $j && $rect->within($other) && (!$other->within($rect) || $i > $j)) {
                    return false;
                }
            }

            return true;
        }, \ARRAY_FILTER_USE_BOTH));
    }

    private static function steps(float $mm): int
    {
        return (int) ceil($mm * self::STEPS_A_MM - 1e-6);
    }
}
