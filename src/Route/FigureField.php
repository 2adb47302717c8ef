<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;

/** A figure that a recipe can set, with what is built in. */
#[OA\Schema]
final readonly class FigureField
{
    /** @param array{kind: string, value: float, to: ?float} $built_in */
    public function __construct(
        public string $id,
        public string $label,
        #[
            OA\Property(
                type: 'object',
                required: ['kind', 'value', 'to'],
                properties: [
                    new OA\Property(
                        property: 'kind',
                        type: 'string',
                        enum: ['length', 'size', 'temperature', 'duration', 'speed', 'count', 'resolution'],
                    ),
                    new OA\Property(property: 'value', type: 'number'),
                    new OA\Property(property: 'to', type: 'number', nullable: true),
                ],
            ),
        ]
        public array $built_in,
    ) {}
}
