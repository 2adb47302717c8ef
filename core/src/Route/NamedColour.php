<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;

/** A colour of blanks offered by name. */
final readonly class NamedColour
{
    private function __construct(public Colour $colour, public string $label) {}

    public static function fromRecord(Record $record): self
    {
        return new self(Colour::hex($record->string('id')), $record->string('label'));
    }
}
