<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Blank\Taper;
use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Extent;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Sketch;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;

/** The part of a ring that goes round a piece that is wider at one end. */
final readonly class TaperSum implements Sum
{
    public function id(): string
    {
        return 'taper';
    }

    public function label(): string
    {
        return 'Tapered piece, unrolled';
    }

    public function says(): string
    {
        return 'A straight strip leans and gapes on a tapered piece. This is the part of a ring that fits.';
    }

    public function fields(Given $given): array
    {
        return [
            SumField::typed('rim', 'Across the rim, or round it', '90 mm', '3 1/2 in'),
            SumField::typed('foot', 'Across the foot, or round it', '62 mm', '2 7/16 in'),
            SumField::typed('height', 'Height, standing', '110 mm', '4 3/8 in'),
        ];
    }

    public function worked(Given $given): Worked
    {
        [$rim, $foot, $height] = [$given->diameter('rim'), $given->diameter('foot'), $given->length('height')];
        $given->mustHold();
        $wall = Taper::across($rim, $foot, $height);
        $lean = abs($wall->lean());
        $slant = $wall->slantMm();
        $outline = Extent::some($wall->part(-\M_PI, \M_PI, 0.0, $slant));
        $box = Extent::of($outline);
        $lines = [
            ['label' => 'Along the wall', 'value' => Figure::length($slant)],
            ['label' => 'Round the rim', 'value' => Figure::length(\M_PI * $rim)],
            ['label' => 'Round the foot', 'value' => Figure::length(\M_PI * $foot)],
            ['label' => 'Paper it needs', 'value' => Phrase::of('{size}', ['size' => Quantity::size($box->size)])],
        ];
        $ring =
            0.0 === $lean
                ? [['label' => 'Shape', 'value' => Phrase::of('a straight strip, because both ends are alike')]]
                : [
                    ['label' => 'Radius of the long arc', 'value' => Figure::length(max($rim, $foot) / 2.0 / $lean)],
                    ['label' => 'Radius of the short arc', 'value' => Figure::length(min($rim, $foot) / 2.0 / $lean)],
                    [
                        'label' => 'Angle of the ring',
                        'value' => Phrase::of('{angle}°', ['angle' => Quantity::count(360.0 * $lean)]),
                    ],
                ];

        return new Worked([...$ring, ...$lines], self::drawn($outline, $wall));
    }

    /** @param non-empty-list<array{float, float}> $outline */
    private static function drawn(array $outline, Taper $wall): Drawing
    {
        $box = Extent::of($outline);
        $sketch = new Sketch($box, Colour::hex('#ffffff'));
        $sketch->area(Pen::Paper, $outline);
        [$from, $to] = [$wall->flat(0.0, 0.0), $wall->flat(0.0, $wall->slantMm())];
        $sketch->line(Pen::Centre, [$from, $to])->dimension($from, $to, $wall->slantMm());
        $sketch->acrossBelow($box, 1.2)->uprightBeside($box, 2.6);

        return $sketch->drawing('The wall of the piece, unrolled');
    }
}
