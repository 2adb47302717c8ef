<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Puts rectangles on as few sheets as possible. All lengths are whole numbers of one unit, the gap already in them.
 *
 * A sheet is filled by maximal rectangles (Jylänki, A Thousand Ways to Pack the Bin, 2010): every piece goes into the
 * free rectangle that it fits best, by the shorter side that is left over, by the area, or as far up as it gets. What
 * that gives for several orders of the pieces is improved by ruin and recreate (Schrimpf and others, 2000): a few sheets
 * are emptied and filled anew in another order; what is no worse is kept. Fuller sheets beside emptier ones count more
 * than evenly filled ones, so that the emptiest runs dry.
 *
 * Pieces of the same size are one kind, of which there are so many: a kind that does not fit is not tried again.
 */
final class Packer
{
    /** What a piece's place is chosen by: the shorter side left over, the area of the free rectangle, or else how far up it is. */
    private const SHORT_SIDE = 0;
    private const AREA = 1;
    private const RULES = 3;

    /** A sheet is filled anew so many times, and the fullest kept. */
    private const ATTEMPTS = 3;

    /** How much an order is shaken: a kind's weight changes by up to this part of it. */
    private const SHAKEN = 0.55;

    /** A little worse is kept now and then, to get out of a corner: by so much of a sheet, at first. */
    private const TOLERATED = 0.004;

    private Randomizer $random;

    /** @var list<int> by kind */
    private array $wide = [];

    /** @var list<int> by kind */
    private array $high = [];

    /** @var list<bool> by kind: turning it gives something else, and may be done */
    private array $turns = [];

    /** @var list<int> */
    private array $area = [];

