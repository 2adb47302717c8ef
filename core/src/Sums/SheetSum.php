<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Sketch;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\Gang\Gang;
use Wubbin\Core\Sheet\Gang\GangOrder;
use Wubbin\Core\Sheet\Gang\GangPaper;
use Wubbin\Core\Sheet\Gang\GangPiece;
use Wubbin\Core\Sheet\Gang\GangSheet;

/** How many pictures one sheet holds, how many sheets that makes, and what each costs. */
final readonly class SheetSum implements Sum
{
    /** More of them on one sheet are confetti. */
    private const LEAST_SIDE_MM = 10.0;

    public function id(): string
    {
        return 'sheet';
    }

    public function label(): string
    {
        return 'How many on a sheet';
    }

    public function says(): string
    {
        return 'How many pictures fit on one sheet, and what each of them costs.';
    }

    public function fields(Given $given): array
    {
        return [
            SumField::typed('width', 'Width of a picture', '80 mm', '3 in'),
            SumField::typed('height', 'Height', '60 mm', '2 1/2 in'),
            SumField::typed('gap', 'Gap between two', '3 mm', '1/8 in'),
            SumField::chosen('paper', 'Sheet', self::papers()),
            SumField::typed('margin', 'What the printer leaves white', '5 mm', '1/4 in'),
            SumField::typed('wanted', 'How many do you need?', '24'),
            SumField::typed('price', 'Price of a sheet', '', hint: 'Leave it empty if you do not know.'),
        ];
    }

    public function worked(Given $given): Worked
    {
        $size = Size::mm($given->length('width', self::LEAST_SIDE_MM), $given->length('height', self::LEAST_SIDE_MM));
        [$gap, $margin] = [$given->length('gap', 0.0, 100.0), $given->length('margin', 0.0, 60.0)];
        $page = PaperSize::from($given->choice('paper', array_keys(self::papers())))->size();
        $wanted = $given->count('wanted');
        $price = $given->money('price');
        $given->mustHold();
        $sheet = $this->filled($given, $page, $size, $gap, $margin);
        $many = count($sheet->places);
        $sheets = (int) ceil($wanted / $many);
        $lines = [
            ['label' => 'On one sheet', 'value' => self::count($many, '{count}')],
            ['label' => 'Sheets you need', 'value' => self::count($sheets, '{count}')],
            [
                'label' => 'Room left on the last one, for',
                'value' => self::count($sheets * $many - $wanted, '{count} more'),
            ],
        ];
        if (null !== $price) {
            $each = Money::minor((int) round(($price->minor * $sheets) / $wanted), $price->currency);
            $all = Money::minor($price->minor * $sheets, $price->currency);
            $lines[] = ['label' => 'Each costs in sheets', 'value' => self::money($each)];
            $lines[] = ['label' => 'All sheets cost', 'value' => self::money($all)];
        }

        return new Worked(
            $lines,
            self::drawn($page, $margin, $sheet),
            job: [
                'width' => round($size->widthMm, 1) . ' mm',
                'quantity' => (string) $wanted,
            ],
        );
    }

    /** @throws WrongSum */
    private function filled(Given $given, Size $page, Size $size, float $gap, float $margin): GangSheet
    {
        $room = Rect::at(0.0, 0.0, $page)->grown(-$margin);
        try {
            return Gang::full(
                new GangOrder(
                    [new GangPiece('one', 'picture', $size, GangOrder::MOST_PIECES)],
                    new GangPaper($page, $room),
                    Length::mm($gap),
                ),
            );
        } catch (BadRecord) {
            throw new WrongSum([
                'width' => 'Not even one fits on this sheet. Take a larger sheet, or print it in parts.',
            ]);
        }
    }

    private static function drawn(Size $page, float $margin, GangSheet $sheet): Drawing
    {
        $whole = Rect::at(0.0, 0.0, $page);
        $sketch = new Sketch($whole, Colour::hex('#ffffff'));
        $sketch->rect(Pen::Paper, $whole);
        if ($margin > 0.0) {
            $sketch->area(Pen::Hidden, $whole->grown(-$margin)->corners());
        }
        foreach ($sheet->places as $place) {
            $sketch->rect(Pen::Film, $place->rect);
        }
        $sketch->acrossBelow($whole, 1.2)->uprightBeside($whole, 2.6);

        return $sketch->drawing('The sheet with as many pictures as it holds');
    }

    /** @return non-empty-array<string, string> */
    private static function papers(): array
    {
        $papers = ['a4' => PaperSize::A4->label(), 'letter' => PaperSize::Letter->label()];
        foreach (PaperSize::cases() as $paper) {
            $papers[$paper->value] ??= $paper->label();
        }

        return $papers;
    }

    private static function money(Money $money): Phrase
    {
        return Phrase::of($money->text() . ' ' . $money->currency->code);
    }

    private static function count(int $count, string $words): Phrase
    {
        return Phrase::of($words, ['count' => Quantity::count((float) $count)]);
    }
}
