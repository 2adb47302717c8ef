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
     * @param list<LadderStepView> $steps
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
        #[OA\Property(description: 'In which order the swatches are pressed')] public array $steps,
        public ?ChosenStep $chosen,
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
            array_map(static function (array $one) use ($ladder, $facts): LadderStepView {
                $value = static fn(string $of): ?float => $ladder->value($of, $one['x'], $one['y']);
                $pressure = $value(LadderAxis::PRESSURE);

                return new LadderStepView(
                    name: $one['name'],
                    x: $one['x'],
                    y: $one['y'],
                    seconds: $value(LadderAxis::SECONDS) ?? $facts->numberOrNull('dwell_s'),
                    celsius: $value(LadderAxis::CELSIUS) ?? $facts->numberOrNull('setting_c'),
                    pressure: null === $pressure
                        ? $facts->stringOrNull('pressure')
                        : LadderAxis::PRESSURES[(int) $pressure],
                    dry_s: $value(LadderAxis::DRYING) ?? $facts->numberOrNull('dry_s'),
                );
            }, $ladder->order()),
            null === $chosen ? null : new ChosenStep(name: $chosen['name'], away: $chosen['away']),
            $stored->recipe,
            $told,
        );
    }
}
