<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Sketch;
use Wubbin\Core\Drawing\Strokes;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Rect;

/** Round and across: the way round is π times the diameter. */
final readonly class RoundSum implements Sum
{
    public function id(): string
    {
        return 'round';
    }

    public function label(): string
    {
        return 'Round and across';
    }

    public function says(): string
    {
        return 'Measure a round piece one way, and read the other.';
    }

    public function fields(Given $given): array
    {
        return [
            SumField::either('diameter', 'across', 'Across', '82 mm', '3 1/4 in'),
            SumField::either('diameter', 'round', 'All round'),
        ];
    }

    public function worked(Given $given): Worked
    {
        $byRound = $given->has('round');
        $across = $byRound ? $given->length('round') / \M_PI : $given->diameter('across');
        $given->mustHold();
        $round = \M_PI * $across;
        // What was asked for first.
        $wide = ['label' => 'Across', 'value' => Figure::length($across)];
        $way = ['label' => 'All round', 'value' => Figure::length($round)];

        return new Worked(
            [
                ...$byRound ? [$wide, $way] : [$way, $wide],
                ['label' => 'Half of the way round', 'value' => Figure::length($round / 2.0)],
                ['label' => 'A quarter, from the handle to a side', 'value' => Figure::length($round / 4.0)],
            ],
            self::drawn($across, $round),
            $byRound ? ['across' => Figure::length($across)] : ['round' => Figure::length($round)],
        );
    }

    private static function drawn(float $across, float $round): Drawing
    {
        $radius = $across / 2.0;
        $strip = Rect::mm(-$round / 2.0, 1.25 * $across, $round, 0.35 * $across);
        $sketch = new Sketch(Rect::mm(-$round / 2.0, 0.0, $round, 1.6 * $across), Colour::hex('#ffffff'));
        $sketch->area(Pen::Piece, Strokes::circle(0.0, $radius, $radius))->rect(Pen::Paper, $strip);
        $sketch->dimension([-$radius, $radius], [$radius, $radius], $across);
        $sketch->acrossBelow($strip, 1.2);

        return $sketch->drawing('The circle from above, and below it the strip that goes round it once');
    }
}
