<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Route\Face;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Route\StepKind;

/**
 * What is asked before the heat comes on, as sentences that must all be true: the mistakes that cost a piece and can
 * still be seen then (common practice, no source). What is laid anew with every piece is asked with every piece.
 */
final readonly class HeatQuestions
{
    /** Hands that hold the piece, or reach into what closes on it. */
    private const MITT = [HeatKind::FlatPress, HeatKind::MugPress, HeatKind::Dryer, HeatKind::Gun];

    /**
     * @param list<Step> $steps
     *
     * @return list<Step> the same, the first that heats with its questions
     */
    public static function before(array $steps, Setup $setup): array
    {
        $opens = [] !== array_filter($steps, static fn(Step $step): bool => $step->vapour);
        foreach ($steps as $n => $step) {
            if (in_array($step->kind, [StepKind::Tack, StepKind::Heat], true)) {
                $laid = self::laid($setup);
                $steps[$n] = $step->asking(
                    new Questions([...self::printed($setup), ...$laid, ...self::ready($setup->outfit, $opens)], $laid),
                );

                break;
            }
        }

        return $steps;
    }

    /**
     * Of the sheet.
     *
     * @return list<string>
     */
    private static function printed(Setup $setup): array
    {
        return match (true) {
            null === $setup->outfit->marking => [],
            $setup->arrangement->stack->mirrored() => ['The print reads backwards.'],
            default => ['The print reads the right way round.'],
        };
    }

    /**
     * Of how it is laid, as the stack shows it. Which way the face looks and which way the picture reads are two facts.
     *
     * @return list<string>
     */
    private static function laid(Setup $setup): array
    {
        $laid = [];
        foreach ($setup->arrangement->stack->layers as $layer) {
            $question = match (true) {
                null !== $layer->printedFace => Face::Down === $layer->printedFace
                    ? 'The printed side looks down, onto the piece.'
                    : 'The printed side looks up.',
                LayerRole::Guard === $layer->role && null !== $setup->outfit->guard => sprintf(
                    'The %s is inside.',
                    $setup->outfit->guard->label,
                ),
                LayerRole::Cover === $layer->role && null !== $setup->outfit->cover => sprintf(
                    'The %s lies over it, flat.',
                    $setup->outfit->cover->label,
                ),
                default => null,
            };
            $laid = [...$laid, ...null === $question ? [] : [$question]];
        }

        return $laid;
    }

    /**
     * Of the bench.
     *
     * @param bool $opens solvents, sprays or varnish belong to this work
     *
     * @return list<string>
     */
    private static function ready(Outfit $outfit, bool $opens): array
    {
        return [
            ...$opens ? ['The cloth, the can and the solvent are away.'] : [],
            ...HeatKind::Iron === $outfit->heatKind
                ? [
                    true === $outfit->heat?->steam
                        ? 'Steam is off, and the tank is empty.'
                        : 'There is no water in the iron.',
                ]
                : [],
            ...in_array($outfit->heatKind, self::MITT, true) ? ['I wear a mitt.'] : [],
        ];
    }
}
