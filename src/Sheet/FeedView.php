<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Route\Feed;

/** What a feed test told. */
#[OA\Schema]
final readonly class FeedView
{
    public function __construct(
        #[OA\Property(enum: ['up', 'down'])] public string $prints,
        #[OA\Property(enum: ['top', 'right', 'bottom', 'left'])] public string $leads,
    ) {}

    public static function of(Feed $feed): self
    {
        return new self($feed->prints->value, $feed->leads->value);
    }
}
