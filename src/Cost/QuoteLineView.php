<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;

/** A job of a quote. */
#[OA\Schema]
final readonly class QuoteLineView
{
    /**
     * @param list<QuoteBreak> $breaks
     */
    public function __construct(
        public string $label,
        public int $quantity,
        public int $each,
        public int $amount,
        #[OA\Property(description: 'Of the price; below zero where it does not pay')] public float $margin,
        public array $breaks,
        #[OA\Property(description: 'Id; empty in quotes that were kept long ago')] public string $job = '',
    ) {}
}
