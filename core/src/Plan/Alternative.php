<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;

/** What else could be decided, and the change to the job that decides it. */
final readonly class Alternative implements \JsonSerializable
{
    /** @param array<string, string> $changes fields of a job edit */
    public function __construct(
        public string $label,
        public ?Phrase $because,
        public bool $selected,
        public array $changes,
    ) {}

    /** @return array{label: string, because: ?Phrase, selected: bool, changes: object} */
    public function jsonSerialize(): array
    {
        return [
            'label' => $this->label,
            'because' => $this->because,
            'selected' => $this->selected,
            'changes' => (object) $this->changes,
        ];
    }
}
