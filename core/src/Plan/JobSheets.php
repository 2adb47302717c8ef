<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Sheet\Gang\GangPlace;
use Wubbin\Core\Sheet\Gang\KnownSheets;

/**
 * The sheets of paper that so many pieces of one job want, laid out full; whoever counts sheets counts these. A picture
 * in parts has sheets of its own for every piece, and of one that cannot be laid out yet each piece takes one.
 */
final readonly class JobSheets
{
    /**
     * @param list<SheetRun> $runs
     * @param list<array{TransferPlan, int, int, int}> $apart pictures with sheets of their own: which, number of its
     *                                                        share and in it, pieces of it
     */
    private function __construct(public array $runs, public array $apart) {}

    /** @param list<int>|null $counts pieces of each share, or of the whole; nothing for as many as the job has */
    public static function of(Plan $plan, ?array $counts, KnownSheets $known): self
    {
        [$wanted, $apart] = self::wanted($plan, $counts);
        $runs = [];
        foreach ([] === $wanted ? [] : GangLot::of([$plan]) as $lot) {
            try {
                array_push($runs, ...$lot->full($wanted, $known));
            } catch (BadRecord) {
                // What does not fit is told by a check; until then each takes a sheet.
                foreach (array_intersect_key($lot->pictures, $wanted) as $id => $picture) {
                    $apart[] = [$picture->transfer, ...GangPicture::numbers($id), $wanted[$id]];
                }
            }
        }

        return new self($runs, $apart);
    }

    /**
     * Looks for fewer sheets, for all pieces of the job.
     *
     * @param callable(GangLot): (callable(int, int, int): bool) $watch what is asked whether to go on, for each lot
     *
     * @return array<string, list<list<GangPlace>>> what was found, by all that it hangs on
     *
     * @throws BadRecord where something does not fit, or these are too many
     */
    public static function searched(Plan $plan, int $seed, callable $watch): array
    {
        [$wanted] = self::wanted($plan, null);
        $found = [];
        foreach ([] === $wanted ? [] : GangLot::of([$plan]) as $lot) {
            $better = $lot->searched($wanted, $seed, $watch($lot));
            if (null !== $better) {
                $found[$better[0]] = $better[1];
            }
        }

        return $found;
    }

    /**
     * @param list<int>|null $counts pieces of each share
     *
     * @return array{array<string, int>, list<array{TransferPlan, int, int, int}>} what is laid on sheets, and what has
     *                                                                             sheets of its own
     */
    private static function wanted(Plan $plan, ?array $counts): array
    {
        $parts = $plan->parts();
        $counts ??= array_column($parts, 1);
        $wanted = $apart = [];
        foreach ($parts as $p => [$part]) {
            // What none of the pieces is of takes no sheet.
            foreach ($counts[$p] > 0 ? $part->transfers : [] as $t => $transfer) {
                if (
                    null !== $transfer->arrangement->sheet &&
                    null !== $transfer->outfit->medium &&
                    null !== $transfer->outfit->marking
                ) {
                    $wanted[GangPicture::id($plan->jobId, $p, $t)] = $counts[$p];
                } else {
                    $apart[] = [$transfer, $p, $t, $counts[$p]];
                }
            }
        }

        return [$wanted, $apart];
    }

    /** All of them, of whatever paper. */
    public function count(): int
    {
        return array_sum(array_map(static fn(SheetRun $run): int => $run->copies, $this->runs)) +
            array_sum(
                array_map(
                    static fn(array $one): int => $one[3] * count($one[0]->arrangement->tiling->sheets ?? [1]),
                    $this->apart,
                ),
            );
    }

    /** How many of its pictures lie on the fullest of its sheets; one where each has sheets of its own. */
    public function fullest(): int
    {
        return max([1, ...array_map(static fn(SheetRun $run): int => count($run->sheet->places), $this->runs)]);
    }

    /** @return array<string, array{Medium, int}> how many of each paper, by its id */
    public function byMedium(): array
    {
        $all = [];
        $add = static function (?Medium $medium, int $count) use (&$all): void {
            if (null !== $medium && $count > 0) {
                $all[$medium->id] = [$medium, $count + ($all[$medium->id][1] ?? 0)];
            }
        };
        foreach ($this->runs as $run) {
            $add($run->lot->medium, $run->copies);
        }
        foreach ($this->apart as [$transfer, , , $pieces]) {
            $add(
                $transfer->laidOut() ? $transfer->outfit->medium : null,
                $pieces * count($transfer->arrangement->tiling->sheets ?? [1]),
            );
        }

        return $all;
    }

    /**
     * The sheets in the order they are printed, those that are printed in one go together: for each go, whose steps it
     * takes, and for each sheet how many pieces of each picture are on it.
     *
     * @return list<array{int, int, list<array<string, int>>, Medium|null}> number of the share, of the picture in it,
     *                                                                      sheets, and their paper
     */
    public function goes(string $jobId): array
    {
        $goes = [];
        foreach ($this->runs as $run) {
            $sheets = array_fill(0, $run->copies, $run->holds());
            $goes[$run->lot->id] ??= [
                // Of those that lie on them the first one's steps are theirs.
                ...GangPicture::numbers($run->sheet->places[0]->piece),
                [],
                $run->lot->medium,
            ];
            array_push($goes[$run->lot->id][2], ...$sheets);
        }
        foreach ($this->apart as [$transfer, $p, $t, $pieces]) {
            $own = GangPicture::id($jobId, $p, $t);
            $more = count($transfer->arrangement->tiling->sheets ?? [1]) - 1;
            $sheets = [];
            for ($piece = 0; $piece < $pieces; ++$piece) {
                // It is whole with the last of its sheets.
                array_push($sheets, ...array_fill(0, $more, []), ...[[$own => 1]]);
            }
            $goes[$own] = [$p, $t, $sheets, $transfer->laidOut() ? $transfer->outfit->medium : null];
        }

        return array_values($goes);
    }

    /**
     * Every sheet with the pieces whose pictures lie on it, where all pieces are alike.
     *
     * @return \Generator<array{Medium|null, list<int>}>
     */
    public function each(string $jobId): \Generator
    {
        foreach ($this->goes($jobId) as [, , $sheets, $medium]) {
            $next = [];
            $last = 0;
            foreach ($sheets as $sheet) {
                $on = [];
                foreach ($sheet as $of => $count) {
                    $first = $next[$of] ?? 1;
                    array_push($on, ...range($first, $first + $count - 1));
                    $next[$of] = $first + $count;
                }
                // A part of a picture belongs to the piece that the next whole one is of.
                yield [$medium, [] === $on ? [$last + 1] : array_values(array_unique($on))];
                $last = [] === $on ? $last : max($on);
            }
        }
    }
}
