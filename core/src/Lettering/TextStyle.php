<?php

declare(strict_types=1);

namespace Wubbin\Core\Lettering;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;

/** How a text looks and how it may be fitted. Heights are those of a capital, in mm. */
final readonly class TextStyle
{
    public const SMALLEST_MM = 1.0;
    public const LARGEST_MM = 500.0;

    /** A half circle rises by 1/π of its length. */
    public const STEEPEST = 0.3;

    /**
     * @param int $lines that it may be broken into, from 1 to 3
     * @param float $arch how far the middle stands above the ends, as a share of the text's width: −0.3 to 0.3, below
     *                    zero for a text that hangs; only on one line
     */
    private function __construct(
        public Face $face,
        public Colour $colour,
        public float $largestMm,
        public float $smallestMm,
        public int $lines,
        public Align $align,
        public float $arch,
    ) {}

    /** @throws BadRecord naming largest_mm, smallest_mm, lines or arch */
    public static function of(
        Face $face,
        Colour $colour,
        float $largestMm,
        float $smallestMm,
        int $lines = 1,
        Align $align = Align::Middle,
        float $arch = 0.0,
    ): self {
        if ($largestMm < self::SMALLEST_MM || $largestMm > self::LARGEST_MM) {
            throw BadRecord::at('largest_mm', 'Write a height from 1 mm (0.04 in) to 500 mm (20 in).');
        }
        if ($smallestMm < self::SMALLEST_MM || $smallestMm > $largestMm) {
            throw BadRecord::at('smallest_mm', 'Write a height from 1 mm (0.04 in) to the largest height.');
        }
        if ($lines < 1 || $lines > 3) {
            throw BadRecord::at('lines', 'A text has 1 to 3 lines.');
        }
        if (abs($arch) > self::STEEPEST) {
            throw BadRecord::at('arch', 'An arch rises by at most 30 % of its length.');
        }

        return new self($face, $colour, $largestMm, $smallestMm, 0.0 === $arch ? $lines : 1, $align, $arch);
    }

    /** The same with all heights so many times as large. */
    public function scaled(float $by): self
    {
        return new self(
            $this->face,
            $this->colour,
            $this->largestMm * $by,
            $this->smallestMm * $by,
            $this->lines,
            $this->align,
            $this->arch,
        );
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        try {
            $colour = Colour::hex($record->string('colour'));
        } catch (UnreadableQuantity $e) {
            throw BadRecord::at('colour', $e->getMessage());
        }

        return self::of(
            $record->enum('face', Face::class),
            $colour,
            $record->number('largest_mm'),
            $record->number('smallest_mm'),
            $record->integer('lines'),
            $record->enum('align', Align::class),
            $record->number('arch'),
        );
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        return [
            'face' => $this->face->value,
            'colour' => $this->colour->toHex(),
            'largest_mm' => $this->largestMm,
            'smallest_mm' => $this->smallestMm,
            'lines' => $this->lines,
            'align' => $this->align->value,
            'arch' => $this->arch,
        ];
    }
}
