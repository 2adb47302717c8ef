<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * A blank of one size with its shop drawing at true size.
 *
 * The origin is the middle of the edge that distances are taken from: the collar seam of a shirt, the upper edge of a
 * board, the rim of a mug. x grows to the viewer's right, y downwards, in mm. A round blank is unrolled: x runs round
 * it, with the seam (and a mug's handle) at both ends.
 */
final readonly class BlankSize
{
    public const SMALLEST_MM = 10.0;
    public const LARGEST_MM = 2000.0;
    private const NO_ROOM = 'So small, nothing of its print area is left: copy a smaller one.';

    /**
     * @param list<DrawnLine>      $drawing
     * @param string               $like     id of the built-in one that it is a copy of; its own where it is one
     * @param array<string, float> $measures as its record has them, in mm
     */
    private function __construct(
        public string $id,
        public string $like,
        public string $label,
        private Shape $shape,
        private array $measures,
        public float $widthMm,
        public float $heightMm,
        public ?float $diameterMm,
        public Rect $printArea,
        public array $drawing,
    ) {
    }

    public static function fromRecord(Record $record, Shape $shape): self
    {
        $measures = [];
        foreach (array_diff($record->keys(), ['id', 'label', 'like']) as $name) {
            $measures[$name] = $record->number($name);
        }

        return match ($shape) {
            Shape::Garment => self::garment($record->string('id'), $record->stringOrNull('like') ?? $record->string('id'), $record->string('label'), $measures),
            Shape::Flat => self::flat($record, $measures),
            Shape::Round => self::round($record, $measures),
        };
    }

    /**
     * A blank of a shop's own, measured there; what is kept clear of its edges is that of the one it is a copy of.
     *
     * @throws BadRecord naming the measure: outside 10 to 2000 mm, or so small that nothing is left to print on
     */
    public function copiedAs(Record $own): self
    {
        $measures = $this->measures;
        foreach ($this->shape->measures() as $name) {
            $mm = $own->number($name);
            if ($mm < self::SMALLEST_MM || $mm > self::LARGEST_MM) {
                throw BadRecord::at($name, UnreadableQuantity::outOfRange('A measure of a blank', '10 mm (0.4 in)', '2000 mm (79 in)')->getMessage());
            }
            $measures[$name] = $mm;
        }
        $narrowest = $this->shape->measures()[0];
        try {
            $copy = self::fromRecord(Record::of(['id' => $own->string('id'), 'like' => $this->id, 'label' => $own->words('label')] + $measures), $this->shape);
        } catch (UnreadableQuantity) {
            throw BadRecord::at($narrowest, self::NO_ROOM);
        }
        if ($copy->printArea->size->widthMm > $copy->widthMm || $copy->printArea->bottom() > $copy->heightMm) {
            throw BadRecord::at($narrowest, self::NO_ROOM);
        }

        return $copy;
    }

    /** @return array<string, string|float> of a shop's own: what is measured of it */
    public function toRecord(): array
    {
        return ['id' => $this->id, 'like' => $this->like, 'label' => $this->label] + array_intersect_key($this->measures, array_flip($this->shape->measures()));
    }

    /** As it is seen from one of its sides: of a garment, the back is measured from its own collar. */
    public function seenFrom(string $side): self
    {
        return Shape::Garment === $this->shape && 'back' === $side ? self::garment($this->id, $this->like, $this->label, $this->measures, true) : $this;
    }

    public function isOwn(): bool
    {
        return $this->like !== $this->id;
    }

    public function forChild(): bool
    {
        return str_starts_with($this->like, 'child');
    }

    /** @param array<string, float> $measures */
    private static function garment(string $id, string $like, string $label, array $measures, bool $back = false): self
    {
        ['chest_mm' => $chest, 'length_mm' => $length, 'print_width_mm' => $width, 'print_height_mm' => $height, 'print_drop_mm' => $drop] = $measures;

        return new self(
            $id,
            $like,
            $label,
            Shape::Garment,
            $measures,
            $chest,
            $length + ($back ? GarmentDrawing::backRise($chest) : 0.0),
            null,
            Rect::mm(-$width / 2.0, $drop, $width, $height),
            $back ? GarmentDrawing::back($chest, $length) : GarmentDrawing::front($chest, $length),
        );
    }

    /** @param array<string, float> $measures */
    private static function flat(Record $record, array $measures): self
    {
        $width = $record->number('width_mm');
        $height = $record->number('height_mm');
        $margin = $record->number('margin_mm');
        $outline = [[-$width / 2.0, 0.0], [$width / 2.0, 0.0], [$width / 2.0, $height], [-$width / 2.0, $height]];

        return new self(
            $record->string('id'),
            $record->stringOrNull('like') ?? $record->string('id'),
            $record->string('label'),
            Shape::Flat,
            $measures,
            $width,
            $height,
            null,
            Rect::mm(-$width / 2.0 + $margin, $margin, $width - 2.0 * $margin, $height - 2.0 * $margin),
            [new DrawnLine(LineStyle::Visible, $outline, true)],
        );
    }

    /**
     * The wall is π × diameter round. Where there is a handle, half of its width lies at either end.
     *
     * @param array<string, float> $measures
     */
    private static function round(Record $record, array $measures): self
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
            $record->stringOrNull('like') ?? $record->string('id'),
            $record->string('label'),
            Shape::Round,
            $measures,
            $round,
            $height,
            $diameter,
            Rect::mm(-$half + $handle, $top, $round - 2.0 * $handle, $height - $top - $record->number('foot_mm')),
            $lines,
        );
    }
}
