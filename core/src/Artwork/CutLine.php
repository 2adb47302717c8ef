<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\ConvexHull;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\SelfCrossing;
use Wubbin\Core\Measure\Size;

/**
 * The line to cut along: round what is seen of a picture, at a margin, smooth and at true size.
 *
 * It is nowhere nearer than the margin less 0.1 mm, and nowhere farther than the margin and 0.5 mm, up to half a metre
 * square; a larger picture is measured more coarsely, to a half of a thousandth of its side.
 */
final readonly class CutLine
{
    /** How it is drawn changes now and then: lines that are kept are of one edition. */
    public const EDITION = 1;

    /** Loops that enclose less are nothing that anybody sees, in mm². */
    private const SPECK_MM2 = 0.05;

    /** Points that the line may miss by, in mm: less than scissors do. It is drawn so much farther out. */
    private const SMOOTH_MM = 0.1;

    /** Scissors turn where the line bends by more than this within two steps of this length. */
    private const STEP_MM = 2.0;
    private const CORNER_DEGREES = 40.0;

    /** How far an easier line stays off hollows and gaps, in mm (assumed). */
    private const BRIDGED_MM = 6.0;

    /**
     * A column that it is measured by is so wide, in mm: as fine as so many points allow within these; with very many
     * it is wider, so that they stay few enough to be worked through at once.
     */
    private const FINEST_MM = 0.1;
    private const COARSEST_MM = 0.25;
    private const POINTS = 450_000;
    private const MOST_POINTS = 4_000_000;

    /**
     * @param list<non-empty-list<array{float, float}>> $loops x and y in mm from the picture's upper left corner, one
     *                                                         for each part that it falls into
     * @param float $lengthMm of all of them
     * @param int $corners places where scissors must turn
     */
    private function __construct(public array $loops, public float $lengthMm, public int $corners) {}

    /**
     * @param Size $printed as large as the picture is printed
     * @param float $marginMm 0 or more
     */
    public static function around(Coverage $seen, Size $printed, float $marginMm): self
    {
        return self::along($seen, $printed, $marginMm + self::SMOOTH_MM, 0.0);
    }

    /** An easier line for the same picture: gaps and hollows narrower than 12 mm are bridged. */
    public static function easierAround(Coverage $seen, Size $printed, float $marginMm): self
    {
        return self::along($seen, $printed, $marginMm + self::SMOOTH_MM + self::BRIDGED_MM, self::BRIDGED_MM);
    }

    /** Along the rectangle of a picture that fills it. */
    public static function alongFrame(Size $printed, float $marginMm): self
    {
        return self::of([Rect::at(0.0, 0.0, $printed)->grown($marginMm)->corners()]);
    }

    /** One line round all its parts: what a cord laid round them would show. */
    public function onceRound(): self
    {
        return count($this->loops) < 2 ? $this : self::of([ConvexHull::of(array_merge(...$this->loops))]);
    }

    /** What it falls into when it is cut. */
    public function parts(): int
    {
        return count($this->loops);
    }

    public function effort(): CutEffort
    {
        return CutEffort::of($this->lengthMm <= 0.0 ? 0.0 : (100.0 * $this->corners) / $this->lengthMm);
    }

    /** Measured, traced, and brought to size. */
    private static function along(Coverage $seen, Size $printed, float $outMm, float $backMm): self
    {
        $field = $seen->edge(self::columns($printed, $outMm), $outMm / $printed->widthMm, $backMm / $printed->widthMm);
        [$wide, $high] = [$printed->widthMm / $field->columns(), $printed->heightMm / $field->rows()];
        $kept = [];
        foreach (MarchingSquares::loops($field->bytes, $field->width, EdgeField::LEVEL) as $loop) {
            $traced = array_map(
                static fn(array $p): array => [
                    ($p[0] - $field->frame + 0.5) * $wide,
                    ($p[1] - $field->frame + 0.5) * $high,
                ],
                $loop,
            );
            // Holes run the other way round and are not cut.
            if (Contour::area($traced) >= self::SPECK_MM2) {
                $kept[] = self::smooth($traced);
            }
        }

        return self::of(Contour::outermost($kept));
    }

    /** @return int<1, max> */
    private static function columns(Size $printed, float $outMm): int
    {
        $area = ($printed->widthMm + 2.0 * $outMm) * ($printed->heightMm + 2.0 * $outMm);
        $fine = min(self::COARSEST_MM, max(self::FINEST_MM, sqrt($area / self::POINTS)));

        return max(1, (int) ceil($printed->widthMm / max($fine, sqrt($area / self::MOST_POINTS))));
    }

    /**
     * As few points as will do, unless the line crossed itself for it, as it can where two of its sides nearly touch.
     *
     * @param non-empty-list<array{float, float}> $traced
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function smooth(array $traced): array
    {
        $smooth = Contour::smoothed($traced);
        foreach ([Contour::simplified($smooth, self::SMOOTH_MM), $smooth] as $line) {
            if (null === SelfCrossing::of($line)) {
                return $line;
            }
        }

        return $traced;
    }

    /** @param list<non-empty-list<array{float, float}>> $loops in mm */
    private static function of(array $loops): self
    {
        $loops = array_map(
            static fn(array $loop): array => array_map(
                static fn(array $p): array => [round($p[0], 3), round($p[1], 3)],
                $loop,
            ),
            $loops,
        );

        return new self(
            $loops,
            array_sum(array_map(Contour::length(...), $loops)),
            array_sum(
                array_map(
                    static fn(array $loop): int => Contour::corners(
                        Contour::stepped($loop, self::STEP_MM),
                        self::CORNER_DEGREES,
                    ),
                    $loops,
                ),
            ),
        );
    }
}
