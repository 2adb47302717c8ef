<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Core\Plan\NextMove;

/** The one thing to do next about a job. */
#[OA\Schema]
final readonly class NextView
{
    private function __construct(
        #[OA\Property(enum: ['picture', 'settle', 'sheet', 'bench', 'done'])] public string $does,
        #[OA\Property(description: 'The picture that it is about, from 0')] public int $transfer,
        #[OA\Property(description: 'Id of the check that is to be settled')] public ?string $check,
    ) {}

    public static function of(NextMove $next): self
    {
        return new self($next->doing->value, $next->transfer, $next->check?->id);
    }
}
