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
    private function __construct(public array $steps)
    {
    }

    /**
     * @param non-empty-list<list<Step>> $rounds of the plan
     * @param int<1, max>                $pieces made in this run
     */
    public static function of(array $rounds, int $pieces): self
    {
        $sequence = [];
        foreach ($rounds as $steps) {
            foreach ($steps as $step) {
                if (Scope::OnceBefore === $step->scope || Scope::EachSheet === $step->scope) {
                    $sequence[] = new BenchStep($step->id, null, $step->timed, $step->durationFor($pieces)->seconds);
                }
            }
            for ($piece = 1; $piece <= $pieces; ++$piece) {
                foreach ($steps as $step) {
                    if (Scope::EachPiece === $step->scope) {
                        $sequence[] = new BenchStep($step->id, $piece, $step->timed, $step->duration->seconds);
                    }
                }
            }
            foreach ($steps as $step) {
                if (Scope::OnceAfter === $step->scope) {
                    $sequence[] = new BenchStep($step->id, null, $step->timed, $step->duration->seconds);
                }
            }
        }

        return new self($sequence);
    }

    /** @param list<BenchStep> $steps as they were frozen with the run */
    public static function frozen(array $steps): self
    {
        return new self($steps);
    }

    /**
     * Where the bench goes on from a position: at the next step that is not of a piece which is out of the run.
     *
     * @param list<int> $out pieces that are judged already
     */
    public function next(int $position, array $out): int
    {
        do {
            ++$position;
        } while (isset($this->steps[$position]) && in_array($this->steps[$position]->piece, $out, true));

        return $position;
    }

    /** Whether this is the last step of its piece, after which the piece is judged. */
    public function closesPiece(int $position): bool
    {
        $piece = $this->steps[$position]->piece ?? null;
        $later = array_slice($this->steps, $position + 1);

        return null !== $piece && [] === array_filter($later, static fn (BenchStep $step): bool => $step->piece === $piece);
    }
}
