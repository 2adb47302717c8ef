<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/**
 * A blank of one size with its shop drawing at true size.
 *
 * The origin is the middle of the edge that distances are taken from: the collar seam of a shirt, the upper edge of a
 * board, the rim of a mug. x grows to the viewer's right, y downwards, in mm. A round blank is unrolled: x runs round
 * it, with the seam (and a mug's handle) at both ends.
 */
final readonly class BlankSize
{
    /** @param list<DrawnLine> $drawing */
    private function __construct(
        public string $id,
        public string $label,
        public float $widthMm,
        public float $heightMm,
        public ?float $diameterMm,
        public Rect $printArea,
        public array $drawing,
    ) {
    }

    public static function fromRecord(Record $record, Shape $shape): self
    {
        return match ($shape) {
            Shape::Garment => self::garment($record),
            Shape::Flat => self::flat($record),
            Shape::Round => self::round($record),
        };
    }

    public function forChild(): bool
    {
        return str_starts_with($this->id, 'child');
    }

    private static function garment(Record $record): self
    {
        $chest = $record->number('chest_mm');
        $length = $record->number('length_mm');
        $width = $record->number('print_width_mm');

        return new self(
            $record->string('id'),
            $record->string('label'),
            $chest,
            $length,
            null,
            Rect::mm(-$width / 2.0, $record->number('print_drop_mm'), $width, $record->number('print_height_mm')),
            GarmentDrawing::of($chest, $length),
        );
    }

    private static function flat(Record $record): self
    {
        $width = $record->number('width_mm');
        $height = $record->number('height_mm');
        $margin = $record->number('margin_mm');
        $outline = [[-$width / 2.0, 0.0], [$width / 2.0, 0.0], [$width / 2.0, $height], [-$width / 2.0, $height]];

        return new self(
            $record->string('id'),
            $record->string('label'),
            $width,
            $height,
            null,
            Rect::mm(-$width / 2.0 + $margin, $margin, $width - 2.0 * $margin, $height - 2.0 * $margin),
            [new DrawnLine(LineStyle::Visible, $outline, true)],
        );
    }

    /** The wall is π × diameter round. Where there is a handle, half of its width lies at either end. */
    private static function round(Record $record): self
    {
        $diameter = $record->number('diameter_mm');
        $height = $record->number('height_mm');
        $round = round(\M_PI * $diameter, 2);
        $half = $round / 2.0;
        $handle = $record->number('handle_mm') / 2.0;
        $top = $record->number('top_mm');
        $lines = [new DrawnLine(LineStyle::Visible, [[-$half, 0.0], [$half, 0.0], [$half, $height], [-$half, $height]], true)];
        foreach ($handle > 0.0 ? [-$half + $handle, $half - $handle] : [] as $x) {
            $lines[] = new DrawnLine(LineStyle::Hidden, [[$x, 0.0], [$x, $height]], false);
        }
        // The front quarter either side of the middle is what is seen without turning it.
        foreach ([-$round / 8.0, $round / 8.0] as $x) {
            $lines[] = new DrawnLine(LineStyle::Hidden, [[$x, 0.0], [$x, $top / 2.0]], false);
        }

        return new self(
            $record->string('id'),
            $record->string('label'),
            $round,
            $height,
            $diameter,
            Rect::mm(-$half + $handle, $top, $round - 2.0 * $handle, $height - $top - $record->number('foot_mm')),
            $lines,
        );
    }
}
