<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\LineStyle;
use Wubbin\Core\Blank\Zone;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Rect;

/** A blank as it lies or stands on the table, to scale, so that it can be chosen by how it looks. */
final readonly class Portrait
{
    /** An ellipse seen from a little above is so much higher than wide (assumed: as on a table before one). */
    private const TILT = 0.16;

    private const BOLD = 2.5;

    /** What a flat blank is hatched as, by its kind; all others show their own colour. */
    private const HATCHED = [
        'wood-board' => Pen::Wood,
        'wax-board' => Pen::Wax,
        'metal' => Pen::Metal,
        'slate' => Pen::Plain,
        'glass' => Pen::Plain,
    ];

    public static function of(BlankKind $kind, BlankSize $size, Colour $colour): Drawing
    {
        $drawing = $kind->shape->isRound() ? self::standing($kind, $size, $colour) : self::lying($kind, $size, $colour);

        // It has no letters, and is looked at small: its lines are as thick as those of larger letters.
        return new Drawing($drawing->frame, self::BOLD * $drawing->emMm, $drawing->marks, $colour, $drawing->says);
    }

    private static function lying(BlankKind $kind, BlankSize $size, Colour $colour): Drawing
    {
        $points = array_merge(...array_map(static fn($line): array => $line->points, $size->drawing));
        $box = Extent::of(Extent::some($points));
        $sketch = new Sketch($box, $colour);
        if ('tote' === $kind->id) {
            self::straps($sketch, $box);
        }
        if ('apron' === $kind->id) {
            self::ties($sketch, $box);
        }
        foreach ($size->drawing as $n => $line) {
            $pen = match (true) {
                $line->closed && 0 === $n => self::HATCHED[$kind->id] ?? Pen::Piece,
                LineStyle::Hidden === $line->style => Pen::Hidden,
                default => $line->closed ? Pen::Piece : Pen::Edge,
            };
            $sketch->add(new Line($pen, Extent::some($line->points), $line->closed));
        }
        foreach ($size->zonesOn((string) array_key_first($kind->sides)) as $zone) {
            self::zone($sketch, $zone);
        }
        if (in_array($kind->id, ['canvas', 'tile'], true)) {
            $sketch->area(Pen::Thin, $box->grown(-0.05 * $box->size->widthMm)->corners());
        }

        return $sketch->drawing($size->label);
    }

    private static function zone(Sketch $sketch, Zone $zone): void
    {
        [$x, $y] = $zone->middle();
        $zone->hole
            ? $sketch->area(Pen::Paper, Strokes::circle($x, $y, $zone->rect->size->widthMm / 2.0))
            : $sketch->area(Pen::Hidden, $zone->rect->corners());
    }

    private static function standing(BlankKind $kind, BlankSize $size, Colour $colour): Drawing
    {
        $taper = $size->taper;
        $middle = ($size->diameterMm ?? 0.0) / 2.0;
        [$rim, $foot, $high] = [
            $taper->rimMm ?? $middle,
            $taper->footMm ?? $middle,
            $taper->heightMm ?? $size->heightMm,
        ];
        $wide = max($rim, $foot);
        $sketch = new Sketch(Rect::mm(-$wide, 0.0, 2.0 * $wide, $high), $colour);
        if ('mug' === $kind->id) {
            self::handle($sketch, $rim, $foot, $high);
        }
        $bottom = self::ellipse($foot, $high, 0.0, \M_PI);
        $sketch->area(Pen::Piece, [[-$rim, 0.0], ...$bottom, [$rim, 0.0]]);
        $sketch->area('mug' === $kind->id ? Pen::Plain : Pen::Piece, self::ellipse($rim, 0.0, 0.0, 2.0 * \M_PI));
        match ($kind->id) {
            'pillar-candle' => $sketch->line(Pen::Edge, [[0.0, 0.0], [0.02 * $wide, -0.22 * $wide]]),
            'led-candle' => $sketch->area(Pen::Hot, [
                [0.0, -0.4 * $wide],
                [0.1 * $wide, -0.1 * $wide],
                [-0.1 * $wide, -0.1 * $wide],
            ]),
            'paper-lantern' => self::ribs($sketch, $rim, $high),
            'lantern-glass' => $sketch->line(Pen::Thin, self::ellipse(0.94 * $rim, 0.1 * $high, 0.0, \M_PI)),
            default => null,
        };

        return $sketch->drawing($size->label);
    }

    /**
     * Part of an ellipse, from its left end round its lower edge.
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function ellipse(float $radius, float $y, float $from, float $to): array
    {
        $points = [];
        for ($i = 0; $i <= 32; ++$i) {
            $angle = $from + (($to - $from) * $i) / 32.0;
            $points[] = [-$radius * cos($angle), $y + self::TILT * $radius * sin($angle)];
        }

        return Extent::some($points);
    }

    private static function handle(Sketch $sketch, float $rim, float $foot, float $high): void
    {
        [$from, $to] = [0.2 * $high, 0.78 * $high];
        $side = static fn(float $y): float => $rim + (($foot - $rim) * $y) / $high;
        $loop = static function (float $out, float $in) use ($from, $to, $side): array {
            $points = [];
            for ($i = 0; $i <= 24; ++$i) {
                $y = $from + $in + (($to - $from - 2.0 * $in) * $i) / 24.0;
                $points[] = [$side($y) + $out * sqrt(max(0.0, 1.0 - ((2.0 * $i) / 24.0 - 1.0) ** 2)), $y];
            }

            return $points;
        };
        $sketch->area(
            Pen::Piece,
            Extent::some([...$loop(0.42 * $high, 0.0), ...array_reverse($loop(0.29 * $high, 0.1 * $high))]),
        );
    }

    private static function straps(Sketch $sketch, Rect $bag): void
    {
        $middle = ($bag->xMm + $bag->right()) / 2.0;
        foreach ([[0.28, 0.0], [0.33, 0.02]] as [$at, $lower]) {
            $half = (0.5 - $at) * $bag->size->widthMm;
            $high = (0.45 - $lower) * $bag->size->heightMm;
            $points = [];
            for ($i = 0; $i <= 24; ++$i) {
                $angle = (\M_PI * $i) / 24.0;
                $points[] = [$middle - $half * cos($angle), $bag->yMm - $high * sin($angle)];
            }
            $sketch->line(Pen::Edge, Extent::some($points));
        }
    }

    private static function ties(Sketch $sketch, Rect $apron): void
    {
        $half = 0.16 * $apron->size->widthMm;
        $sketch->line(
            Pen::Edge,
            Strokes::arc(($apron->xMm + $apron->right()) / 2.0, $apron->yMm, $half, \M_PI / 2.0, 1.5 * \M_PI),
        );
        $y = $apron->yMm + 0.4 * $apron->size->heightMm;
        foreach ([[$apron->xMm, -1.0], [$apron->right(), 1.0]] as [$x, $way]) {
            $sketch->line(Pen::Edge, [
                [$x, $y],
                [$x + $way * 0.18 * $apron->size->widthMm, $y + 0.16 * $apron->size->heightMm],
            ]);
        }
    }

    private static function ribs(Sketch $sketch, float $radius, float $high): void
    {
        for ($n = 1; $n < 8; ++$n) {
            $sketch->line(Pen::Thin, self::ellipse($radius, ($high * $n) / 8.0, 0.0, \M_PI));
        }
    }
}
