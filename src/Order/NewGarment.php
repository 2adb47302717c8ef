<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Wubbin\Core\Measure\Id;

/** What a customer brought, as it was typed. */
#[OA\Schema(required: ['id', 'what', 'size', 'colour', 'pieces', 'terms'])]
final readonly class NewGarment
{
    public function __construct(
        #[
            OA\Property(description: 'A new UUID, made by the page'),
            Assert\Regex(Id::PATTERN, message: Id::RULE),
        ]
        public string $id,
        public string $what,
        public string $size,
        public string $colour,
        public int $pieces,
        #[OA\Property(description: 'What was agreed if one is spoilt')] public string $terms,
    ) {}
}
