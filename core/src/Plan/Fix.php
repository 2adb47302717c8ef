<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;

/** A change to the job that would mend what a check found. */
final readonly class Fix implements \JsonSerializable
{
    /** @param array<string, string> $changes fields of a job edit, as they would be typed */
    public function __construct(public Phrase $label, public array $changes) {}

    /** @return array{label: Phrase, changes: object} */
    public function jsonSerialize(): array
    {
        return ['label' => $this->label, 'changes' => (object) $this->changes];
    }
}
