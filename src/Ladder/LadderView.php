<?php

declare(strict_types=1);

namespace Wubbin\Ladder;

use OpenApi\Attributes as OA;
use Wubbin\Core\Log\LadderAxis;

/** A test ladder as its screen needs it. */
#[OA\Schema]
final readonly class LadderView
{
    /**
     * @param array<string, mixed> $facts
     * @param list<array{name: string, x: int, y: int, seconds: float|null, celsius: float|null,
     *     pressure: string|null, dry_s: float|null}> $steps
     * @param array{name: string, away: float}|null $chosen
     */
    private function __construct(
        public string $id,
        public string $job,
        public string $name,
        #[OA\Property(format: 'date-time')] public string $created,
        #[OA\Property(ref: '#/components/schemas/LadderSide')] public LadderAxis $x,
        #[OA\Property(ref: '#/components/schemas/LadderSide')] public LadderAxis $y,
        public float $swatch_mm,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(
                    type: 'string',
                    enum: ['not-yet', 'good', 'too-much'],
                ),
            ),
        ]
        public object $marks,
        #[
            OA\Property(
                type: 'array',
                description: 'In which order the swatches are pressed',
                items: new OA\Items(
                    required: ['name', 'x', 'y', 'seconds', 'celsius', 'pressure', 'dry_s'],
                    properties: [
                        new OA\Property(property: 'name', type: 'string'),
                        new OA\Property(property: 'x', type: 'integer'),
                        new OA\Property(property: 'y', type: 'integer'),
                        new OA\Property(property: 'seconds', type: 'number', nullable: true),
                        new OA\Property(property: 'celsius', type: 'number', nullable: true),
                        new OA\Property(property: 'pressure', type: 'string', nullable: true),
                        new OA\Property(property: 'dry_s', type: 'number', nullable: true),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $steps,
        #[
            OA\Property(
                required: ['name', 'away'],
                properties: [
                    new OA\Property(property: 'name', type: 'string'),
                    new OA\Property(
                        property: 'away',
                        type: 'number',
                        description: 'Rungs to the nearest that failed, or half a rung beyond the edge',
                    ),
                ],
                type: 'object',
                nullable: true,
            ),
        ]
        public ?array $chosen,
        #[OA\Property(type: 'string', nullable: true, description: 'That came of it')] public ?string $recipe,
        #[
            OA\Property(type: 'object', additionalProperties: true, description: 'What the job says'),
        ]
        public array $facts,
    ) {}

    public static function of(StoredLadder $stored): self
    {
        $ladder = $stored->ladder();
        $facts = $stored->facts();
        $chosen = $ladder->chosen();
        /** @var array<string, mixed> $told */
        $told = $stored->document['facts'];

        return new self(
            $stored->id,
            $stored->job,
            $stored->name,
            $stored->created,
            $ladder->x,
            $ladder->y,
            $ladder->swatchMm,
            (object) $stored->marks,
            array_map(static function (array $one) use ($ladder, $facts): array {
                $value = static fn(string $of): ?float => $ladder->value($of, $one['x'], $one['y']);
                $pressure = $value(LadderAxis::PRESSURE);

                return $one + [
                    'seconds' => $value(LadderAxis::SECONDS) ?? $facts->numberOrNull('dwell_s'),
                    'celsius' => $value(LadderAxis::CELSIUS) ?? $facts->numberOrNull('setting_c'),
                    'pressure' =>
                        null === $pressure ? $facts->stringOrNull('pressure') : LadderAxis::PRESSURES[(int) $pressure],
                    'dry_s' => $value(LadderAxis::DRYING) ?? $facts->numberOrNull('dry_s'),
                ];
            }, $ladder->order()),
            null === $chosen ? null : ['name' => $chosen['name'], 'away' => $chosen['away']],
            $stored->recipe,
            $told,
        );
    }
}
