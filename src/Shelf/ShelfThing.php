<?php

declare(strict_types=1);

namespace Wubbin\Shelf;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Something that is on the shelf, or is not. */
#[OA\Schema]
final readonly class ShelfThing
{
    private const KINDS = [...NewOwnThing::KINDS, 'heat'];

    public function __construct(
        #[
            OA\Property(enum: self::KINDS),
            Assert\Choice(self::KINDS, message: 'Choose one of those offered.'),
        ]
        public string $kind,
        public string $id,
        #[OA\Property(description: 'It is on the shelf; of heat sources only false')] public bool $has,
    ) {}
}
