<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\Record;

/** The rules of a house: which way it goes about disputed matters unless a job says otherwise. */
final readonly class House
{
    /** @param array<string, string> $schools option by matter */
    public function __construct(public array $schools = [])
    {
    }

    public static function fromRecord(Record $record): self
    {
        return new self($record->recordOrNull('schools')?->stringMap() ?? []);
    }

    public function with(string $matter, ?string $option): self
    {
        $schools = $this->schools;
        unset($schools[$matter]);

        return new self(null === $option ? $schools : [...$schools, $matter => $option]);
    }
}
