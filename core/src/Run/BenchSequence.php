<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

use Wubbin\Core\Plan\Step;
use Wubbin\Core\Route\Scope;

/** The steps of a run, one after another: what is shared, then each piece to its end, then what closes the session. */
final readonly class BenchSequence
{
    /** @param list<BenchStep> $steps */
    private function __construct(public array $steps)
    {
    }

    /**
     * @param list<Step>  $steps  of the plan
     * @param int<1, max> $pieces made in this run
     */
    public static function of(array $steps, int $pieces): self
    {
        $sequence = [];
        $append = static function (Step $step, ?int $piece) use (&$sequence, $pieces): void {
            $sequence[] = new BenchStep($step->id, $piece, $step->timed, null === $piece ? $step->durationFor($pieces)->seconds : $step->duration->seconds);
        };
        foreach ($steps as $step) {
            if (Scope::OnceBefore === $step->scope || Scope::EachSheet === $step->scope) {
                $append($step, null);
            }
        }
        for ($piece = 1; $piece <= $pieces; ++$piece) {
            foreach ($steps as $step) {
                if (Scope::EachPiece === $step->scope) {
                    $append($step, $piece);
                }
            }
        }
        foreach ($steps as $step) {
            if (Scope::OnceAfter === $step->scope) {
                $append($step, null);
            }
        }

        return new self($sequence);
    }

    /** @param list<BenchStep> $steps as they were frozen with the run */
    public static function frozen(array $steps): self
    {
        return new self($steps);
    }

    /** Where the first step after this piece's last one stands. */
    public function after(int $piece): int
    {
        $last = -1;
        foreach ($this->steps as $position => $step) {
            if ($step->piece === $piece) {
                $last = $position;
            }
        }

        return $last + 1;
    }

    /** Whether this is the last step of its piece, after which the piece is judged. */
    public function closesPiece(int $position): bool
    {
        $piece = $this->steps[$position]->piece ?? null;

        return null !== $piece && $this->after($piece) === $position + 1;
    }
}
