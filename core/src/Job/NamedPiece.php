<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;

/** What one piece of a series has for itself: its words, and where they differ from the job's its size and colour. */
final readonly class NamedPiece
{
    public const LONGEST = 120;

    /** @param string|null $picture SHA-256 of a picture of its own */
    public function __construct(
        public string $text,
        public ?string $sizeId = null,
        public ?Colour $colour = null,
        public ?string $picture = null,
    ) {}

    /** @throws BadRecord for words that are empty, or too long */
    public static function fromRecord(Record $record): self
    {
        $colour = $record->stringOrNull('colour');
        try {
            return new self(
                self::text($record->string('text')),
                $record->stringOrNull('size'),
                null === $colour ? null : Colour::hex($colour),
                $record->stringOrNull('picture'),
            );
        } catch (UnreadableQuantity $e) {
            throw BadRecord::at('series.colour', $e->getMessage());
        }
    }

    /** @throws BadRecord for words that are empty, or too long */
    public static function text(string $text): string
    {
        $text = trim((string) preg_replace('/[\s\p{Cc}]+/u', ' ', $text));
        if ('' === $text) {
            throw BadRecord::at('series', 'This piece has no name.');
        }
        if (mb_strlen($text) > self::LONGEST) {
            throw BadRecord::at('series', 'A name has room for 120 characters.');
        }

        return $text;
    }

    /** @return array{text: string, size: string|null, colour: string|null, picture: string|null} */
    public function toRecord(): array
    {
        return [
            'text' => $this->text,
            'size' => $this->sizeId,
            'colour' => $this->colour?->toHex(),
            'picture' => $this->picture,
        ];
    }

    /** The same in the job's own size and colour. */
    public function alike(): self
    {
        return new self($this->text, picture: $this->picture);
    }

    public function isOf(Share $share, Blank $blank): bool
    {
        return ($this->sizeId ?? $blank->sizeId) === $share->sizeId &&
            ($this->colour ?? $blank->colour)->toHex() === ($share->colour ?? $blank->colour)->toHex();
    }
}
