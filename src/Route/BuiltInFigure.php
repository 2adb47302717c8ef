<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;

/** A figure as it is built in. */
#[OA\Schema]
final readonly class BuiltInFigure
{
    public function __construct(
        #[
            OA\Property(enum: ['length', 'size', 'temperature', 'duration', 'speed', 'count', 'resolution']),
        ]
        public string $kind,
        public float $value,
        public ?float $to,
    ) {}
}
