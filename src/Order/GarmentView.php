<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;

/** What a customer brought. */
#[OA\Schema]
final readonly class GarmentView
{
    public function __construct(
        public string $id,
        #[OA\Property(format: 'date-time')] public string $at,
        public string $what,
        public string $size,
        public string $colour,
        public int $pieces,
        #[OA\Property(description: 'What was agreed if one is spoilt')] public string $terms,
    ) {}

    public static function of(StoredGarment $one): self
    {
        return new self($one->id, $one->at, $one->what, $one->size, $one->colour, $one->pieces, $one->terms);
    }
}
