<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;

/** How a share of the core is written: its middle, and between what it lies with 90 %. */
#[
    OA\Schema(
        required: ['good', 'of', 'mean', 'from', 'to', 'few'],
        properties: [
            new OA\Property(property: 'good', type: 'integer'),
            new OA\Property(property: 'of', type: 'integer'),
            new OA\Property(property: 'mean', type: 'number'),
            new OA\Property(property: 'from', type: 'number'),
            new OA\Property(property: 'to', type: 'number'),
            new OA\Property(property: 'few', type: 'boolean', description: 'Too few to say much'),
        ],
        type: 'object',
    ),
]
final readonly class ShareView {}
