<?php

declare(strict_types=1);

namespace Wubbin\Ladder;

use OpenApi\Attributes as OA;

/** How a side of a ladder is written. */
#[
    OA\Schema(
        required: ['of', 'values'],
        properties: [
            new OA\Property(
                property: 'of',
                type: 'string',
                enum: ['seconds', 'celsius', 'pressure', 'drying'],
                description: 'Drying in seconds',
            ),
            new OA\Property(
                property: 'values',
                type: 'array',
                items: new OA\Items(oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'string')]),
            ),
        ],
        type: 'object',
    ),
]
final readonly class LadderSide {}
