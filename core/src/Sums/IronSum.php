<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Patch;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Sketch;
use Wubbin\Core\Drawing\Turn;
use Wubbin\Core\Heat\IronCoverage;
use Wubbin\Core\Heat\IronPlace;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\HeatSource;

/** How many areas a picture takes under an iron, a press or hot air, and how long that is. */
final readonly class IronSum implements Sum
{
    private const LONGEST_S = 3600.0;

    public function id(): string
    {
        return 'areas';
    }

    public function label(): string
    {
        return 'Areas and seconds';
    }

    public function says(): string
    {
        return 'How often to set the iron down until all of a picture has been under it, and how long that takes.';
    }

    public function fields(Given $given): array
    {
        $sources = array_map(static fn(HeatSource $source): string => $source->label, self::sources($given));

        return [
            SumField::typed('width', 'Width of the picture', '240 mm', '9 1/2 in'),
            SumField::typed('height', 'Height', '180 mm', '7 in'),
            SumField::chosen('heat', 'With what?', $sources),
            SumField::typed('seconds', 'Time for each area', '18 s'),
        ];
    }

    public function worked(Given $given): Worked
    {
        $picture = Size::mm($given->length('width', 5.0), $given->length('height', 5.0));
        $sources = self::sources($given);
        $source = $sources[$given->choice('heat', array_keys($sources))];
        $seconds = $given->duration('seconds', self::LONGEST_S);
        $given->mustHold();
        $coverage =
            IronCoverage::forPicture($picture, $source, $given->catalogue->heat->coverage) ??
            throw new WrongSum(['heat' => 'This has no plate and no spot of hot air.']);
        $areas = count($coverage->places);

        return new Worked(
            [
                ['label' => 'Areas', 'value' => Figure::count($areas)],
                [
                    'label' => 'Heat in all',
                    'value' => Figure::time($areas * $seconds),
                ],
                [
                    'label' => 'It presses with',
                    'value' => Phrase::of('{size}', ['size' => Quantity::size($coverage->pressing)]),
                ],
                [
                    'label' => 'How it lies',
                    'value' => Phrase::of($coverage->places[0]->pointsSideways ? 'on its side' : 'pointing up'),
                ],
            ],
            self::drawn($picture, $coverage),
            job: ['width' => round($picture->widthMm, 1) . ' mm'],
        );
    }

    private static function drawn(Size $picture, IronCoverage $coverage): Drawing
    {
        $rect = Rect::at(0.0, 0.0, $picture);
        $around = array_reduce(
            $coverage->places,
            static fn(Rect $all, IronPlace $place): Rect => $all->around($place->pressed),
            $rect,
        );
        $sketch = new Sketch($around, Colour::hex('#ffffff'));
        $sketch->rect(Pen::Film, $rect);
        foreach ($coverage->places as $n => $place) {
            $sketch->add(new Patch($place->pressed->corners(), Turn::Later));
            $sketch->note(
                ($place->pressed->xMm + $place->pressed->right()) / 2.0,
                ($place->pressed->yMm + $place->pressed->bottom()) / 2.0,
                '{number}',
                ['number' => Quantity::count($n + 1.0)],
                strong: true,
            );
        }
        $sketch->acrossBelow($around, 1.2)->uprightBeside($around, 2.6);

        return $sketch->drawing('The picture, and the areas in the order they are pressed');
    }

    /** @return non-empty-array<string, HeatSource> those of the shelf first, then usual ones */
    private static function sources(Given $given): array
    {
        $sources = array_filter(
            $given->shelf->heat + $given->catalogue->heat->sources,
            static fn(HeatSource $source): bool => null !== $source->plate || null !== $source->patchMm,
        );

        return [] === $sources ? throw new \LogicException('Wubbin knows irons.') : $sources;
    }
}
