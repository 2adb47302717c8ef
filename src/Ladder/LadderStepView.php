<?php

declare(strict_types=1);

namespace Wubbin\Ladder;

use OpenApi\Attributes as OA;

/** A swatch, and what it gets. */
#[OA\Schema]
final readonly class LadderStepView
{
    public function __construct(
        public string $name,
        public int $x,
        public int $y,
        public ?float $seconds,
        public ?float $celsius,
        public ?string $pressure,
        public ?float $dry_s,
    ) {}
}
