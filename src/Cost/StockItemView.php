<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;

/** Something that is counted. */
#[OA\Schema]
final readonly class StockItemView
{
    public function __construct(
        public string $key,
        public string $stuff,
        #[OA\Property(description: 'What it is, in words')] public string $kind,
        public string $label,
        public string $unit,
        public float $level,
        #[OA\Property(description: 'What it cost')] public int $value,
        #[OA\Property(description: 'What the next one costs')] public ?float $each,
        #[OA\Property(description: 'Used though it was not there: count again')] public float $missing,
        public float $pack,
        public bool $counted,
        #[OA\Property(description: 'For all that is due')] public float $needed,
        #[OA\Property(description: 'More is needed than there is')] public bool $short,
    ) {}
}
