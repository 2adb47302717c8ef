<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;
use Wubbin\Day\PushedView;

/** Whether it can be done by then, for how much, and what it would push aside. */
#[OA\Schema]
final readonly class PromiseView
{
    /** @param list<PushedView> $pushed */
    public function __construct(
        #[OA\Property(description: 'Ready by that day, and nothing becomes late for it')] public bool $yes,
        #[OA\Property(description: 'When it would be ready, in seconds since 1970')] public int $ready,
        #[OA\Property(description: 'It would be ready by that day')] public bool $kept,
        public array $pushed,
        #[OA\Property(description: 'Of all pieces with set-up and tax, in minor units')] public int $gross,
        #[OA\Property(description: 'Of one, without tax')] public int $each,
        public string $currency,
        public int $digits,
        #[OA\Property(description: 'Everything that it needs has a price')] public bool $priced,
    ) {}
}
