<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

use Wubbin\Core\Plan\Step;
use Wubbin\Core\Route\Scope;

/**
 * The steps of a run, one after another: round by round what is shared, then piece after piece, then what closes the
 * round.
 */
final readonly class BenchSequence
{
    /** @param list<BenchStep> $steps */
    private function __construct(public array $steps) {}

    /**
     * @param non-empty-list<list<Step>> $rounds of the plan
     * @param int<1, max> $pieces made in this run
     */
    public static function fromRounds(array $rounds, int $pieces): self
    {
        $sequence = [];
        foreach ($rounds as $steps) {
            foreach ($steps as $step) {
                if (Scope::OnceBefore === $step->scope || Scope::EachSheet === $step->scope) {
                    $sequence[] = self::step($step, null, $step->durationFor($pieces)->seconds);
                }
            }
            for ($piece = 1; $piece <= $pieces; ++$piece) {
                foreach ($steps as $step) {
                    if (Scope::EachPiece === $step->scope) {
                        $sequence[] = self::step($step, $piece, $step->duration->seconds);
                    }
                }
            }
            foreach ($steps as $step) {
                if (Scope::OnceAfter === $step->scope) {
                    $sequence[] = self::step($step, null, $step->duration->seconds);
                }
            }
        }

        return new self($sequence);
    }

    private static function step(Step $step, ?int $piece, float $seconds): BenchStep
    {
        return new BenchStep($step->id, $step->kind, $piece, $step->timed, $seconds, [] !== $step->questions);
    }

    /** @param list<BenchStep> $steps as they were frozen with the run */
    public static function frozen(array $steps): self
    {
        return new self($steps);
    }

    /** @return list<int> of a piece's steps, or of what all pieces share */
    public function positionsOf(?int $piece): array
    {
        return array_keys(array_filter($this->steps, static fn(BenchStep $step): bool => $step->piece === $piece));
    }

    /** @return list<int> */
    public function pieces(): array
    {
        return array_values(
            array_unique(
                array_filter(array_map(static fn(BenchStep $step): ?int => $step->piece, $this->steps), is_int(...)),
            ),
        );
    }
}