    private function __construct(private readonly int $width, private readonly int $height, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /**
     * @param list<array{int, int, int, bool}> $kinds width, height, how many, and whether it may be turned; each fits the sheet
     * @param callable(int, int): bool         $goOn  told how often it was tried, and how many sheets the best so far has; false takes that
     *
     * @return list<list<Spot>> the sheets; kinds by their place in the list
     */
    public static function pack(array $kinds, int $width, int $height, int $seed, callable $goOn): array
    {
        $packer = new self($width, $height, $seed);
        $pool = [];
        foreach ($kinds as $kind => [$wide, $high, $count, $turns]) {
            $packer->wide[] = $wide;
            $packer->high[] = $high;
            $packer->area[] = $wide * $high;
            $packer->turns[] = $turns && $wide !== $high;
            $pool[$kind] = $count;
        }
        $pool = array_filter($pool, static fn (int $count): bool => $count > 0);

        return [] === $pool ? [] : $packer->improve($packer->first($pool), $goOn);
    }

    /**
     * The best of what the usual orders give.
     *
     * @param array<int, int> $pool
     *
     * @return list<array{int, list<array{int, int, int, bool}>}>
     */
    private function first(array $pool): array
    {
        $best = [];
        foreach ([$this->area, array_map(static fn (int $w, int $h): int => max($w, $h), $this->wide, $this->high), array_map(static fn (int $w, int $h): int => $w + $h, $this->wide, $this->high), $this->high] as $weights) {
            foreach (range(0, self::RULES - 1) as $rule) {
                $left = $pool;
                $sheets = [];
                while ([] !== $left) {
                    $order = array_keys($left);
                    usort($order, static fn (int $a, int $b): int => $weights[$b] <=> $weights[$a]);
                    $sheets[] = $this->fill($left, $order, $rule);
                }
                if ([] === $best || $this->worth($sheets) > $this->worth($best)) {
                    $best = $sheets;
                }
            }
        }

        return $best;
    }

    /**
     * @param list<array{int, list<array{int, int, int, bool}>}> $sheets
     * @param callable(int, int): bool                           $goOn
     *
     * @return list<list<Spot>>
     */
    private function improve(array $sheets, callable $goOn): array
    {
        $best = $sheets;
        $bound = (int) ceil(array_sum(array_column($sheets, 0)) / ($this->width * $this->height));
        $sheetArea = (float) ($this->width * $this->height);
        for ($tried = 1; count($best) > $bound && count($sheets) > 1; ++$tried) {
            if (0 === $tried % 16 && !$goOn($tried, count($best))) {
                break;
            }
            $chosen = $this->some($sheets);
            $pool = [];
            $before = 0.0;
            foreach ($chosen as $at) {
                $before += ($sheets[$at][0] / $sheetArea) ** 2;
                foreach ($sheets[$at][1] as [$kind]) {
                    $pool[$kind] = ($pool[$kind] ?? 0) + 1;
                }
            }
            $made = [];
            $after = 0.0;
            for ($n = count($chosen); $n > 0 && [] !== $pool; --$n) {
                $made[] = $filled = $this->fullest($pool);
                $after += ($filled[0] / $sheetArea) ** 2;
            }
            if ([] !== $pool || $after < $before - self::TOLERATED * $this->random->getInt(0, 1000) / 1000.0) {
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
            if (count($sheets) < count($best) || (count($sheets) === count($best) && $this->worth($sheets) > $this->worth($best))) {
                $best = $sheets;
            }
        }

        return self::spots($best);
    }

    /**
     * Fills one sheet in several shaken orders; the fullest is taken, and out of the pool.
     *
     * @param array<int, int> $pool
     *
     * @return array{int, list<array{int, int, int, bool}>}
     */
    private function fullest(array &$pool): array
    {
        $best = [-1, []];
        $left = $pool;
        for ($attempt = 0; $attempt < self::ATTEMPTS; ++$attempt) {
            $rest = $pool;
            $filled = $this->fill($rest, $this->shaken($pool), $this->random->getInt(0, self::RULES - 1));
            if ($filled[0] > $best[0]) {
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
     * @param list<array{int, list<array{int, int, int, bool}>}> $sheets
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
            $chosen[[] === $chosen && $sheets[$b][0] < $sheets[$a][0] ? $b : $a] = true;
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
            $weight = $longest ? max($this->wide[$kind], $this->high[$kind]) ** 2 : $this->area[$kind];
            $weights[$kind] = $weight * (1.0 - self::SHAKEN * $this->random->getInt(0, 1023) / 1023.0);
        }
        arsort($weights);

        return array_keys($weights);
    }

    /**
     * Fills one sheet from a pool, kind by kind in this order, and takes what lies on it out of the pool.
     *
     * @param array<int, int> $pool  how many of each kind there are; kinds that run out are taken out
     * @param list<int>       $order
     *
     * @return array{int, list<array{int, int, int, bool}>} the area, and kind, x, y and whether it is turned
     */
    private function fill(array &$pool, array $order, int $rule): array
    {
        $free = [[0, 0, $this->width, $this->height]];
        $smallest = \PHP_INT_MAX;
        foreach ($order as $kind) {
            $smallest = min($smallest, $this->wide[$kind], $this->high[$kind]);
        }
        $area = 0;
        $spots = [];
        foreach ($order as $kind) {
            [$w, $h, $turns] = [$this->wide[$kind], $this->high[$kind], $this->turns[$kind]];
            while (isset($pool[$kind])) {
                $best = \PHP_INT_MAX;
                $found = null;
                foreach ($free as [$x0, $y0, $x1, $y1]) {
                    [$fw, $fh] = [$x1 - $x0, $y1 - $y0];
                    if ($w <= $fw && $h <= $fh) {
                        $score = self::SHORT_SIDE === $rule ? min($fw - $w, $fh - $h) : (self::AREA === $rule ? $fw * $fh : ($y0 + $h) * 65536 + $x0);
                        if ($score < $best) {
                            $best = $score;
                            $found = [$x0, $y0, false];
                        }
                    }
                    if ($turns && $h <= $fw && $w <= $fh) {
                        $score = self::SHORT_SIDE === $rule ? min($fw - $h, $fh - $w) : (self::AREA === $rule ? $fw * $fh : ($y0 + $w) * 65536 + $x0);
                        if ($score < $best) {
                            $best = $score;
                            $found = [$x0, $y0, true];
                        }
                    }
                }
                if (null === $found) {
                    break;
                }
                [$x, $y, $turned] = $found;
                $spots[] = [$kind, $x, $y, $turned];
                $area += $w * $h;
                if (0 === --$pool[$kind]) {
                    unset($pool[$kind]);
                }
                $free = $turned ? self::without($free, $x, $y, $x + $h, $y + $w, $smallest) : self::without($free, $x, $y, $x + $w, $y + $h, $smallest);
            }
            if ([] === $free) {
                break;
            }
        }

        return [$area, $spots];
    }

    /**
     * The maximal free rectangles once a piece lies there.
     *
     * @param list<array{int, int, int, int}> $free
     *
     * @return list<array{int, int, int, int}>
     */
    private static function without(array $free, int $x0, int $y0, int $x1, int $y1, int $smallest): array
    {
        $kept = [];
        $cut = [];
        foreach ($free as $rect) {
            [$l, $t, $r, $b] = $rect;
            if ($l >= $x1 || $r <= $x0 || $t >= $y1 || $b <= $y0) {
                $kept[] = $rect;
                continue;
            }
            // Slivers that nothing fits into are dropped at once.
            if ($x0 - $l >= $smallest) {
                $cut[] = [$l, $t, $x0, $b];
            }
            if ($r - $x1 >= $smallest) {
                $cut[] = [$x1, $t, $r, $b];
            }
            if ($y0 - $t >= $smallest) {
                $cut[] = [$l, $t, $r, $y0];
            }
            if ($b - $y1 >= $smallest) {
                $cut[] = [$l, $y1, $r, $b];
            }
        }
        foreach ($cut as $i => [$l, $t, $r, $b]) {
            foreach ($kept as [$kl, $kt, $kr, $kb]) {
                if ($l >= $kl && $t >= $kt && $r <= $kr && $b <= $kb) {
                    continue 2;
                }
            }
            foreach ($cut as $j => [$kl, $kt, $kr, $kb]) {
                // Of two alike the first stays.
                if ($i !== $j && $l >= $kl && $t >= $kt && $r <= $kr && $b <= $kb && ($i > $j || $l !== $kl || $t !== $kt || $r !== $kr || $b !== $kb)) {
                    continue 2;
                }
            }
            $kept[] = [$l, $t, $r, $b];
        }

        return $kept;
    }

    /**
     * Fewer sheets first, then fuller ones beside emptier ones.
     *
     * @param list<array{int, list<array{int, int, int, bool}>}> $sheets
     */
    private function worth(array $sheets): float
    {
        $squares = 0.0;
        foreach ($sheets as [$area]) {
            $squares += ($area / ($this->width * $this->height)) ** 2;
        }

        return $squares - count($sheets);
    }

    /**
     * @param list<array{int, list<array{int, int, int, bool}>}> $sheets
     *
     * @return list<list<Spot>>
     */
    private static function spots(array $sheets): array
    {
        return array_map(static fn (array $sheet): array => array_map(static fn (array $spot): Spot => new Spot(...$spot), $sheet[1]), $sheets);
    }
}
