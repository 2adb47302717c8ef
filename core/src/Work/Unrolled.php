<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Plan\JobSheets;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Route\Scope;

/** The tasks of a job, one by one, with what each of them waits for. */
final class Unrolled
{
    /** @var array<string, Task> */
    public array $tasks = [];

    /** @var array<int, array<int, array<string, Need>>> by picture and piece: what comes next to it waits for */
    private array $sheet = [];

    /** @var array<int, array<string, Need>> by piece: what comes next to the piece itself waits for */
    private array $blank = [];

    /** @var list<Need> what a solvent, a spray or a varnish waits for: that everything is cold */
    private array $cold = [];

    /** @param Places $places whose rack holds the sheets of one go */
    public function __construct(private readonly Places $places) {}

    /**
     * All sheets, a rack full at a time where they have to dry.
     *
     * @param list<array{Plan, int, int}> $parts plan, first and last piece
     */
    public function sheets(JobSheets $sheets, array $parts, string $jobId): void
    {
        foreach ($sheets->goes($jobId) as [$p, $t, $all]) {
            $plan = $parts[$p][0];
            $steps = self::sheetSteps($plan, $t);
            $next = [];
            foreach (array_chunk($all, self::atOnce($steps, $this->places)) as $n => $chunk) {
                $on = $for = [];
                foreach ($chunk as $sheet) {
                    $its = [];
                    foreach ($sheet as $of => $count) {
                        $first = $next[$of] ??= $parts[GangPicture::numbers($of)[0]][1];
                        array_push($its, ...range($first, $first + $count - 1));
                        $on[GangPicture::numbers($of)[1]] ??= [];
                        array_push($on[GangPicture::numbers($of)[1]], ...range($first, $first + $count - 1));
                        $next[$of] += $count;
                    }
                    $for[] = self::rising($its);
                }
                $last = $this->chunk($plan, $steps, $for, sprintf('%d.%d/%d', $p, $t, $n + 1));
                foreach ($last as $need) {
                    foreach ($on as $picture => $its) {
                        foreach ($its as $piece) {
                            $this->sheet[$picture][$piece][$need->task] = $need;
                        }
                    }
                }
            }
        }
    }

    /**
     * @param list<Step> $steps
     * @param non-empty-list<list<int>> $sheets pieces that each is for
     *
     * @return list<Need> what the pictures on these sheets wait for
     */
    private function chunk(Plan $plan, array $steps, array $sheets, string $name): array
    {
        $after = [];
        $pieces = self::rising(array_merge(...$sheets));
        $count = count($sheets);
        foreach ($steps as $step) {
            $id = sprintf('sheets %s %s', $name, $step->id);
            $batch = Batch::of($step, $count, $plan);
            $this->tasks[$id] = self::task($id, $step, $pieces, $count, $batch, $after, $sheets);
            $after = [new Need($id)];
        }

        return $after;
    }

    /** Work on pieces: those that follow each other stay together as long as they are as many. */
    public function round(Round $round, Plan $plan, int $number, int $first, int $last): void
    {
        $at = 0;
        $this->cold = [];
        foreach ($round->phases as $phase) {
            $at = $this->phase($round, $phase->chains, $at, $plan, $number, range($first, $last));
            foreach ($phase->closing as $step) {
                // The first of them closes what was done to every piece; those that follow wait for it alone.
                $after = [] === $this->cold ? $this->all($first, $last) : $this->cold;
                $id = sprintf('after %d %d %s', $number, $first, $step->id);
                $takes = Batch::of($step, 1, $plan);
                $this->tasks[$id] = self::task($id, $step, range($first, $last), 1, $takes, $after);
                $this->cold = [new Need($id)];
            }
        }
    }

    /** @return list<Need> what was done last to each of the pieces */
    private function all(int $first, int $last): array
    {
        $all = [];
        for ($piece = $first; $piece <= $last; ++$piece) {
            $all += $this->blank[$piece] ?? [];
        }

        return array_map(static fn(Need $need): Need => new Need($need->task), array_values($all));
    }

    /**
     * @param list<Chain> $chains
     * @param int $at step that the first of them begins with
     * @param non-empty-list<int> $pieces
     *
     * @return int the step that comes after them
     */
    private function phase(Round $round, array $chains, int $at, Plan $plan, int $number, array $pieces): int
    {
        foreach ($this->runs($chains, $round) as [$run, $size]) {
            foreach (array_chunk($pieces, $size) as $lot) {
                $this->lot($round, $run, $at, $plan, $number, $lot);
            }
            $at += array_sum(array_map(static fn(Chain $chain): int => count($chain->steps), $run));
        }

        return $at;
    }

