<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/**
 * Under which circumstances a step or a layer belongs to a job: each named circumstance has one of the given values.
 */
final readonly class When
{
    /** @param array<string, list<string>> $values */
    private function __construct(private array $values) {}

    public static function fromRecord(?Record $record): self
    {
        return new self($record?->stringLists() ?? []);
    }

    /** @param array<string, string> $circumstances */
    public function holds(array $circumstances): bool
    {
        foreach ($this->values as $name => $values) {
            if (!in_array($circumstances[$name] ?? '', $values, true)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> the circumstances it asks about */
    public function names(): array
    {
        return array_keys($this->values);
    }
}
