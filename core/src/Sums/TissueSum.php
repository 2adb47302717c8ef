<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Sketch;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Route\CarrierWay;
use Wubbin\Core\Sheet\Carrier;

/** What tissue is cut to, so that it can be fixed on a sheet that a printer feeds. */
final readonly class TissueSum implements Sum
{
    public function id(): string
    {
        return 'tissue';
    }

    public function label(): string
    {
        return 'Tissue on a carrier';
    }

    public function says(): string
    {
        return 'How large to cut tissue for a sheet of paper, and how many to make.';
    }

    public function fields(Given $given): array
    {
        $ways = array_map(static fn(CarrierWay $way): string => $way->label, $given->catalogue->sheets->carriers);

        return [
            SumField::chosen('paper', 'Sheet below it', ['a4' => 'A4', 'letter' => 'Letter', 'a5' => 'A5']),
            SumField::chosen('way', 'How is it fixed?', $ways),
            SumField::typed('sheets', 'Sheets to print', '4'),
        ];
    }

    public function worked(Given $given): Worked
    {
        $ways = $given->catalogue->sheets->carriers;
        $paper = PaperSize::from($given->choice('paper', ['a4', 'letter', 'a5']));
        $way = $ways[$given->choice('way', array_keys($ways))];
        $sheets = $given->count('sheets', 500);
        $given->mustHold();
        $carrier = Carrier::forSheet($way, $paper->size(), $sheets);
        $lines = [
            [
                'label' => 'Cut the tissue to',
                'value' => Phrase::of('{size}', ['size' => Quantity::size($carrier->cut)]),
            ],
            ['label' => 'On', 'value' => Phrase::of($way->backing . ', ' . $paper->label())],
            ['label' => 'Larger all round, by', 'value' => Figure::length($carrier->beyondMm)],
        ];
        if ($way->stripMm > 0.0) {
            $lines[] = ['label' => 'And along one edge, by', 'value' => Figure::length($way->stripMm)];
        }
        if ($carrier->cornerMm > 0.0) {
            $lines[] = [
                'label' => 'Cut off each corner, along its edges',
                'value' => Figure::length($carrier->cornerMm),
            ];
        }
        $lines[] = [
            'label' => 'Make, because one in five creases or jams',
            'value' => Phrase::of('{count}', ['count' => Quantity::count((float) $carrier->ahead())]),
        ];
        foreach ($way->how as $n => $step) {
            $lines[] = ['label' => sprintf('Step %d', $n + 1), 'value' => Phrase::of(Phrase::plain($step))];
        }

        return new Worked($lines, self::drawn($carrier));
    }

    private static function drawn(Carrier $carrier): Drawing
    {
        $cut = Rect::at(0.0, 0.0, $carrier->cut);
        $sheet = Rect::at($carrier->beyondMm, $carrier->beyondMm, $carrier->sheet);
        $corner = $carrier->cornerMm;
        $outline =
            0.0 === $corner
                ? $cut->corners()
                : [
                    [$corner, 0.0],
                    [$cut->right() - $corner, 0.0],
                    [$cut->right(), $corner],
                    [$cut->right(), $cut->bottom() - $corner],
                    [$cut->right() - $corner, $cut->bottom()],
                    [$corner, $cut->bottom()],
                    [0.0, $cut->bottom() - $corner],
                    [0.0, $corner],
                ];
        $sketch = new Sketch($cut, Colour::hex('#ffffff'));
        $sketch->area(Pen::Film, $outline)->area(Pen::Fold, $sheet->corners());
        foreach ($carrier->zones as $zone) {
            $sketch->rect(Pen::Tape, Rect::at($zone->xMm + $sheet->xMm, $zone->yMm + $sheet->yMm, $zone->size));
        }
        $sketch->acrossBelow($cut, 1.2)->uprightBeside($cut, 2.6);
        $sketch->note(($sheet->xMm + $sheet->right()) / 2.0, ($sheet->yMm + $sheet->bottom()) / 2.0, 'the sheet below');

        return $sketch->drawing('The tissue, the sheet below it, and what is folded and taped');
    }
}
