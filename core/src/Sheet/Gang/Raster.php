<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/** A sheet in cells, some of them taken. */
final class Raster
{
    /** Cells that are free. */
    public int $free;

    /** @var array<int, string> a character a cell, '1' where it is taken */
    private array $rows;

    /** @var array<int, list<int>> by row and cell: the next one from there that is taken; the width where none is */
    private array $next;

    /** @var array<int, array<int, int>> by row and taken cell: the first free one after it */
    private array $past;

    /** @var array<int, int> by row: the longest run of free cells */
    private array $longest;

    public function __construct(private readonly int $width, private readonly int $height)
    {
        $this->free = $width * $height;
        $this->rows = array_fill(0, $height, str_repeat('0', $width));
        $this->next = array_fill(0, $height, array_fill(0, $width + 1, $width));
        $this->past = array_fill(0, $height, []);
        $this->longest = array_fill(0, $height, $width);
    }

    public function take(Silhouette $shape, int $x, int $y): void
    {
        foreach ($shape->rows as $r => [$from, $to]) {
            $this->rows[$y + $r] = substr_replace(
                $this->rows[$y + $r],
                str_repeat('1', $to - $from),
                $x + $from,
                $to - $from,
            );
            $this->survey($y + $r);
        }
        $this->free -= $shape->cells;
    }

    /**
     * The first place from this row on, row by row and from the left, where a shape lies on free cells only.
     *
     * @return array{int, int}|null its box's upper left corner
     */
    public function first(Silhouette $shape, int $fromRow): ?array
    {
        $rows = $shape->rows;
        $lastRow = $this->height - count($rows);
        $lastColumn = $this->width - $shape->width;
        $widest = $shape->tried[0];
        $needed = $rows[$widest][1] - $rows[$widest][0];
        for ($y = $fromRow; $y <= $lastRow; ++$y) {
            if ($this->longest[$y + $widest] < $needed) {
                continue;
            }
            $x = 0;
            do {
                $before = $x;
                foreach ($shape->tried as $r) {
                    [$from, $to] = $rows[$r];
                    $next = $this->next[$y + $r];
                    while ($x <= $lastColumn && $next[$x + $from] < $x + $to) {
                        $x = $this->past[$y + $r][$next[$x + $from]] - $from;
                    }
                    if ($x > $lastColumn) {
                        continue 3;
                    }
                }
                // Moved on by one row, it may meet something in those that were looked at before.
            } while ($x !== $before);

            return [$x, $y];
        }

        return null;
    }

    private function survey(int $row): void
    {
        preg_match_all('/1+/', $this->rows[$row], $runs, \PREG_OFFSET_CAPTURE);
        $next = [];
        $past = [];
        $longest = 0;
        $at = 0;
        foreach ($runs[0] as [$run, $from]) {
            $to = $from + strlen($run);
            $longest = max($longest, $from - $at);
            for (; $at < $from; ++$at) {
                $next[] = $from;
            }
            for (; $at < $to; ++$at) {
                $next[] = $at;
                $past[$at] = $to;
            }
        }
        $longest = max($longest, $this->width - $at);
        for (; $at <= $this->width; ++$at) {
            $next[] = $this->width;
        }
        $this->next[$row] = $next;
        $this->past[$row] = $past;
        $this->longest[$row] = $longest;
    }
}
