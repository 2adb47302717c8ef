<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;

/** How a diagnosis of the core is written. */
#[
    OA\Schema(
        required: ['cause', 'why', 'shown', 'now', 'next'],
        properties: [
            new OA\Property(property: 'cause', type: 'string'),
            new OA\Property(property: 'why', type: 'string'),
            new OA\Property(
                property: 'shown',
                type: 'boolean',
                description: 'What was done shows it; else it is only usual',
            ),
            new OA\Property(property: 'now', type: 'string', description: 'What to do with this piece'),
            new OA\Property(property: 'next', type: 'string', description: 'What to change for the next'),
        ],
        type: 'object',
    ),
]
final readonly class DiagnosisView {}
