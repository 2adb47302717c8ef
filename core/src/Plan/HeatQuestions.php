<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\StepKind;

/**
 * What is asked once before the heat comes on, as sentences that must all be true: the mistakes that cost a piece and
 * can still be seen then (common practice, no source).
 */
final readonly class HeatQuestions
{
    /**
     * @param list<Step> $steps
     *
     * @return list<Step> the same, the first that heats with its questions
     */
    public static function before(array $steps, Setup $setup): array
    {
        $asked = false;
        $opens = [] !== array_filter($steps, static fn(Step $step): bool => $step->vapour);

        return array_map(static function (Step $step) use ($setup, $opens, &$asked): Step {
            if ($asked || !in_array($step->kind, [StepKind::Tack, StepKind::Heat], true)) {
                return $step;
            }
            $asked = true;

            return $step->asking(self::of($setup, $opens));
        }, $steps);
    }

    /**
     * @param bool $opens solvents, sprays or varnish belong to this work
     *
     * @return list<string>
     */
    private static function of(Setup $setup, bool $opens): array
    {
        $down = $setup->arrangement->stack->mirrored();
        $heat = $setup->outfit->heat;
        $plate = $heat?->kind->hasPlate() ?? false;

        return array_values(
            array_filter(
                [
                    null === $setup->outfit->marking
                        ? null
                        : ($down
                            ? 'The print reads backwards.'
                            : 'The print reads the right way round.'),
                    $down ? 'Its printed face looks down, onto the piece.' : 'Its printed face looks up.',
                    $opens ? 'Cloth, can and solvent are put away.' : null,
                    null === $setup->outfit->guard ? null : sprintf('The %s is inside.', $setup->outfit->guard->label),
                    null === $setup->outfit->cover
                        ? null
                        : sprintf('The %s lies over it, flat.', $setup->outfit->cover->label),
                    HeatKind::Iron !== $heat?->kind
                        ? null
                        : ($heat->steam
                            ? 'Steam is off, and the tank is empty.'
                            : 'There is no water in the iron.'),
                    HeatKind::Iron === $heat?->kind || (!$plate && HeatKind::MugPress !== $heat?->kind)
                        ? null
                        : 'The mitt is on.',
                ],
                is_string(...),
            ),
        );
    }
}
