<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** A colour or another picture behind it, as large as wanted: on a traced piece its outline cuts that off. */
final readonly class Backed implements ReadyStep
{
    /** @param string|null $picture SHA-256; null for a colour alone */
    private function __construct(public ?string $picture, public Colour $colour, public Size $size) {}

    /** @throws BadRecord naming width_mm or picture */
    public static function by(?string $picture, Colour $colour, Size $size): self
    {
        if (min($size->widthMm, $size->heightMm) < 5.0 || max($size->widthMm, $size->heightMm) > 2000.0) {
            throw BadRecord::at('width_mm', 'Write a size from 5 mm (0.2 in) to 2000 mm (78 in).');
        }
        if (null !== $picture && 1 !== preg_match('/^[0-9a-f]{64}$/D', $picture)) {
            throw BadRecord::at('picture', 'Choose one of your pictures.');
        }

        return new self($picture, $colour, $size);
    }

    public static function fromRecord(Record $record): self
    {
        return self::by(
            $record->stringOrNull('picture'),
            Framed::colour($record),
            Size::mm($record->number('width_mm'), $record->number('height_mm')),
        );
    }

    public function toRecord(): array
    {
        return [
            'do' => 'back',
            'picture' => $this->picture,
            'colour' => $this->colour->toHex(),
            'width_mm' => $this->size->widthMm,
            'height_mm' => $this->size->heightMm,
        ];
    }

    public function ground(Rect $now): Rect
    {
        return Box::about($now, $this->size->widthMm, $this->size->heightMm);
    }

    public function box(Rect $now): Rect
    {
        return $now->around($this->ground($now));
    }
}
