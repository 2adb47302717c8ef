<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Wubbin\Core\Measure\Id;

/** Money that came, as it was typed. */
#[OA\Schema(required: ['id', 'day', 'amount', 'how'])]
final readonly class NewPayment
{
    public function __construct(
        #[
            OA\Property(description: 'A new UUID, made by the page'),
            Assert\Regex(Id::PATTERN, message: Id::RULE),
        ]
        public string $id,
        public string $day,
        #[OA\Property(description: 'Money as typed; below zero where it went back')] public string $amount,
        public string $how,
        #[OA\Property(description: 'There is another one alike, and this is not the same')] public bool $twice = false,
    ) {}
}
