<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Plan\Step;
use Wubbin\Core\Route\StepKind;

/**
 * Steps on pieces that follow each other with as many at a time: what is done where the heat is, with all that go under
 * it at once; everything else with a whole lot.
 */
final readonly class Chain
{
    /** How long a backing stays as it is to be peeled, in s (assumed; a cold one waits as long as one likes). */
    private const PEELED_WITHIN = ['hot' => 20, 'warm' => 90];

    private const AT_ONCE = 0;

    /**
     * @param non-empty-list<Step> $steps
     * @param array<int, int|null> $within seconds that each of them may wait at the most after the one before it, by
     *                                     its place in the chain; nothing for any time
     * @param bool $first blanks are made clean, all of them before anything is hot
     */
    private function __construct(public array $steps, public array $within, public bool $atHeat, public bool $first) {}

    /**
     * @param list<Step> $steps on pieces, in order
     * @param string $peel how the backing is peeled: hot, warm or cold
     *
     * @return list<self>
     */
    public static function all(array $steps, string $peel): array
    {
        $chains = [];
        $last = null;
        foreach ($steps as $step) {
            $within = null === $last ? null : self::within($last, $step, $peel);
            $atHeat = $step->atHeat || null !== $within || ($step->time->timed && !$step->kind->waits());
            $open = array_pop($chains);
            $first = in_array($step->kind, [StepKind::Sand, StepKind::Clean], true);
            if (null !== $open && $open->atHeat === $atHeat && $open->first === $first) {
                $chains[] = new self(
                    [...$open->steps, $step],
                    [...$open->within, count($open->steps) => $within],
                    $atHeat,
                    $first,
                );
            } else {
                array_push(
                    $chains,
                    ...null === $open ? [] : [$open],
                    ...[new self([$step], [$within], $atHeat, $first)],
                );
            }
            $last = $step;
        }

        return $chains;
    }

    private static function within(Step $before, Step $step, string $peel): ?int
    {
        $hot = $before->atHeat || StepKind::Cool === $before->kind;

        return match (true) {
            // It cools from the moment the heat is off.
            StepKind::Cool === $step->kind => $before->atHeat ? self::AT_ONCE : null,
            StepKind::Peel === $step->kind && $hot => self::PEELED_WITHIN[$peel] ?? null,
            default => null,
        };
    }
}
