<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;
use Wubbin\Core\Log\PressSetting;
use Wubbin\Core\Log\SuccessShare;
use Wubbin\Core\Log\Survival;

/** What past pieces teach. */
#[OA\Schema]
final readonly class LogLessons
{
    /**
     * @param list<array{route: string, label: string, share: SuccessShare, settings: list<array{setting: PressSetting, share: SuccessShare, beaten: float|null, sure: bool}>, defects: list<array{defect: string, label: string, spoiled: int, redo: int}>, survival: Survival}> $routes
     * @param list<array{kind: string, seconds: float, planned: float, of: int, used: bool}> $times
     */
    public function __construct(
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['route', 'label', 'share', 'settings', 'defects', 'survival'],
                    properties: [
                        new OA\Property(property: 'route', type: 'string'),
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'share', ref: ShareView::class),
                        new OA\Property(
                            property: 'settings',
                            type: 'array',
                            items: new OA\Items(
                                required: ['setting', 'share', 'beaten', 'sure'],
                                properties: [
                                    new OA\Property(
                                        property: 'setting',
                                        required: ['route', 'c', 's', 'pressure', 'base', 'recipe'],
                                        properties: [
                                            new OA\Property(property: 'route', type: 'string'),
                                            new OA\Property(property: 'c', type: 'number', nullable: true),
                                            new OA\Property(property: 's', type: 'number', nullable: true),
                                            new OA\Property(property: 'pressure', type: 'string', nullable: true),
                                            new OA\Property(property: 'base', type: 'string', nullable: true),
                                            new OA\Property(property: 'recipe', type: 'string', nullable: true),
                                        ],
                                        type: 'object',
                                    ),
                                    new OA\Property(property: 'share', ref: ShareView::class),
                                    new OA\Property(
                                        property: 'beaten',
                                        type: 'number',
                                        nullable: true,
                                        description: 'How likely the best one is better than it',
                                    ),
                                    new OA\Property(property: 'sure', type: 'boolean'),
                                ],
                                type: 'object',
                            ),
                        ),
                        new OA\Property(
                            property: 'defects',
                            type: 'array',
                            items: new OA\Items(
                                required: ['defect', 'label', 'spoiled', 'redo'],
                                properties: [
                                    new OA\Property(property: 'defect', type: 'string'),
                                    new OA\Property(property: 'label', type: 'string'),
                                    new OA\Property(property: 'spoiled', type: 'integer'),
                                    new OA\Property(property: 'redo', type: 'integer'),
                                ],
                                type: 'object',
                            ),
                        ),
                        new OA\Property(
                            property: 'survival',
                            required: ['steps', 'pieces', 'failed', 'few'],
                            properties: [
                                new OA\Property(
                                    property: 'steps',
                                    type: 'array',
                                    items: new OA\Items(
                                        required: ['washes', 'share', 'at_risk', 'failed'],
                                        properties: [
                                            new OA\Property(property: 'washes', type: 'integer'),
                                            new OA\Property(property: 'share', type: 'number'),
                                            new OA\Property(property: 'at_risk', type: 'integer'),
                                            new OA\Property(property: 'failed', type: 'integer'),
                                        ],
                                        type: 'object',
                                    ),
                                ),
                                new OA\Property(property: 'pieces', type: 'integer'),
                                new OA\Property(property: 'failed', type: 'integer'),
                                new OA\Property(property: 'few', type: 'boolean', description: 'Too few to say much'),
                            ],
                            type: 'object',
                        ),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $routes,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['kind', 'seconds', 'planned', 'of', 'used'],
                    properties: [
                        new OA\Property(property: 'kind', type: 'string'),
                        new OA\Property(property: 'seconds', type: 'number', description: 'The median of the latest'),
                        new OA\Property(property: 'planned', type: 'number'),
                        new OA\Property(property: 'of', type: 'integer'),
                        new OA\Property(property: 'used', type: 'boolean', description: 'Plans go by it'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $times,
    ) {}
}
