<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;

/** The price at another quantity. */
#[OA\Schema]
final readonly class QuoteBreak
{
    public function __construct(public int $quantity, public int $each, public int $amount, public float $margin) {}
}
