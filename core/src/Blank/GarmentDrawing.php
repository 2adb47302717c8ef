<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\Rect;

/**
 * The outline of a shirt at true size, from its two measured lengths.
 *
 * Chest and length are true; collar, shoulders and sleeves follow the usual proportions of a straight-cut shirt
 * (common practice, no source) and serve to recognise the garment, not to cut one.
 */
final readonly class GarmentDrawing
{
    private const COLLAR_HALF_WIDTH = 0.17;
    private const COLLAR_FRONT_FALL = 0.09;
    private const COLLAR_BACK_RISE = 0.05;
    private const SHOULDER_HALF_WIDTH = 0.44;
    private const SHOULDER_FALL = 0.06;
    private const SLEEVE_OUT = 0.34;
    private const SLEEVE_FALL = 0.2;
    private const ARMPIT_FALL = 0.33;
    private const SLEEVE_WIDTH = 0.42;
    private const SLEEVE_LENGTH = 0.4;
    private const SLEEVE_NARROWS = 0.85;
    private const SLEEVE_PRINT = 0.18;
    private const HEM_MM = 20.0;
    private const ABOVE_HEM_MM = 30.0;

    /**
     * @param float $chest across the chest, in mm
     * @param float $length from the front's collar seam to the hem, in mm
     *
     * @return list<DrawnLine> with its origin at the front's collar seam
     */
    public static function front(float $chest, float $length): array
    {
        $half = $chest / 2.0;
        $neck = $chest * self::COLLAR_HALF_WIDTH;
        // The front seam dips below the points where the collar meets the shoulders.
        $neckTop = -$chest * self::COLLAR_FRONT_FALL;
        $shoulder = [$chest * self::SHOULDER_HALF_WIDTH, $neckTop + $chest * self::SHOULDER_FALL];
        $sleeveTop = [$half + $chest * self::SLEEVE_OUT, $shoulder[1] + $chest * (self::SLEEVE_FALL + 0.05)];
        $sleeveBottom = [$half + $chest * (self::SLEEVE_OUT - 0.17), $sleeveTop[1] + $chest * 0.15];
        $armpit = [$half, $neckTop + $chest * self::ARMPIT_FALL];
        $hem = $length;

        $right = [$shoulder, $sleeveTop, $sleeveBottom, $armpit, [$half, $hem]];
        $left = array_reverse(array_map(static fn(array $p): array => [-$p[0], $p[1]], $right));
        $front = self::collar($neck, $neckTop, 0.0);
        $back = self::collar($neck, $neckTop, $neckTop + $chest * self::COLLAR_BACK_RISE);
        $seam = [
            [$shoulder[0] - $chest * 0.005, $shoulder[1]],
            [$half - $chest * 0.02, $neckTop + $chest * 0.19],
            $armpit,
        ];

        return [
            new DrawnLine(LineStyle::Visible, [...array_reverse($back), ...$right, ...$left], true),
            new DrawnLine(LineStyle::Visible, $front, false),
            new DrawnLine(LineStyle::Hidden, $seam, false),
            new DrawnLine(LineStyle::Hidden, array_map(static fn(array $p): array => [-$p[0], $p[1]], $seam), false),
        ];
    }

    /**
     * The same seen from behind, where the collar is cut higher and hides the front's.
     *
     * @return list<DrawnLine> with its origin at the back's collar seam
     */
    public static function back(float $chest, float $length): array
    {
        [$outline, , $right, $left] = self::front($chest, $length);
        $rise = self::backRise($chest);

        return array_map(
            static fn(DrawnLine $line): DrawnLine => new DrawnLine(
                $line->style,
                array_map(static fn(array $p): array => [$p[0], round($p[1] + $rise, 2)], $line->points),
                $line->closed,
            ),
            [$outline, $right, $left],
        );
    }

    /**
     * A sleeve laid flat, fold to the left and right of it, seen from outside.
     *
     * @param float $chest across the chest, in mm
     *
     * @return array{width: float, length: float, area: Rect,
     *     drawing: list<DrawnLine>} with its origin at the middle of the shoulder seam
     */
    public static function sleeve(float $chest): array
    {
        [$width, $length, $print] = [
            round($chest * self::SLEEVE_WIDTH, 1),
            round($chest * self::SLEEVE_LENGTH, 1),
            round($chest * self::SLEEVE_PRINT, 1),
        ];
        $hem = $width * self::SLEEVE_NARROWS;

        return [
            'width' => $width,
            'length' => $length,
            'area' => Rect::mm(-$print / 2.0, $length - self::ABOVE_HEM_MM - $print, $print, $print),
            'drawing' => [
                new DrawnLine(
                    LineStyle::Visible,
                    [[-$width / 2.0, 0.0], [$width / 2.0, 0.0], [$hem / 2.0, $length], [-$hem / 2.0, $length]],
                    true,
                ),
                new DrawnLine(
                    LineStyle::Hidden,
                    [[-$hem / 2.0, $length - self::HEM_MM], [$hem / 2.0, $length - self::HEM_MM]],
                    false,
                ),
            ],
        ];
    }

    /** How much higher the collar seam sits at the back than in front, in mm. */
    public static function backRise(float $chest): float
    {
        return $chest * (self::COLLAR_FRONT_FALL - self::COLLAR_BACK_RISE);
    }

    /**
     * Half an ellipse from the right collar point through the lowest point to the left one.
     *
     * @return list<array{float, float}>
     */
    private static function collar(float $halfWidth, float $topY, float $lowestY): array
    {
        $points = [];
        for ($i = 0; $i <= 24; ++$i) {
            $angle = (\M_PI * $i) / 24.0;
            $points[] = [round($halfWidth * cos($angle), 2), round($topY + ($lowestY - $topY) * sin($angle), 2)];
        }

        return $points;
    }
}
