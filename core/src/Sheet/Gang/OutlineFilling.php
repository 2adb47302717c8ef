<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/**
 * Fills a sheet with pieces by their outlines, on a raster: of every row of cells a piece takes what lies between its
 * leftmost and rightmost point there. So convex outlines, and those that only a vertical line could enter twice, nest;
 * hollows that open sideways are not used. Half of the gap is grown round every piece, and round the sheet.
 *
 * A piece goes where it gets furthest up, furthest left, or where its box does, by the rule; it is slid along each row
 * of cells, and leaps over what it meets.
 */
final class OutlineFilling implements Filling
{
    /**
     * A piece's place is chosen by how far up its lower edge, how far left its right edge, or how near the corner it
     * gets.
     */
    private const UP = 0;
    private const LEFT = 1;
    private const RULES = 3;

    /** @var list<array<int, Silhouette>> by kind and by quarters that it may be turned by */
    private array $shapes = [];

    /**
     * @var non-empty-list<array{int, int, list<array{Silhouette, int,
     *     int}>}> by ground: width, height, and what lies there
     */
    private array $grounds;

    /** @var array<int, int> cells that are free on a ground */
    private array $rooms = [];

    /**
     * @param list<array{non-empty-list<array{float, float}>, bool}> $kinds points of the
     *                                                                      outline in cells, from its box's upper left
     *                                                                      corner, and whether it may be turned
     * @param int $width of the empty
     *                   sheet in cells, the gap once in it; so the height
     * @param float $grow half of the
     *                    gap, in cells
     * @param list<array{non-empty-list<array{float, float}>, int, int}> $blocked of every
     *                                                                            empty sheet: outlines with the place
     *                                                                            of their boxes
     * @param list<array{int, int, list<array{non-empty-list<array{float, float}>, int, int}>}> $grounds width and
     *                                                                                                   height of
     *                                                                                                   sheets that are
     *                                                                                                   there once, and
     *                                                                                                   outlines on
     *                                                                                                   them with the
     *                                                                                                   place of their
     *                                                                                                   boxes
     */
    public function __construct(
        array $kinds,
        int $width,
        int $height,
        private readonly float $grow,
        array $grounds = [],
        array $blocked = [],
    ) {
        foreach ($kinds as [$points, $turns]) {
            $shape = Silhouette::fromPoints($points, $grow);
            $turned = [0 => $shape];
            for ($quarters = 1; $turns && $quarters < 4; ++$quarters) {
                $points = Silhouette::turned($points);
                $shape = Silhouette::fromPoints($points, $grow);
                if ([] === array_filter($turned, static fn(Silhouette $known): bool => $known->rows === $shape->rows)) {
                    $turned[$quarters] = $shape;
                }
            }
            $this->shapes[] = $turned;
        }
        $all = [];
        foreach ([[$width, $height, $blocked], ...$grounds] as [$wide, $high, $taken]) {
            $all[] = [
                $wide,
                $high,
                array_map(
                    fn(array $one): array => [Silhouette::fromPoints($one[0], $this->grow), $one[1], $one[2]],
                    $taken,
                ),
            ];
        }
        $this->grounds = $all;
        foreach ($all as $ground => [$wide, $high, $taken]) {
            $this->rooms[$ground] = max(
                1,
                $wide * $high - array_sum(array_map(static fn(array $one): int => $one[0]->cells, $taken)),
            );
        }
    }

    public function areas(): array
    {
        return array_map(static fn(array $turned): int => $turned[0]->cells, $this->shapes);
    }

    public function boxes(): array
    {
        return array_map(
            static fn(array $turned): array => [$turned[0]->width, count($turned[0]->rows)],
            $this->shapes,
        );
    }

    public function rules(): int
    {
        return self::RULES;
    }

    public function room(int $ground): int
    {
        return $this->rooms[$ground];
    }

    public function single(): array
    {
        return array_slice(array_keys($this->grounds), 1);
    }

    public function fill(array &$pool, array $order, int $rule, int $ground): Packed
    {
        [$width, $height, $taken] = $this->grounds[$ground];
        $raster = new Raster($width, $height);
        foreach ($taken as [$shape, $x, $y]) {
            $raster->take($shape, $x, $y);
        }
        $area = 0;
        $spots = [];
        foreach ($order as $kind) {
            $from = [];
            while (isset($pool[$kind]) && $raster->free >= $this->shapes[$kind][0]->cells) {
                $best = \PHP_INT_MAX;
                $found = null;
                foreach ($this->shapes[$kind] as $quarters => $shape) {
                    // The sheet only fills up: what did not fit further up does not later.
                    $spot = $raster->first($shape, $from[$quarters] ?? 0);
                    $from[$quarters] = $spot[1] ?? $height;
                    if (null === $spot) {
                        continue;
                    }
                    [$x, $y] = $spot;
                    $score = match ($rule) {
                        self::UP => ($y + count($shape->rows)) * 65536 + $x,
                        self::LEFT => ($x + $shape->width) * 65536 + $y,
                        default => ($y + count($shape->rows)) * $width + ($x + $shape->width) * $height,
                    };
                    if ($score < $best) {
                        $best = $score;
                        $found = new Spot($kind, $x, $y, $quarters);
                    }
                }
                if (null === $found) {
                    break;
                }
                $shape = $this->shapes[$kind][$found->quarters];
                $raster->take($shape, $found->x, $found->y);
                $spots[] = $found;
                $area += $shape->cells;
                if (0 === --$pool[$kind]) {
                    unset($pool[$kind]);
                }
            }
        }

        return new Packed($area, $spots, $ground);
    }
}
