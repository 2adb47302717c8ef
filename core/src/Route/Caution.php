<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/** A safety notice. It stands at the moment it is about and is never muted. */
final readonly class Caution implements \JsonSerializable
{
    private function __construct(public CautionAt $at, public bool $onlyForChildren, public string $text)
    {
    }

    public static function fromRecord(Record $record): self
    {
        return new self($record->enum('at', CautionAt::class), 'child' === $record->stringOrNull('for'), $record->string('text'));
    }

    /** @return array{at: string, text: string} */
    public function jsonSerialize(): array
    {
        return ['at' => $this->at->value, 'text' => $this->text];
    }
}
