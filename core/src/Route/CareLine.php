<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Temperature;

/** One thing to know about how a finished piece is looked after. */
final readonly class CareLine
{
    private function __construct(public When $when, public Phrase $text) {}

    public static function fromRecord(Record $record): self
    {
        $celsius = $record->numberOrNull('c');

        return new self(
            When::fromRecord($record->record('when')),
            Phrase::of(
                $record->string('text'),
                null === $celsius ? [] : ['wash' => Quantity::temperature(Temperature::celsius($celsius))],
            ),
        );
    }
}
