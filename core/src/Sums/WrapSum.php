<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Blank\Cylinder;
use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Sketch;
use Wubbin\Core\Drawing\Strokes;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Rect;

/** How much of a picture on a round piece is seen from the front. */
final readonly class WrapSum implements Sum
{
    public function id(): string
    {
        return 'wrap';
    }

    public function label(): string
    {
        return 'Wrap and visible part';
    }

    public function says(): string
    {
        return 'How far a picture goes round a mug or candle, and how much of it shows from the front.';
    }

    public function fields(Given $given): array
    {
        $from = [];
        foreach (array_keys(Cylinder::SEEN_FROM) as $label) {
            $from[self::idOf($label)] = $label;
        }

        return [
            SumField::typed('across', 'Across, or round', '82 mm', '3 1/4 in', 'For example 8 cm, or 25 cm round.'),
            SumField::typed('width', 'Width of the picture', '90 mm', '3 1/2 in'),
            SumField::chosen('from', 'From where?', $from),
        ];
    }

    public function worked(Given $given): Worked
    {
        $across = $given->diameter('across');
        $width = $given->length('width');
        $eyes = [];
        foreach (Cylinder::SEEN_FROM as $label => $mm) {
            $eyes[self::idOf($label)] = $mm;
        }
        $eye = $eyes[$given->choice('from', array_keys($eyes))];
        if ($given->holds() && $across >= 2.0 * $eye) {
            $given->wrong('across', 'Nobody can see it from there: it reaches as far as the eye.');
        }
        if ($given->holds() && $width > \M_PI * $across) {
            $given->wrong('width', 'This is more than once round. The ends would lie over each other.');
        }
        $given->mustHold();
        $wall = Cylinder::across($across);
        $seen = 2.0 * $wall->seenArc($eye);
        $edge = min($width, $seen) / 2.0;

        return new Worked(
            [
                ['label' => 'All round', 'value' => Figure::length(\M_PI * $across)],
                ['label' => 'The picture goes round', 'value' => Figure::share($width / (\M_PI * $across))],
                ['label' => 'Left between its ends', 'value' => Figure::length(\M_PI * $across - $width)],
                ['label' => 'Visible part of the wall', 'value' => Figure::length($seen)],
                ['label' => 'Visible part of the picture', 'value' => Figure::share(min(1.0, $seen / $width))],
                [
                    'label' => 'From the front it looks as wide as',
                    'value' => Figure::length(2.0 * $wall->seenAt($edge, $eye)),
                ],
                [
                    'label' => 'At its ends it looks narrower, by',
                    'value' => Figure::share(1.0 - $wall->shrink($edge, $eye)),
                ],
            ],
            self::drawn($across / 2.0, $width, $seen / 2.0),
            job: ['kind' => 'mug', 'width' => round($width, 1) . ' mm'],
        );
    }

    private static function drawn(float $radius, float $width, float $seen): Drawing
    {
        $sketch = new Sketch(Rect::mm(-$radius, 0.0, 2.0 * $radius, 3.0 * $radius), Colour::hex('#ffffff'));
        $sketch->area(Pen::Piece, Strokes::circle(0.0, $radius, $radius));
        $half = $width / 2.0 / $radius;
        $sketch->line(Pen::Face, Strokes::arc(0.0, $radius, 1.03 * $radius, -$half, $half));
        foreach ([-1.0, 1.0] as $side) {
            $angle = $side * ($seen / $radius);
            $sketch->line(Pen::Hidden, [
                [$radius * sin($angle), $radius + $radius * cos($angle)],
                [0.16 * $side * $radius, 3.0 * $radius],
            ]);
        }
        $sketch->note(0.0, 2.75 * $radius, 'to the eye');
        $sketch->dimension([-$radius, $radius], [$radius, $radius], 2.0 * $radius);

        return $sketch->drawing('From above: the piece, the picture along its front, and the lines of sight');
    }

    private static function idOf(string $label): string
    {
        return (string) preg_replace('/[^a-z]+/', '-', $label);
    }
}
