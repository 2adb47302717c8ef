<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use Wubbin\Core\Artwork\Coverage;
use Wubbin\Core\Artwork\CutLine;
use Wubbin\Core\Artwork\EdgeField;
use Wubbin\Core\Artwork\Mask;
use Wubbin\Core\Artwork\Outlines;
use Wubbin\Core\Measure\Size;

/** What is seen of a shape that was drawn pixel by pixel, with exact distances. */
final readonly class DrawnCoverage implements Coverage, Outlines
{
    public function __construct(private Mask $seen) {}

    public function at(Size $printed, float $marginMm): CutLine
    {
        return CutLine::around($this, $printed, $marginMm);
    }

    public function easierAt(Size $printed, float $marginMm): CutLine
    {
        return CutLine::easierAround($this, $printed, $marginMm);
    }

    public function edge(int $columns, float $out, float $back = 0.0): EdgeField
    {
        $columns = min($columns, $this->seen->width);
        [$out, $back] = [$out * $columns, $back * $columns];
        $rows = max(1, (int) round(($columns * $this->seen->height) / $this->seen->width));
        $frame = max(1, (int) ceil($out) + 6);
        $grown = $this->brought($columns, $rows)->framed($frame);
        $edges = array_map(static fn(float $d): float => $d - 0.5 - $out, $grown->distances());
        if ($back > 0.0) {
            $filled = implode('', array_map(static fn(float $d): string => $d <= 0.0 ? "\0" : "\1", $edges));
            $edges = array_map(
                static fn(float $d): float => $back + 0.5 - $d,
                Mask::fromBits($grown->width, $grown->height, $filled)->distances(),
            );
        }
        $bytes = '';
        foreach ($edges as $off) {
            $bytes .= chr((int) max(0, min(255, round(EdgeField::LEVEL + EdgeField::PER_COLUMN * $off))));
        }

        return new EdgeField($bytes, $grown->width, $frame);
    }

    /**
     * @param int<1, max> $columns
     * @param int<1, max> $rows
     */
    private function brought(int $columns, int $rows): Mask
    {
        $set = '';
        for ($y = 0; $y < $rows; ++$y) {
            $from = intdiv((2 * $y + 1) * $this->seen->height, 2 * $rows) * $this->seen->width;
            for ($x = 0; $x < $columns; ++$x) {
                $set .= $this->seen->set[$from + intdiv((2 * $x + 1) * $this->seen->width, 2 * $columns)];
            }
        }

        return Mask::fromBits($columns, $rows, $set);
    }
}
