<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Drawing\Anchor;
use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Sketch;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;

/** One picture on shirts of all sizes: as wide a share of each chest as on the one it was made for. */
final readonly class SizesSum implements Sum
{
    private const KIND = 'shirt';

    public function id(): string
    {
        return 'sizes';
    }

    public function label(): string
    {
        return 'One picture, all sizes';
    }

    public function says(): string
    {
        return 'How wide one picture is on each size, so that it looks the same on all.';
    }

    public function fields(Given $given): array
    {
        return [
            SumField::typed('width', 'Width of the picture', '240 mm', '9 1/2 in'),
            SumField::chosen('on', 'On size', self::names($given)),
        ];
    }

    public function worked(Given $given): Worked
    {
        $sizes = self::sizes($given);
        $on = $sizes[$given->choice('on', array_keys($sizes))];
        $width = $given->length('width', 10.0);
        if ($given->holds() && $width > $on->printArea->size->widthMm) {
            $given->wrong('width', sprintf('This is wider than the print area of size %s.', $on->label));
        }
        $given->mustHold();
        $lines = $rows = [];
        foreach ($sizes as $size) {
            $like = ($width * $size->widthMm) / $on->widthMm;
            $fits = min($like, $size->printArea->size->widthMm);
            $rows[] = [$size, $fits];
            $lines[] = [
                'label' => $size->label,
                'value' => Phrase::of($fits < $like ? '{length}, as wide as it can be' : '{length}', [
                    'length' => Quantity::length($fits),
                ]),
            ];
        }

        return new Worked(
            $lines,
            self::drawn($rows),
            job: [
                'kind' => self::KIND,
                'size' => $on->id,
                'width' => round($width, 1) . ' mm',
            ],
        );
    }

    /** @param non-empty-list<array{BlankSize, float}> $rows */
    private static function drawn(array $rows): Drawing
    {
        $widest = max(array_map(static fn(array $row): float => $row[0]->widthMm, $rows));
        $high = 0.09 * $widest;
        $sketch = new Sketch(Rect::mm(-$widest / 2.0, 0.0, $widest, $high * count($rows)), Colour::hex('#ffffff'));
        foreach ($rows as $n => [$size, $width]) {
            $chest = Rect::mm(-$size->widthMm / 2.0, $n * $high, $size->widthMm, 0.8 * $high);
            $sketch->rect(Pen::Piece, $chest);
            $sketch->rect(Pen::Film, Rect::mm(-$width / 2.0, $n * $high + 0.12 * $high, $width, 0.56 * $high));
            $sketch->note(0.0, $n * $high + 0.4 * $high, '{length}', ['length' => Quantity::length($width)]);
            $sketch->note($chest->xMm - 0.4 * $sketch->em, $n * $high + 0.4 * $high, $size->label, [], Anchor::End);
        }

        return $sketch->drawing('The chest of each size, and the picture on it');
    }

    /** @return non-empty-array<string, BlankSize> */
    private static function sizes(Given $given): array
    {
        $sizes = array_filter(
            $given->catalogue->blanks[self::KIND]->sizes,
            static fn(BlankSize $size): bool => !$size->isOwn(),
        );

        return [] === $sizes ? throw new \LogicException('Shirts have sizes.') : $sizes;
    }

    /** @return non-empty-array<string, string> */
    private static function names(Given $given): array
    {
        return array_map(static fn(BlankSize $size): string => $size->label, self::sizes($given));
    }
}
