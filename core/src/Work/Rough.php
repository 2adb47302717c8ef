<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Step;

/**
 * Work seen from afar: what is done to a portion of the pieces is one task a step, however many batches it takes. Hands
 * and machines are the same seconds as in the single tasks; of a wait that is waited for again and again there remains
 * what the hands of the same portion do not fill.
 */
final class Rough
{
    /** @var list<Task> */
    private array $tasks = [];

    /** @var array<string, array{Step, Plan, int, int, int}> step, its plan, seconds of hands and alone, pieces */
    private array $steps = [];

    private function __construct(private readonly Places $places) {}

    /**
     * @param list<array{int, int, int}> $sheets share, picture and how many sheets of it there are
     * @param array<int, array{Plan, int, int, list<Round>}> $parts plan, first and last piece, and rounds of each share
     * @param int<1, max> $portion pieces
     *
     * @return list<Task> in an order in which they can be done
     */
    public static function tasks(array $sheets, array $parts, Places $places, int $portion): array
    {
        $rough = new self($places);
        foreach ($parts as $p => [$plan, $first, $last, $rounds]) {
            $count = $last - $first + 1;
            for ($from = 0; $from < $count; $from += $portion) {
                $to = min($count, $from + $portion);
                foreach ($sheets as [$of, $t, $all]) {
                    // Its share of the sheets, so that the portions add up to all of them.
                    $own = intdiv($all * $to, $count) - intdiv($all * $from, $count);
                    if ($of === $p) {
                        $rough->sheets($plan, $t, $own);
                    }
                }
                foreach ($rounds as $n => $round) {
                    $rough->round($round, $plan, $n, $to - $from);
                }
                $rough->close(range($first + $from, $first + $to - 1));
            }
        }

        return $rough->tasks;
    }

    private function sheets(Plan $plan, int $transfer, int $count): void
    {
        $steps = Unrolled::sheetSteps($plan, $transfer);
        foreach (Round::split(max(0, $count), Unrolled::atOnce($steps, $this->places)) as [$size, $times]) {
            foreach ($steps as $step) {
                $this->add('sheets ' . $transfer, $step, $plan, $size, $times);
            }
        }
    }

    private function round(Round $round, Plan $plan, int $number, int $pieces): void
    {
        foreach ($round->batches(max(0, $pieces)) as [$step, $size, $times]) {
            $this->add('round ' . $number, $step, $plan, $size, $times);
        }
    }

    /**
     * @param int<1, max> $size
     * @param int<1, max> $times
     */
    private function add(string $of, Step $step, Plan $plan, int $size, int $times): void
    {
        $batch = Batch::of($step, $size, $plan);
        $key = $of . ' ' . $step->id;
        // What waits, waits side by side as far as there is room; a machine takes one batch after another.
        $goes = match (true) {
            null !== $batch->place => (int) ceil($times / max(1, intdiv($this->roomAt($batch->place), $size))),
            $step->kind->waits() => 1,
            default => $times,
        };
        [, , $hands, $alone, $count] = $this->steps[$key] ?? [$step, $plan, 0, 0, 0];
        $this->steps[$key] = [
            $step,
            $plan,
            $hands + $times * $batch->handsS,
            $alone + $goes * $batch->aloneS,
            $count + $times * $size,
        ];
    }

    /**
     * The tasks of a portion, one after another.
     *
     * @param non-empty-list<int> $pieces
     */
    private function close(array $pieces): void
    {
        $hands = array_sum(array_column($this->steps, 2));
        $after = [];
        foreach ($this->steps as $key => [$step, $plan, $handsS, $aloneS, $count]) {
            $one = Batch::of($step, 1, $plan);
            $place = $one->place;
            if ($step->kind->waits()) {
                $aloneS = max($one->aloneS, $aloneS - $hands);
            }
            $id = sprintf('rough %d %s', $pieces[0], $key);
            $this->tasks[] = new Task(
                $id,
                $step,
                $pieces,
                max(1, null === $place ? $count : min($count, $this->roomAt($place))),
                $handsS,
                $aloneS,
                $one->machine,
                $one->celsius,
                $place,
                $after,
            );
            $after = [new Need($id)];
        }
        $this->steps = [];
    }

    /** @return int<1, max> */
    private function roomAt(Place $place): int
    {
        return match ($place) {
            Place::Rack => $this->places->rack,
            Place::Shelf => $this->places->shelf,
        };
    }
}
