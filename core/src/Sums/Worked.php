<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Measure\Phrase;

/** What follows from the figures of a quick sum. */
final readonly class Worked
{
    /**
     * @param non-empty-list<array{label: string, value: Phrase}> $lines what was asked for first
     * @param array<string, Phrase> $follows what the fields would say that nothing was typed in, by field
     * @param array<string, string>|null $job changes that begin a job with these figures; null where it makes none
     */
    public function __construct(
        public array $lines,
        public ?Drawing $drawing,
        public array $follows = [],
        public ?array $job = null,
    ) {}
}
