<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;
use Wubbin\Core\Cost\CostLine;

/** A part of what it costs. */
#[OA\Schema]
final readonly class CostLineView
{
    public function __construct(
        public string $id,
        public string $label,
        #[OA\Property(description: 'Its part of the whole; null where nobody knows the price')] public ?int $minor,
        public ?float $each,
        public string $how,
        #[OA\Property(description: 'The item or rate that has no price yet')] public ?string $wanted,
    ) {}

    /** @param int $pieces that it is for */
    public static function fromLine(CostLine $line, int $pieces): self
    {
        return new self(...$line->of($pieces));
    }
}
