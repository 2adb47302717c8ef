<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Sketch;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Route\Route;

/** Pixels, size and dpi: how large a picture can be printed, and how sharp it is then. */
final readonly class SharpSum implements Sum
{
    private const MOST_PIXELS = 100000.0;
    private const MOST_DPI = 10000.0;

    public function id(): string
    {
        return 'sharp';
    }

    public function label(): string
    {
        return 'Pixels, size and dpi';
    }

    public function says(): string
    {
        return 'How sharp a picture is at a size, or how large it can be.';
    }

    public function fields(Given $given): array
    {
        $routes = array_map(static fn(Route $route): string => $route->label, $given->catalogue->routes);

        return [
            SumField::typed('pixels', 'Pixels across', '1600'),
            SumField::either('size', 'width', 'Printed width', '150 mm', '6 in'),
            SumField::either('size', 'dpi', 'dpi'),
            SumField::chosen('route', 'For which route?', $routes),
        ];
    }

    public function worked(Given $given): Worked
    {
        $pixels = $given->number('pixels', 1.0, self::MOST_PIXELS);
        $byDpi = $given->has('dpi');
        $width = $byDpi
            ? ($pixels / $given->number('dpi', 1.0, self::MOST_DPI)) * Length::MM_PER_INCH
            : $given->length('width');
        $route = $given->catalogue->routes[$given->choice('route', array_keys($given->catalogue->routes))];
        $given->mustHold();
        $dpi = ($pixels / $width) * Length::MM_PER_INCH;
        $limits = $route->making->artwork;
        $sharp = Figure::length(($pixels / $limits->dpiGood) * Length::MM_PER_INCH);

        return new Worked(
            [
                ['label' => 'Sharpness', 'value' => Phrase::of('{dpi}', ['dpi' => Quantity::resolution($dpi)])],
                ['label' => 'Printed width', 'value' => Figure::length($width)],
                [
                    'label' => 'On this route that is',
                    'value' => Phrase::of(
                        match (true) {
                            $dpi >= $limits->dpiGood => 'sharp',
                            $dpi >= $limits->dpiLeast => 'soft at the edges',
                            default => 'too coarse: people see squares',
                        },
                    ),
                ],
                ['label' => 'Sharp up to', 'value' => $sharp],
                [
                    'label' => 'Printable up to',
                    'value' => Figure::length(($pixels / $limits->dpiLeast) * Length::MM_PER_INCH),
                ],
            ],
            self::drawn($width, ($pixels / $limits->dpiGood) * Length::MM_PER_INCH),
            $byDpi
                ? ['width' => Figure::length($width)]
                : ['dpi' => Phrase::of('{dpi}', ['dpi' => Quantity::resolution($dpi)])],
            ['width' => round($width, 1) . ' mm', 'route' => $route->id],
        );
    }

    /** Beside a sheet of A4, so that a size says something. */
    private static function drawn(float $width, float $sharp): Drawing
    {
        $sheet = PaperSize::A4->size();
        $page = Rect::at(-$sheet->widthMm / 2.0, 0.0, $sheet);
        $wide = max($width, min($sharp, 4.0 * $width));
        $sketch = new Sketch(
            Rect::mm(min($page->xMm, -$wide / 2.0), 0.0, max($sheet->widthMm, $wide), $sheet->heightMm),
            Colour::hex('#ffffff'),
        );
        $sketch->rect(Pen::Paper, $page)->note(0.0, $page->bottom() - $sketch->em, 'a sheet of A4');
        $picture = Rect::mm(-$width / 2.0, 0.18 * $sheet->heightMm, $width, 0.02 * $sheet->heightMm);
        $sketch->rect(Pen::Film, $picture)->acrossBelow($picture, 1.2);
        if ($sharp <= 4.0 * $width) {
            $best = Rect::mm(-$sharp / 2.0, 0.45 * $sheet->heightMm, $sharp, 0.02 * $sheet->heightMm);
            $sketch
                ->rect(Pen::Film, $best)
                ->acrossBelow($best, 1.2)
                ->note(0.0, $best->yMm - $sketch->em, 'sharp up to');
        }

        return $sketch->drawing('The printed width against a sheet of A4');
    }
}
