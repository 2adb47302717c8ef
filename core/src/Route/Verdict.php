<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/** How something suits, and why. */
final readonly class Verdict
{
    public function __construct(public Fit $fit, public string $why) {}

    public static function fromRecord(Record $record): self
    {
        return new self($record->enum('fit', Fit::class), $record->string('why'));
    }
}
