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
                $pieces = $on = [];
                foreach ($chunk as $sheet) {
                    foreach ($sheet as $of => $count) {
                        $first = $next[$of] ??= $parts[GangPicture::numbers($of)[0]][1];
                        array_push($pieces, ...range($first, $first + $count - 1));
                        $on[GangPicture::numbers($of)[1]] ??= [];
                        array_push($on[GangPicture::numbers($of)[1]], ...range($first, $first + $count - 1));
                        $next[$of] += $count;
                    }
                }
                $last = $this->chunk(
                    $plan,
                    $steps,
                    self::rising($pieces),
                    count($chunk),
                    sprintf('%d.%d/%d', $p, $t, $n + 1),
                );
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
     * @param list<int> $pieces
     * @param int<1, max> $count
     *
     * @return list<Need> what the pictures on these sheets wait for
     */
    private function chunk(Plan $plan, array $steps, array $pieces, int $count, string $name): array
    {
        $after = [];
        foreach ($steps as $step) {
            $id = sprintf('sheets %s %s', $name, $step->id);
            $batch = Batch::of($step, $count, $plan);
            $this->tasks[$id] = self::task($id, $step, $pieces, $count, $batch, $after);
            $after = [new Need($id)];
        }

        return $after;
    }

    /** Work on pieces: those that follow each other stay together as long as they are as many. */
    public function round(Round $round, Plan $plan, int $number, int $first, int $last): void
    {
        $at = 0;
        foreach ($this->runs($round->chains, $round) as [$chains, $size]) {
            for ($from = $first; $from <= $last; $from += $size) {
                $this->lot($round, $chains, $at, $plan, $number, range($from, min($last, $from + $size - 1)));
            }
            $at += array_sum(array_map(static fn(Chain $chain): int => count($chain->steps), $chains));
        }
        $all = [];
        for ($piece = $first; $piece <= $last; ++$piece) {
            $all += $this->blank[$piece] ?? [];
        }
        $after = array_map(static fn(Need $need): Need => new Need($need->task), array_values($all));
        foreach ($round->closing as $step) {
            $id = sprintf('after %d %d %s', $number, $first, $step->id);
            $takes = Batch::of($step, 1, $plan);
            $this->tasks[$id] = self::task($id, $step, range($first, $last), 1, $takes, $after);
            $after = [new Need($id)];
        }
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

        return array_values(array_map(static fn(Need $need): Need => new Need($need->task, $within), $after));
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
     */
    private static function task(string $id, Step $step, array $pieces, int $count, Batch $takes, array $after): Task
    {
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