    /**
     * Chains that are gone through with one lot before the next one is taken up.
     *
     * @param list<Chain> $chains
     *
     * @return list<array{non-empty-list<Chain>, int<1, max>}>
     */
    private function runs(array $chains, Round $round): array
    {
        $runs = [];
        foreach ($chains as $chain) {
            $size = $chain->first ? $round->size($chain) : $round->lot;
            $at = count($runs) - 1;
            if ($at >= 0 && $runs[$at][1] === $size) {
                $runs[$at][0][] = $chain;
            } else {
                $runs[] = [[$chain], $size];
            }
        }

        return $runs;
    }

    /**
     * @param non-empty-list<Chain> $chains
     * @param int $at step that the first of them begins with
     * @param non-empty-list<int> $pieces
     */
    private function lot(Round $round, array $chains, int $at, Plan $plan, int $number, array $pieces): void
    {
        foreach ($chains as $chain) {
            foreach ($chain->atHeat ? array_chunk($pieces, $round->plate) : [$pieces] as $batch) {
                foreach ($chain->steps as $n => $step) {
                    $apart = $at + $n < $round->join;
                    $id = sprintf('pieces %d %d %s', $number, $batch[0], $step->id);
                    $after = $this->before($batch, $step, $apart, $chain->within[$n]);
                    $takes = Batch::of($step, count($batch), $plan);
                    $this->tasks[$id] = self::task($id, $step, $batch, count($batch), $takes, $after);
                    $this->done($batch, $id, $step, $apart);
                }
            }
            $at += count($chain->steps);
        }
    }

    /**
     * What a step on some pieces waits for: before picture and piece are joined, what was done to the one it concerns.
     *
     * @param non-empty-list<int> $pieces
     *
     * @return list<Need>
     */
    private function before(array $pieces, Step $step, bool $apart, ?int $within): array
    {
        $after = [];
        foreach ($pieces as $piece) {
            $after += !$apart || $step->kind->concernsSheet() ? $this->sheet[$step->transfer][$piece] ?? [] : [];
            $after += !$apart || !$step->kind->concernsSheet() ? $this->blank[$piece] ?? [] : [];
        }

        return [
            ...array_values(array_map(static fn(Need $need): Need => new Need($need->task, $within), $after)),
            ...$step->vapour ? $this->cold : [],
        ];
    }

    /** @param non-empty-list<int> $pieces */
    private function done(array $pieces, string $id, Step $step, bool $apart): void
    {
        $need = [$id => new Need($id)];
        foreach ($pieces as $piece) {
            if ($apart && $step->kind->concernsSheet()) {
                $this->sheet[$step->transfer][$piece] = $need;
            } else {
                $this->blank[$piece] = $need;
                if (!$apart) {
                    // Joined: from now on it is the piece that waits.
                    unset($this->sheet[$step->transfer][$piece]);
                }
            }
        }
    }

    /**
     * Of the first of the pictures that share sheets, in the order they are done.
     *
     * @return list<Step>
     */
    public static function sheetSteps(Plan $plan, int $transfer): array
    {
        return array_values(
            array_filter(
                $plan->steps(),
                static fn(Step $step): bool => $transfer === $step->transfer &&
                    in_array($step->scope, [Scope::EachSheet, Scope::OnceBefore], true),
            ),
        );
    }

    /**
     * Sheets that go through their steps together.
     *
     * @param list<Step> $steps
     *
     * @return int<1, max>
     */
    public static function atOnce(array $steps, Places $places): int
    {
        foreach ($steps as $step) {
            if (Place::Rack === Batch::placeOf($step->kind)) {
                return $places->rack;
            }
        }

        return Places::TABLE;
    }

    /**
     * @param list<int> $pieces
     * @param int<1, max> $count
     * @param list<Need> $after
     * @param list<list<int>> $sheets
     */
    private static function task(
        string $id,
        Step $step,
        array $pieces,
        int $count,
        Batch $takes,
        array $after,
        array $sheets = [],
    ): Task {
        return new Task(
            $id,
            $step,
            $pieces,
            $count,
            $takes->handsS,
            $takes->aloneS,
            $takes->machine,
            $takes->celsius,
            $takes->place,
            $after,
            $sheets,
        );
    }

    /**
     * @param list<int> $pieces
     *
     * @return list<int>
     */
    private static function rising(array $pieces): array
    {
        $pieces = array_values(array_unique($pieces));
        sort($pieces);

        return $pieces;
    }
}
