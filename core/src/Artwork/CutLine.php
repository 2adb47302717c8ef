<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Contour;

/** The line to cut along: the outline of what is left of a picture, at a margin, smooth and at true size. */
final readonly class CutLine
{
    /** Loops that enclose less are specks, in mm². */
    private const SPECK_MM2 = 4.0;

    /** Points that the line may miss by, in mm: less than scissors do. */
    private const SMOOTH_MM = 0.15;

    /** Scissors turn where the line bends by more than this within two steps of this length. */
    private const STEP_MM = 2.0;
    private const CORNER_DEGREES = 40.0;

    /** How far an easier line stays off hollows and gaps, in mm (assumed). */
    private const BRIDGED_MM = 6.0;

    /**
     * @param list<non-empty-list<array{float, float}>> $loops x and y in mm from the picture's upper left corner
     * @param float $lengthMm of all of them
     * @param int $corners places where scissors must turn
     */
    private function __construct(public array $loops, public float $lengthMm, public int $corners) {}

    /**
     * @param Mask $kept what is left of the picture
     * @param float $mmPerPixel at the size that it is printed
     * @param float $marginMm 0 or more
     */
    public static function around(Mask $kept, float $mmPerPixel, float $marginMm): self
    {
        return self::aroundAt($kept, $mmPerPixel, [$marginMm])[0];
    }

    /**
     * At several margins, for little more than the work of one.
     *
     * @param non-empty-list<float> $marginsMm 0 or more
     *
     * @return non-empty-list<self>
     */
    public static function aroundAt(Mask $kept, float $mmPerPixel, array $marginsMm): array
    {
        $frame = max(0, (int) ceil(max($marginsMm) / $mmPerPixel)) + 2;
        $framed = $kept->framed($frame);
        $outside = $framed->distances();
        // Close to the ink the line lies between pixels: half a pixel from either's middle.
        $field =
            min($marginsMm) < $mmPerPixel
                ? array_map(
                    static fn(float $out, float $in): float => $out > 0.0 ? $out - 0.5 : 0.5 - $in,
                    $outside,
                    $framed->inverse()->distances(),
                )
                : array_map(static fn(float $out): float => $out - 0.5, $outside);

        return array_map(
            static fn(float $margin): self => self::along(
                MarchingSquares::loops($field, $framed->width, $margin / $mmPerPixel),
                $frame,
                $mmPerPixel,
            ),
            $marginsMm,
        );
    }

    /**
     * A line that is known already, at a size.
     *
     * @param list<non-empty-list<array{float, float}>> $loops as shares of the picture's width
     */
    public static function scaled(array $loops, float $widthMm): self
    {
        $mm = array_map(
            static fn(array $loop): array => array_map(
                static fn(array $p): array => [round($p[0] * $widthMm, 2), round($p[1] * $widthMm, 2)],
                $loop,
            ),
            $loops,
        );

        return new self(
            $mm,
            array_sum(array_map(Contour::length(...), $mm)),
            array_sum(
                array_map(
                    static fn(array $loop): int => Contour::corners(
                        Contour::stepped($loop, self::STEP_MM),
                        self::CORNER_DEGREES,
                    ),
                    $mm,
                ),
            ),
        );
    }

    /** An easier line for the same picture: gaps and hollows narrower than 12 mm are bridged. */
    public static function easierAround(Mask $kept, float $mmPerPixel, float $marginMm): self
    {
        $bridge = self::BRIDGED_MM / $mmPerPixel;
        $reach = $marginMm / $mmPerPixel + $bridge;
        $frame = max(0, (int) ceil($reach)) + 2;
        $framed = $kept->framed($frame);
        $grown = '';
        foreach ($framed->distances() as $d) {
            $grown .= $d - 0.5 <= $reach ? "\0" : "\1";
        }
        $inwards = array_map(
            static fn(float $d): float => 0.5 - $d,
            Mask::fromBits($framed->width, $framed->height, $grown)->distances(),
        );

        return self::along(MarchingSquares::loops($inwards, $framed->width, -$bridge), $frame, $mmPerPixel);
    }

    /** @return list<non-empty-list<array{float, float}>> its loops as shares of a width */
    public function sharesOf(float $widthMm): array
    {
        return array_map(
            static fn(array $loop): array => array_map(
                static fn(array $p): array => [$p[0] / $widthMm, $p[1] / $widthMm],
                $loop,
            ),
            $this->loops,
        );
    }

    public function effort(): CutEffort
    {
        return CutEffort::of($this->lengthMm <= 0.0 ? 0.0 : (100.0 * $this->corners) / $this->lengthMm);
    }

    /** @param list<non-empty-list<array{float, float}>> $loops in pixels of the framed picture */
    private static function along(array $loops, int $frame, float $mmPerPixel): self
    {
        $kept = [];
        foreach ($loops as $loop) {
            $mm = array_map(
                static fn(array $p): array => [
                    ($p[0] - $frame + 0.5) * $mmPerPixel,
                    ($p[1] - $frame + 0.5) * $mmPerPixel,
                ],
                $loop,
            );
            // Holes run the other way round and are not cut.
            if (Contour::area($mm) >= self::SPECK_MM2) {
                $kept[] = Contour::simplified(Contour::smoothed($mm), self::SMOOTH_MM);
            }
        }
        // What lies in a hole that is not cut comes along with what is round it.
        $outer = array_values(
            array_filter(
                $kept,
                static fn(array $loop): bool => [] ===
                    array_filter(
                        $kept,
                        static fn(array $other): bool => $other !== $loop && Contour::holds($other, $loop[0]),
                    ),
            ),
        );

        return new self(
            $outer,
            array_sum(array_map(Contour::length(...), $outer)),
            array_sum(
                array_map(
                    static fn(array $loop): int => Contour::corners(
                        Contour::stepped($loop, self::STEP_MM),
                        self::CORNER_DEGREES,
                    ),
                    $outer,
                ),
            ),
        );
    }
}
