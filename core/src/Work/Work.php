<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Plan\JobSheets;
use Wubbin\Core\Plan\Plan;

/**
 * The work of a job for so many pieces, counted once: whoever wants to know how long it takes, how many sheets it wants
 * or what comes after what asks here.
 *
 * Sheets are printed, and dry, a rack full at a time; pieces are worked on in lots that there is room for, and under
 * the heat as many at once as lie under its plate.
 */
final class Work
{
    private ?Total $total = null;

    /** @var list<array{Plan, int, int, list<Round>}> plan, first and last piece, and rounds of each share */
    private array $parts = [];

    private function __construct(
        private readonly string $jobId,
        public readonly JobSheets $sheets,
        private readonly Places $places,
    ) {}

    /** @param list<int>|null $counts pieces of each share, or of the whole; nothing for as many as the job has */
    public static function of(Plan $plan, Places $places, ?array $counts = null): self
    {
        $work = new self($plan->jobId, null === $counts ? $plan->sheets() : $plan->sheetsFor($counts), $places);
        $next = 1;
        foreach ($plan->parts() as $p => [$part, $quantity]) {
            $count = $counts[$p] ?? $quantity;
            if ($count > 0) {
                $work->parts[$p] = [
                    $part,
                    $next,
                    $next + $count - 1,
                    array_map(static fn(array $steps): Round => Round::of($steps, $part, $places), $part->rounds),
                ];
                $next += $count;
            }
        }

        return $work;
    }

    /** Of so many pieces, divided as all of them are. */
    public static function forPieces(Plan $plan, int $pieces, Places $places): self
    {
        return self::of($plan, $places, $pieces === $plan->quantity ? null : $plan->divided($pieces));
    }

    /** Seconds of hands. */
    public function handsS(): int
    {
        return $this->total()->handsS;
    }

    /**
     * From its begin to its end with one pair of hands: while something waits they are busy with the rest, so that each
     * wait is waited for once.
     */
    public function spanS(): int
    {
        return $this->total()->handsS + $this->total()->waitsS();
    }

    /**
     * Seconds that machines are at work, with hands or alone.
     *
     * @return array<string, int> by label
     */
    public function machines(): array
    {
        return $this->total()->machineS;
    }

    /** @return list<WorkLine> step by step, how it comes to its time */
    public function lines(): array
    {
        return array_values($this->total()->lines);
    }

    /** @return list<Task> in an order in which they can be done */
    public function tasks(): array
    {
        $unrolled = new Unrolled($this->places);
        $unrolled->sheets($this->sheets, $this->parts, $this->jobId);
        foreach ($this->parts as [$plan, $first, $last, $rounds]) {
            foreach ($rounds as $n => $round) {
                $unrolled->round($round, $plan, $n, $first, $last);
            }
        }

        return array_values($unrolled->tasks);
    }

    /**
     * The same seen from afar: one task a step for so many pieces at a time.
     *
     * @param int<1, max> $portion pieces
     *
     * @return list<Task> in an order in which they can be done
     */
    public function rough(int $portion): array
    {
        return Rough::tasks(
            array_map(
                static fn(array $go): array => [$go[0], $go[1], count($go[2])],
                $this->sheets->goes($this->jobId),
            ),
            $this->parts,
            $this->places,
            $portion,
        );
    }

    /** Without unrolling it: batches that are alike are counted. */
    private function total(): Total
    {
        if (null !== $this->total) {
            return $this->total;
        }
        $total = new Total();
        foreach ($this->sheets->goes($this->jobId) as [$p, $t, $sheets]) {
            $plan = $this->parts[$p][0];
            $steps = Unrolled::sheetSteps($plan, $t);
            foreach (Round::split(count($sheets), Unrolled::atOnce($steps, $this->places)) as [$size, $times]) {
                foreach ($steps as $step) {
                    $total->add('sheets', $step, Batch::of($step, $size, $plan), $size, $times);
                }
            }
        }
        foreach ($this->parts as [$plan, $first, $last, $rounds]) {
            foreach ($rounds as $n => $round) {
                foreach ($round->batches(max(0, $last - $first + 1)) as [$step, $size, $times]) {
                    $total->add('round ' . $n, $step, Batch::of($step, $size, $plan), $size, $times);
                }
            }
        }

        return $this->total = $total;
    }
}
