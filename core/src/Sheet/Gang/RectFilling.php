<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/**
 * Fills a sheet with rectangles by maximal rectangles (Jylänki, A Thousand Ways to Pack the Bin, 2010): every piece
 * goes into the free rectangle that it fits best, by the shorter side that is left over, by the area, or as far up as
 * it gets. All lengths are whole numbers of one unit, the gap already in them.
 *
 * Pieces of the same size are one kind, of which there are so many: a kind that does not fit is not tried again.
 */
final readonly class RectFilling implements Filling
{
    /**
     * What a piece's place is chosen by: the shorter side left over, the area of the free rectangle, or else how far up
     * it is.
     */
    private const SHORT_SIDE = 0;
    private const AREA = 1;

    /** @var list<int> by kind */
    private array $wide;

    /** @var list<int> by kind */
    private array $high;

    /** @var list<bool> by kind: turning it gives something else, and may be done */
    private array $turns;

    /** @var non-empty-list<list<array{int, int, int, int}>> by ground: the maximal rectangles that are free */
    private array $free;

    /** @var non-empty-list<int> */
    private array $rooms;

    /**
     * @param list<array{int, int, bool}> $kinds width, height, and whether it may be
     *                                           turned
     * @param list<array{int, int, int, int}> $blocked of every empty sheet: left, upper, right
     *                                                 and lower edge
     * @param list<array{int, int, list<array{int, int, int, int}>}> $grounds width and height of sheets that are
     *                                                                        there once, and left, upper, right and
     *                                                                        lower edge of what lies on them
     */
    public function __construct(array $kinds, int $width, int $height, array $grounds = [], array $blocked = [])
    {
        $this->wide = array_column($kinds, 0);
        $this->high = array_column($kinds, 1);
        $this->turns = array_map(static fn(array $kind): bool => $kind[2] && $kind[0] !== $kind[1], $kinds);
        [$free, $rooms] = [[], []];
        foreach ([[$width, $height, $blocked], ...$grounds] as [$wide, $high, $taken]) {
            $left = [[0, 0, $wide, $high]];
            $room = $wide * $high;
            foreach ($taken as [$x0, $y0, $x1, $y1]) {
                $left = self::without($left, $x0, $y0, $x1, $y1, 1);
                $room -= ($x1 - $x0) * ($y1 - $y0);
            }
            $free[] = $left;
            $rooms[] = max(1, $room);
        }
        $this->free = $free;
        $this->rooms = $rooms;
    }

    public function areas(): array
    {
        return array_map(static fn(int $wide, int $high): int => $wide * $high, $this->wide, $this->high);
    }

    public function boxes(): array
    {
        return array_map(static fn(int $wide, int $high): array => [$wide, $high], $this->wide, $this->high);
    }

    public function rules(): int
    {
        return 3;
    }

    public function room(int $ground): int
    {
        return $this->rooms[$ground];
    }

    public function single(): array
    {
        return array_slice(array_keys($this->rooms), 1);
    }

    public function fill(array &$pool, array $order, int $rule, int $ground): Packed
    {
        $free = $this->free[$ground];
        $smallest = $this->smallest($order);
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
                        $score =
                            self::SHORT_SIDE === $rule
                                ? min($fw - $w, $fh - $h)
                                : (self::AREA === $rule
                                    ? $fw * $fh
                                    : ($y0 + $h) * 65536 + $x0);
                        if ($score < $best) {
                            $best = $score;
                            $found = [$x0, $y0, 0];
                        }
                    }
                    if ($turns && $h <= $fw && $w <= $fh) {
                        $score =
                            self::SHORT_SIDE === $rule
                                ? min($fw - $h, $fh - $w)
                                : (self::AREA === $rule
                                    ? $fw * $fh
                                    : ($y0 + $w) * 65536 + $x0);
                        if ($score < $best) {
                            $best = $score;
                            $found = [$x0, $y0, 1];
                        }
                    }
                }
                if (null === $found) {
                    break;
                }
                [$x, $y, $quarters] = $found;
                $spots[] = new Spot($kind, $x, $y, $quarters);
                $area += $w * $h;
                if (0 === --$pool[$kind]) {
                    unset($pool[$kind]);
                }
                $free =
                    1 === $quarters
                        ? self::without($free, $x, $y, $x + $h, $y + $w, $smallest)
                        : self::without($free, $x, $y, $x + $w, $y + $h, $smallest);
            }
            if ([] === $free) {
                break;
            }
        }

        return new Packed($area, $spots, $ground);
    }

    /** @param list<int> $order kinds that are still to be laid */
    private function smallest(array $order): int
    {
        $smallest = \PHP_INT_MAX;
        foreach ($order as $kind) {
            $smallest = min($smallest, $this->wide[$kind], $this->high[$kind]);
        }

        return $smallest;
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
                if (
                    $i !== $j &&
                    $l >= $kl &&
                    $t >= $kt &&
                    $r <= $kr &&
                    $b <= $kb &&
                    ($i > $j || $l !== $kl || $t !== $kt || $r !== $kr || $b !== $kb)
                ) {
                    continue 2;
                }
            }
            $kept[] = [$l, $t, $r, $b];
        }

        return $kept;
    }
}
