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
     * @param list<ParameterView> $parameters that it hangs on
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
        public ?PressWindow $window,
        public array $peel,
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
                [['hot until', 60.0], ['warm from', 50.0], ['cold from', 30.0], ['safe to touch from', self::TOUCH_C]],
            ),
            array_map(
                ParameterView::of(...),
                array_values(array_filter($draw->used(), static fn(Parameter $one): bool => $one->isRange())),
            ),
            $case->heater->calibrated,
            (object) $lumped,
        );
    }
}
