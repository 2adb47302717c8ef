<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Wubbin\Core\Measure\Id;

/** The same order once more. */
#[OA\Schema]
final readonly class OrderRepeat
{
    public function __construct(
        #[OA\Property(description: 'A new UUID'), Assert\Regex(Id::PATTERN, message: Id::RULE)] public string $id,
        public string $due,
    ) {}
}
