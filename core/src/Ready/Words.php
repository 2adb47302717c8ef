<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Lettering\Fitter;
use Wubbin\Core\Lettering\Lettering;
use Wubbin\Core\Lettering\TextStyle;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/**
 * A text in a room of its own above, below or over the picture; or that room kept free for one that each piece has for
 * itself.
 */
final readonly class Words implements ReadyStep
{
    public const LONGEST = 400;

    /**
     * @param string|null $text null where each piece has its own
     * @param float $gapMm between room and picture; over the picture, from its lower edge up to the room
     */
    private function __construct(
        public ?string $text,
        public TextStyle $style,
        public Where $where,
        public Size $room,
        public float $gapMm,
    ) {}

    /** @throws BadRecord naming the field */
    public static function of(?string $text, TextStyle $style, Where $where, Size $room, float $gapMm): self
    {
        if (null !== $text && '' === trim($text)) {
            throw BadRecord::at('text', 'Write what it says.');
        }
        if (null !== $text && mb_strlen($text) > self::LONGEST) {
            throw BadRecord::at('text', 'A text has room for 400 characters.');
        }
        if (min($room->widthMm, $room->heightMm) < 2.0 || max($room->widthMm, $room->heightMm) > 2000.0) {
            throw BadRecord::at('room', 'Give the text from 2 mm to 2000 mm of room.');
        }
        if ($gapMm < -500.0 || $gapMm > 500.0) {
            throw BadRecord::at('gap_mm', 'Write a distance up to 500 mm (20 in).');
        }
        if (!in_array($where, [Where::Above, Where::Below, Where::Over], true)) {
            throw BadRecord::at('where', 'A text stands above the picture, below it or over it.');
        }

        return new self($text, $style, $where, $room, $gapMm);
    }

    public static function fromRecord(Record $record): self
    {
        return self::of(
            $record->stringOrNull('text'),
            TextStyle::fromRecord($record),
            $record->enum('where', Where::class),
            Size::mm($record->number('room_width_mm'), $record->number('room_height_mm')),
            $record->number('gap_mm'),
        );
    }

    public function toRecord(): array
    {
        return [
            'do' => 'words',
            'text' => $this->text,
            ...$this->style->toRecord(),
            'where' => $this->where->value,
            'room_width_mm' => $this->room->widthMm,
            'room_height_mm' => $this->room->heightMm,
            'gap_mm' => $this->gapMm,
        ];
    }

    /** Where the text's room lies. */
    public function roomIn(Rect $now): Rect
    {
        $left = $now->xMm + ($now->size->widthMm - $this->room->widthMm) / 2.0;

        return Rect::at(
            $left,
            match ($this->where) {
                Where::Above => $now->yMm - $this->gapMm - $this->room->heightMm,
                Where::Below => $now->bottom() + $this->gapMm,
                default => $now->bottom() - $this->gapMm - $this->room->heightMm,
            },
            $this->room,
        );
    }

    public function fitted(Fitter $fitter): ?Lettering
    {
        return null === $this->text ? null : $fitter->fit($this->text, $this->room, $this->style);
    }

    public function box(Rect $now): Rect
    {
        return $now->around($this->roomIn($now));
    }
}
