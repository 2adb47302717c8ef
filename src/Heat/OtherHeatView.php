<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use OpenApi\Attributes as OA;
use Wubbin\Core\Heat\Comparison;
use Wubbin\Core\Heat\Sweep;

/** The same piece heated otherwise. */
#[OA\Schema]
final readonly class OtherHeatView
{
    public function __construct(
        #[
            OA\Property(
                required: ['points', 'usual_c'],
                properties: [
                    new OA\Property(
                        property: 'points',
                        type: 'array',
                        items: new OA\Items(
                            required: ['c', 'earliest_s', 'latest_s'],
                            properties: [
                                new OA\Property(property: 'c', type: 'number'),
                                new OA\Property(property: 'earliest_s', type: 'number', nullable: true),
                                new OA\Property(property: 'latest_s', type: 'number', nullable: true),
                            ],
                            type: 'object',
                        ),
                    ),
                    new OA\Property(property: 'usual_c', type: 'number'),
                ],
                type: 'object',
            ),
        ]
        public Sweep $sweep,
        #[
            OA\Property(
                required: ['windows', 'quenches', 'distances'],
                properties: [
                    new OA\Property(
                        property: 'windows',
                        type: 'array',
                        items: new OA\Items(
                            required: ['way', 'earliest_s', 'latest_s'],
                            properties: [
                                new OA\Property(property: 'way', type: 'string'),
                                new OA\Property(property: 'earliest_s', type: 'number', nullable: true),
                                new OA\Property(property: 'latest_s', type: 'number', nullable: true),
                            ],
                            type: 'object',
                        ),
                    ),
                    new OA\Property(
                        property: 'distances',
                        type: 'array',
                        items: new OA\Items(
                            required: ['mm', 'earliest_s', 'latest_s'],
                            properties: [
                                new OA\Property(
                                    property: 'mm',
                                    type: 'number',
                                    description: 'From the nozzle of hot air to the work',
                                ),
                                new OA\Property(property: 'earliest_s', type: 'number', nullable: true),
                                new OA\Property(property: 'latest_s', type: 'number', nullable: true),
                            ],
                            type: 'object',
                        ),
                    ),
                    new OA\Property(
                        property: 'quenches',
                        type: 'array',
                        items: new OA\Items(
                            required: ['way', 'stress_mpa', 'strength_mpa', 'cracks'],
                            properties: [
                                new OA\Property(property: 'way', type: 'string'),
                                new OA\Property(property: 'stress_mpa', type: 'number'),
                                new OA\Property(property: 'strength_mpa', type: 'number'),
                                new OA\Property(property: 'cracks', type: 'boolean'),
                            ],
                            type: 'object',
                        ),
                    ),
                ],
                type: 'object',
            ),
        ]
        public Comparison $comparison,
    ) {}
}
