<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;

/** One thing that routes are ranked by: how many of three points, in words, and where that comes from. */
final readonly class Criterion implements \JsonSerializable
{
    public const MOST = 3;

    /** @param int<0, 3>|null $points null where nothing is known yet; it then does not count */
    public function __construct(
        public string $id,
        public string $label,
        public ?int $points,
        public Phrase $words,
        public Provenance $provenance,
    ) {}

    /** @return array{id: string, label: string, points: ?int, words: Phrase, provenance: Provenance} */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'label' => $this->label,
            'points' => $this->points,
            'words' => $this->words,
            'provenance' => $this->provenance,
        ];
    }
}
