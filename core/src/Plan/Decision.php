<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;

/** One line of the ticket: what, its value, and why; and what else it could be. */
final readonly class Decision implements \JsonSerializable
{
    /**
     * @param list<Alternative> $alternatives
     * @param string|null $figure the figure that may be typed in its place
     */
    public function __construct(
        public string $id,
        public string $what,
        public Phrase $value,
        public Phrase $because,
        public string $rule,
        public Provenance $provenance,
        public DecidedBy $by,
        public array $alternatives = [],
        public ?string $figure = null,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'what' => $this->what,
            'value' => $this->value,
            'because' => $this->because,
            'rule' => $this->rule,
            'provenance' => $this->provenance,
            'by' => $this->by->value,
            'alternatives' => $this->alternatives,
            'figure' => $this->figure,
        ];
    }
}
