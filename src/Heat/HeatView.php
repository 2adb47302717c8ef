<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use OpenApi\Attributes as OA;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Route\Parameter;

/** What the heat model says of a plan. */
#[OA\Schema]
final readonly class HeatView
{
    /** Skin stands any material of this temperature for ten minutes: ISO 13732-1, from memory. */
    private const TOUCH_C = 48.0;

    /**
     * @param string $why not, where it is not modelled
     * @param list<array{label: string, below_c: float, s: float|null}> $peel when the backing has cooled to it,
     *                                                                        after the press
     * @param list<array<string, mixed>> $parameters that it hangs on
     */
    private function __construct(
        public bool $modelled,
        public string $why,
        #[OA\Property(nullable: true, description: 'Seconds that the plan says')] public ?float $recipe_s,
        #[OA\Property(nullable: true, description: 'When they are over, after closing')] public ?float $recipe_ends_s,
        #[
            OA\Property(nullable: true, description: 'They lie in the window; null where it never holds'),
        ]
        public ?bool $inside,
        #[
            OA\Property(
                required: [
                    'earliest_s',
                    'latest_s',
                    'middle_s',
                    'width',
                    'spoilt',
                    'why_never',
                    'limits',
                    'counted_from_s',
                    'faces',
                    'curve',
                    'cooling',
                    'form',
                    'cells',
                    'steps',
                ],
                properties: [
                    new OA\Property(property: 'earliest_s', type: 'number', nullable: true),
                    new OA\Property(property: 'latest_s', type: 'number', nullable: true),
                    new OA\Property(property: 'middle_s', type: 'number', nullable: true),
                    new OA\Property(
                        property: 'width',
                        type: 'number',
                        nullable: true,
                        description: 'The most by the least',
                    ),
                    new OA\Property(property: 'spoilt', type: 'string'),
                    new OA\Property(
                        property: 'why_never',
                        type: 'string',
                        nullable: true,
                        description: 'Where it has no beginning',
                    ),
                    new OA\Property(
                        property: 'limits',
                        type: 'array',
                        items: new OA\Items(
                            required: ['what', 'c', 'mm', 's', 'ends'],
                            properties: [
                                new OA\Property(property: 'what', type: 'string'),
                                new OA\Property(property: 'c', type: 'number', nullable: true),
                                new OA\Property(
                                    property: 'mm',
                                    type: 'number',
                                    nullable: true,
                                    description: 'That has melted',
                                ),
                                new OA\Property(
                                    property: 's',
                                    type: 'number',
                                    nullable: true,
                                    description: 'When it is passed',
                                ),
                                new OA\Property(property: 'ends', type: 'boolean', description: 'It spoils the piece'),
                            ],
                            type: 'object',
                        ),
                    ),
                    new OA\Property(
                        property: 'counted_from_s',
                        type: 'number',
                        nullable: true,
                        description: 'When a press that was idling is back at its setting, from where its clock counts',
                    ),
                    new OA\Property(property: 'faces', type: 'array', items: new OA\Items(type: 'string')),
                    new OA\Property(
                        property: 'curve',
                        type: 'array',
                        items: new OA\Items(
                            required: ['s', 'c', 'melted_mm'],
                            properties: [
                                new OA\Property(property: 's', type: 'number'),
                                new OA\Property(property: 'c', type: 'array', items: new OA\Items(type: 'number')),
                                new OA\Property(property: 'melted_mm', type: 'number'),
                            ],
                            type: 'object',
                        ),
                    ),
                    new OA\Property(
                        property: 'cooling',
                        type: 'array',
                        items: new OA\Items(
                            required: ['s', 'c'],
                            properties: [
                                new OA\Property(property: 's', type: 'number'),
                                new OA\Property(property: 'c', type: 'number'),
                            ],
                            type: 'object',
                        ),
                    ),
                    new OA\Property(property: 'form', type: 'string', enum: ['plane', 'cylinder']),
                    new OA\Property(property: 'cells', type: 'integer'),
                    new OA\Property(property: 'steps', type: 'integer'),
                ],
                type: 'object',
                nullable: true,
            ),
        ]
        public ?PressWindow $window,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['label', 'below_c', 's'],
                    properties: [
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'below_c', type: 'number'),
                        new OA\Property(property: 's', type: 'number', nullable: true),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $peel,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['id', 'middle', 'from', 'to', 'provenance'],
                    properties: [
                        new OA\Property(property: 'id', type: 'string'),
                        new OA\Property(property: 'middle', type: 'number'),
                        new OA\Property(property: 'from', type: 'number'),
                        new OA\Property(property: 'to', type: 'number'),
                        new OA\Property(property: 'provenance', ref: './plan.schema.json#/$defs/Provenance'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $parameters,
        #[
            OA\Property(nullable: true, description: 'What a probe has shown of the source, in W/m²K'),
        ]
        public ?float $calibrated = null,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'number'),
                description: 'Layers that are as warm inside as outside, with their Biot numbers',
            ),
        ]
        public object $lumped = new \stdClass(),
    ) {}

    public static function not(string $why): self
    {
        return new self(false, $why, null, null, null, null, [], []);
    }

    /** @param array<string, float> $lumped */
    public static function fromWindow(HeatCase $case, PressWindow $window, Draw $draw, array $lumped): self
    {
        return new self(
            true,
            '',
            $case->recipeS,
            null === $case->recipeS || null === $window->countedFromS ? null : $case->recipeS + $window->countedFromS,
            null === $case->recipeS ? null : $window->holds($case->recipeS),
            $window,
            array_map(
                static fn(array $peel): array => [
                    'label' => $peel[0],
                    'below_c' => $peel[1],
                    's' => $window->coolerThan($peel[1]),
                ],
                [['hot until', 60.0], ['warm from', 50.0], ['cold from', 30.0], ['touch it from', self::TOUCH_C]],
            ),
            array_map(
                static fn(Parameter $one): array => [
                    'id' => $one->id,
                    'middle' => $one->middle,
                    'from' => $one->from,
                    'to' => $one->to,
                    'provenance' => $one->provenance,
                ],
                array_values(array_filter($draw->used(), static fn(Parameter $one): bool => $one->isRange())),
            ),
            $case->heater->calibrated,
            (object) $lumped,
        );
    }
}
