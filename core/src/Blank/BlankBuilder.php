<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\Rect;

/**
 * Builds a blank of each shape from its measures: outline, print area and drawing, in mm from the middle of its top.
 */
final readonly class BlankBuilder
{
    /**
     * @param array<string, float> $measures
     * @param list<Zone> $zones
     * @param array<string, TracedEdge> $traced
     */
    public static function build(
        string $id,
        string $like,
        string $label,
        Shape $shape,
        array $measures,
        array $zones,
        array $traced,
        string $side,
    ): BlankSize {
        $edge = $traced[$side] ?? (array_values($traced)[0] ?? null);
        if (null !== $edge && (isset($traced[$side]) || !str_ends_with($side, BlankSize::SLEEVE))) {
            // Whoever traced one side only has the other as well: the same piece, turned over.
            return self::alongEdge(
                $id,
                $like,
                $label,
                $shape,
                $measures,
                $zones,
                $traced,
                isset($traced[$side]) || '' === $side ? $edge : $edge->turned(),
            );
        }

        return match ($shape) {
            Shape::Garment => str_ends_with($side, BlankSize::SLEEVE)
                ? self::sleeve($id, $like, $label, $measures, $zones)
                : self::garment($id, $like, $label, $measures, $zones, 'back' === $side),
            Shape::Flat => self::flat($id, $like, $label, $measures, $zones),
            Shape::Round => self::round($id, $like, $label, $measures, $zones),
            Shape::Tapered => self::tapered(
                $id,
                $like,
                $label,
                $measures,
                $zones,
                Taper::across($measures['rim_diameter_mm'], $measures['foot_diameter_mm'], $measures['height_mm']),
            ),
        };
    }

    /**
     * @param array<string, float> $measures
     * @param list<Zone> $zones
     */
    private static function garment(
        string $id,
        string $like,
        string $label,
        array $measures,
        array $zones,
        bool $back,
    ): BlankSize {
        [
            'chest_mm' => $chest,
            'length_mm' => $length,
            'print_width_mm' => $width,
            'print_height_mm' => $height,
            'print_drop_mm' => $drop,
        ] = $measures;

        return new BlankSize(
            $id,
            $like,
            $label,
            Shape::Garment,
            $measures,
            $zones,
            [],
            $chest,
            $length + ($back ? GarmentDrawing::backRise($chest) : 0.0),
            null,
            Rect::mm(-$width / 2.0, $drop, $width, $height),
            $back ? GarmentDrawing::back($chest, $length) : GarmentDrawing::front($chest, $length),
        );
    }

    /**
     * @param array<string, float> $measures
     * @param list<Zone> $zones
     */
    private static function sleeve(string $id, string $like, string $label, array $measures, array $zones): BlankSize
    {
        $sleeve = GarmentDrawing::sleeve($measures['chest_mm']);

        return new BlankSize(
            $id,
            $like,
            $label,
            Shape::Garment,
            $measures,
            $zones,
            [],
            $sleeve['width'],
            $sleeve['length'],
            null,
            $sleeve['area'],
            $sleeve['drawing'],
            from: 'shoulder seam',
        );
    }

    /**
     * @param array<string, float> $measures
     * @param list<Zone> $zones
     */
    private static function flat(string $id, string $like, string $label, array $measures, array $zones): BlankSize
    {
        ['width_mm' => $width, 'height_mm' => $height, 'margin_mm' => $margin] = $measures;
        $outline = [[-$width / 2.0, 0.0], [$width / 2.0, 0.0], [$width / 2.0, $height], [-$width / 2.0, $height]];

        return new BlankSize(
            $id,
            $like,
            $label,
            Shape::Flat,
            $measures,
            $zones,
            [],
            $width,
            $height,
            null,
            Rect::mm(-$width / 2.0 + $margin, $margin, $width - 2.0 * $margin, $height - 2.0 * $margin),
            [new DrawnLine(LineStyle::Visible, $outline, true)],
        );
    }

    /**
     * What was traced is printed on all over, and beyond its edge by its overscan.
     *
     * @param array<string, float> $measures
     * @param list<Zone> $zones
     * @param array<string, TracedEdge> $traced
     */
    private static function alongEdge(
        string $id,
        string $like,
        string $label,
        Shape $shape,
        array $measures,
        array $zones,
        array $traced,
        TracedEdge $edge,
    ): BlankSize {
        $box = $edge->box();

        return new BlankSize(
            $id,
            $like,
            $label,
            $shape,
            $measures,
            $zones,
            $traced,
            $box->size->widthMm,
            $box->size->heightMm,
            null,
            $box->grown($edge->overscanMm),
            [new DrawnLine(LineStyle::Visible, $edge->points, true)],
            edge: $edge,
        );
    }

    /**
     * The wall is π × diameter round. Where there is a handle, half of its width lies at either end.
     *
     * @param array<string, float> $measures
     * @param list<Zone> $zones
     */
    private static function round(string $id, string $like, string $label, array $measures, array $zones): BlankSize
    {
        [
            'diameter_mm' => $diameter,
            'height_mm' => $height,
            'handle_mm' => $handle,
            'top_mm' => $top,
            'foot_mm' => $foot,
        ] = $measures;
        $round = round(\M_PI * $diameter, 2);
        $half = $round / 2.0;
        $lines = [
            new DrawnLine(LineStyle::Visible, [[-$half, 0.0], [$half, 0.0], [$half, $height], [-$half, $height]], true),
        ];
        foreach ($handle > 0.0 ? [-$half + $handle / 2.0, $half - $handle / 2.0] : [] as $x) {
            $lines[] = new DrawnLine(LineStyle::Hidden, [[$x, 0.0], [$x, $height]], false);
        }
        // The front quarter either side of the middle is what is seen without turning it.
        foreach ([-$round / 8.0, $round / 8.0] as $x) {
            $lines[] = new DrawnLine(LineStyle::Hidden, [[$x, 0.0], [$x, $top / 2.0]], false);
        }

        return new BlankSize(
            $id,
            $like,
            $label,
            Shape::Round,
            $measures,
            $zones,
            [],
            $round,
            $height,
            $diameter,
            Rect::mm(-$half + $handle / 2.0, $top, $round - $handle, $height - $top - $foot),
            $lines,
        );
    }

    /**
     * A wall that tapers, told at the height that is looked at.
     *
     * @param array<string, float> $measures
     * @param list<Zone> $zones
     * @param float|null $down that height in mm along the wall from the rim; the middle where none is
     */
    public static function tapered(
        string $id,
        string $like,
        string $label,
        array $measures,
        array $zones,
        Taper $taper,
        ?float $down = null,
    ): BlankSize {
        ['handle_mm' => $handle, 'top_mm' => $top, 'foot_mm' => $foot] = $measures;
        $slant = $taper->slantMm();
        $down ??= $slant / 2.0;
        $round = $taper->roundAt($down);
        $spare = \M_PI * (1.0 - $handle / $round);
        $lines = [new DrawnLine(LineStyle::Visible, $taper->part(-\M_PI, \M_PI, 0.0, $slant), true)];
        foreach ($handle > 0.0 ? [-$spare, $spare] : [] as $angle) {
            $lines[] = new DrawnLine(
                LineStyle::Hidden,
                [$taper->flat($angle, 0.0), $taper->flat($angle, $slant)],
                false,
            );
        }
        foreach ([-\M_PI / 4.0, \M_PI / 4.0] as $angle) {
            $lines[] = new DrawnLine(
                LineStyle::Hidden,
                [$taper->flat($angle, 0.0), $taper->flat($angle, $top / 2.0)],
                false,
            );
        }

        return new BlankSize(
            $id,
            $like,
            $label,
            Shape::Tapered,
            $measures,
            $zones,
            [],
            $round,
            $slant,
            $round / \M_PI,
            Rect::mm(-($round - $handle) / 2.0, $top, $round - $handle, $slant - $top - $foot),
            $lines,
            $taper,
        );
    }
}
