<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** A face or a word in a picture that no join is to run through, in parts of its width and height. */
final readonly class KeptWhole
{
    public const MOST = 20;

    /** @throws BadRecord unless it lies in the picture */
    private function __construct(public float $x, public float $y, public float $width, public float $height)
    {
        if (min($x, $y) < 0.0 || min($width, $height) <= 0.0 || $x + $width > 1.000001 || $y + $height > 1.000001) {
            throw BadRecord::at('whole', 'What is to stay whole lies within the picture.');
        }
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->number('x'),
            $record->number('y'),
            $record->number('width'),
            $record->number('height'),
        );
    }

    /**
     * As a page sends them: four numbers each, apart by semicolons.
     *
     * @return list<self>
     *
     * @throws BadRecord
     */
    public static function parse(string $typed): array
    {
        $all = [];
        foreach (
            array_filter(array_map(trim(...), explode(';', $typed)), static fn(string $one): bool => '' !== $one)
            as $one
        ) {
            $numbers = array_map(
                static fn(string $number): float => is_numeric($number)
                    ? (float) $number
                    : throw BadRecord::at('whole', 'Four numbers are expected for each.'),
                explode(' ', (string) preg_replace('/\s+/', ' ', $one)),
            );
            $all[] =
                4 === count($numbers)
                    ? new self($numbers[0], $numbers[1], $numbers[2], $numbers[3])
                    : throw BadRecord::at('whole', 'Four numbers are expected for each.');
        }

        return count($all) <= self::MOST
            ? $all
            : throw BadRecord::at('whole', sprintf('At most %d places can stay whole.', self::MOST));
    }

    /** On a picture of this size, in mm from its upper left corner. */
    public function on(Size $picture): Rect
    {
        return Rect::mm(
            $this->x * $picture->widthMm,
            $this->y * $picture->heightMm,
            $this->width * $picture->widthMm,
            $this->height * $picture->heightMm,
        );
    }

    /** @return array{x: float, y: float, width: float, height: float} */
    public function toRecord(): array
    {
        return ['x' => $this->x, 'y' => $this->y, 'width' => $this->width, 'height' => $this->height];
    }
}
