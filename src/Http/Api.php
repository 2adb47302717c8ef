<?php

declare(strict_types=1);

namespace Wubbin\Http;

use OpenApi\Attributes as OA;

#[
    OA\Info(
        version: '1',
        title: 'Wubbin',
        description: 'Lengths are millimetres, temperatures °C, durations ' .
            'seconds. Errors are application/problem+json and ' .
            'name the field.',
    ),
]
#[OA\Server(url: '/')]
final readonly class Api {}
