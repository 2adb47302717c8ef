<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Puts pieces on as few sheets as possible.
 *
 * What filling gives for several orders of the pieces is improved by ruin and recreate (Schrimpf and others, 2000): a
 * few sheets are emptied and filled anew in another order; what is no worse is kept. Fuller sheets beside emptier ones
 * count more than evenly filled ones, so that the emptiest runs dry. Sheets that are there once, such as offcuts and
 * those with pinned pieces on them, are filled first and stay; only empty sheets are saved.
 */
final class Packer
{
    /** A sheet is filled anew so many times, and the fullest kept. */
    private const ATTEMPTS = 3;

    /** How much an order is shaken: a kind's weight changes by up to this part of it. */
    private const SHAKEN = 0.55;

    /** A little worse is kept now and then, to get out of a corner: by so much of a sheet, at first. */
    private const TOLERATED = 0.004;

    private readonly Randomizer $random;

    /** @var list<int> */
    private readonly array $area;

    /** @var list<array{int, int}> */
    private readonly array $boxes;

    private bool $searching = true;

    /** @param callable(int, int): bool $goOn */
    private function __construct(private readonly Filling $filling, int $seed, private readonly mixed $goOn)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->area = $filling->areas();
        $this->boxes = $filling->boxes();
    }

    /**
     * @param list<int> $counts how many there are of each kind
     * @param callable(int, int): bool $goOn told how often it was tried, and how many sheets the best so far has;
     *                                       false takes that
     *
     * @return list<Packed> the grounds that are there once come first
     *
     * @throws NoRoom where a kind has no room on an empty sheet either
     */
    public static function pack(Filling $filling, array $counts, int $seed, callable $goOn): array
    {
        $packer = new self($filling, $seed, $goOn);
        $pool = array_filter($counts, static fn(int $count): bool => $count > 0);
        $sheets =
            [] === $pool
                ? array_map(static fn(int $ground): Packed => new Packed(0, [], $ground), $filling->single())
                : $packer->improve($packer->first($pool));
        usort(
            $sheets,
            static fn(Packed $a, Packed $b): int => [0 === $a->ground, $a->ground, $b->taken] <=> [
                0 === $b->ground,
                $b->ground,
                $a->taken,
            ],
        );

        return $sheets;
    }

    /**
     * The best of what the usual orders give.
     *
     * @param non-empty-array<int, int> $pool
     *
     * @return non-empty-list<Packed>
     *
     * @throws NoRoom
     */
    private function first(array $pool): array
    {
        $best = [];
        foreach (
            [
                $this->area,
                array_map(static fn(array $box): int => max($box), $this->boxes),
                array_map(static fn(array $box): int => $box[0] + $box[1], $this->boxes),
                array_column($this->boxes, 1),
            ]
            as $weights
        ) {
            foreach (range(0, $this->filling->rules() - 1) as $rule) {
                $sheets = $this->inOrder($pool, $weights, $rule);
                if ([] === $best || $this->worth($sheets) > $this->worth($best)) {
                    $best = $sheets;
                }
                // One way must be gone to its end; whether another is tried is asked for.
                if (!$this->goesOn(1, $best)) {
                    return $best;
                }
            }
        }

        return $best;
    }

    /**
     * It ends, as every sheet takes something: the grounds that are there once come to an end, and an empty sheet that
     * takes nothing is an error.
     *
     * @param non-empty-array<int, int> $pool
     * @param list<int> $weights
     *
     * @return non-empty-list<Packed>
     *
     * @throws NoRoom
     */
    private function inOrder(array $pool, array $weights, int $rule): array
    {
        $sheets = [];
        $grounds = $this->filling->single();
        while ([] !== $pool || [] !== $grounds) {
            $order = array_keys($pool);
            usort($order, static fn(int $a, int $b): int => $weights[$b] <=> $weights[$a]);
            $ground = array_shift($grounds) ?? 0;
            $sheets[] = $filled = $this->filling->fill($pool, $order, $rule, $ground);
            if (0 === $ground && [] === $filled->spots) {
                throw new NoRoom($order[0]);
            }
        }

        return $sheets;
    }

    /**
     * @param non-empty-list<Packed> $sheets
     *
     * @return non-empty-list<Packed>
     */
    private function improve(array $sheets): array
    {
        $best = $sheets;
        $bound = (int) ceil(
            (array_sum(array_map(static fn(Packed $sheet): int => $sheet->taken, $sheets)) -
                array_sum(array_map($this->filling->room(...), $this->filling->single()))) /
                $this->filling->room(0),
        );
        for ($tried = 1; self::wanted($best) > max(0, $bound) && count($sheets) > 1; ++$tried) {
            if (!$this->goesOn($tried, $best)) {
                break;
            }
            $chosen = $this->some($sheets);
            $pool = [];
            $before = 0.0;
            foreach ($chosen as $at) {
                $before += $this->fullness($sheets[$at]);
                foreach ($sheets[$at]->spots as $spot) {
                    $pool[$spot->kind] = ($pool[$spot->kind] ?? 0) + 1;
                }
            }
            // Those that stay whatever becomes of the others are filled first.
            usort($chosen, static fn(int $a, int $b): int => $sheets[$b]->ground <=> $sheets[$a]->ground);
            $made = [];
            $after = 0.0;
            foreach ($chosen as $at) {
                if ([] === $pool && 0 === $sheets[$at]->ground) {
                    break;
                }
                $made[] = $filled = $this->fullest($pool, $sheets[$at]->ground);
                $after += $this->fullness($filled);
            }
            if ([] !== $pool || $after < $before - (self::TOLERATED * $this->random->getInt(0, 1000)) / 1000.0) {
                continue;
            }
            foreach ($chosen as $k => $at) {
                if (isset($made[$k])) {
                    $sheets[$at] = $made[$k];
                } else {
                    unset($sheets[$at]);
                }
            }
            $sheets = array_values($sheets);
            if (
                self::wanted($sheets) < self::wanted($best) ||
                (self::wanted($sheets) === self::wanted($best) && $this->worth($sheets) > $this->worth($best))
            ) {
                $best = $sheets;
            }
        }

        return $best;
    }

    /**
     * Asks once only: who wants the best so far is not asked again.
     *
     * @param list<Packed> $best
     */
    private function goesOn(int $tried, array $best): bool
    {
        return $this->searching = $this->searching && ($this->goOn)($tried, self::wanted($best));
    }

    /**
     * Fills one sheet in several shaken orders; the fullest is taken, and out of the pool.
     *
     * @param array<int, int> $pool
     */
    private function fullest(array &$pool, int $ground): Packed
    {
        $best = new Packed(-1, [], $ground);
        $left = $pool;
        for ($attempt = 0; $attempt < self::ATTEMPTS; ++$attempt) {
            $rest = $pool;
            $filled = $this->filling->fill(
                $rest,
                $this->shaken($pool),
                $this->random->getInt(0, $this->filling->rules() - 1),
                $ground,
            );
            if ($filled->taken > $best->taken) {
                [$best, $left] = [$filled, $rest];
            }
            if ([] === $rest) {
                break;
            }
        }
        $pool = $left;

        return $best;
    }

    /**
     * Two to four sheets, the emptier ones more often.
     *
     * @param non-empty-list<Packed> $sheets
     *
     * @return list<int>
     */
    private function some(array $sheets): array
    {
        $count = count($sheets);
        $wanted = min($count, $this->random->getInt(2, 4));
        $chosen = [];
        while (count($chosen) < $wanted) {
            [$a, $b] = [$this->random->getInt(0, $count - 1), $this->random->getInt(0, $count - 1)];
            $chosen[[] === $chosen && $sheets[$b]->taken < $sheets[$a]->taken ? $b : $a] = true;
        }

        return array_keys($chosen);
    }

    /**
     * The kinds of a pool, the larger ones first but for chance.
     *
     * @param array<int, int> $pool
     *
     * @return list<int>
     */
    private function shaken(array $pool): array
    {
        $weights = [];
        $longest = 0 === $this->random->getInt(0, 2);
        foreach ($pool as $kind => $count) {
            $weight = $longest ? max($this->boxes[$kind]) ** 2 : $this->area[$kind];
            $weights[$kind] = $weight * (1.0 - (self::SHAKEN * $this->random->getInt(0, 1023)) / 1023.0);
        }
        arsort($weights);

        return array_keys($weights);
    }

    private function fullness(Packed $sheet): float
    {
        return ($sheet->taken / $this->filling->room($sheet->ground)) ** 2;
    }

    /**
     * Fewer sheets first, then fuller ones beside emptier ones.
     *
     * @param list<Packed> $sheets
     */
    private function worth(array $sheets): float
    {
        return array_sum(array_map($this->fullness(...), $sheets)) - self::wanted($sheets);
    }

    /**
     * How many empty sheets it wants.
     *
     * @param list<Packed> $sheets
     */
    private static function wanted(array $sheets): int
    {
        return count(array_filter($sheets, static fn(Packed $sheet): bool => 0 === $sheet->ground));
    }
}
