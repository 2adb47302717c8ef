<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;
use Wubbin\Core\Cost\Cheaper;

/** What would make it cheaper. */
#[OA\Schema]
final readonly class CheaperView
{
    public function __construct(
        #[OA\Property(enum: ['fill', 'batch', 'losses', 'route'])] public string $kind,
        public string $how,
        public float $each,
        public float $saved,
    ) {}

    public static function of(Cheaper $cheaper): self
    {
        return new self($cheaper->kind, $cheaper->how, $cheaper->each, $cheaper->saved);
    }
}
