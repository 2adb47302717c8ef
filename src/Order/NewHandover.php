<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Wubbin\Core\Measure\Id;

/** Pieces that a customer takes. */
#[OA\Schema(required: ['id', 'pieces', 'note'])]
final readonly class NewHandover
{
    /** @param array<string, int> $pieces */
    public function __construct(
        #[
            OA\Property(description: 'A new UUID, made by the page'),
            Assert\Regex(Id::PATTERN, message: Id::RULE),
        ]
        public string $id,
        #[
            OA\Property(
                type: 'object',
                description: 'How many of each job; nothing for all that are good',
                additionalProperties: new OA\AdditionalProperties(type: 'integer'),
            ),
        ]
        public array $pieces,
        public string $note,
    ) {}
}
