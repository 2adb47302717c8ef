<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** Some pixels of a picture: a byte each, 1 where it is one of them, row by row from the top left. */
final readonly class Mask
{
    /** Farther than any two pixels of a picture at working resolution, squared. */
    private const FAR = 1 << 40;

    /**
     * @param int<1, max> $width
     * @param int<1, max> $height
     */
    private function __construct(public int $width, public int $height, public string $set) {}

    /**
     * @param int<1, max> $width
     * @param int<1, max> $height
     */
    public static function fromBits(int $width, int $height, string $set): self
    {
        if (strlen($set) !== $width * $height) {
            throw new \LogicException('A mask has a byte for each pixel.');
        }

        return new self($width, $height, $set);
    }

    public function count(): int
    {
        return substr_count($this->set, "\1");
    }

    /** The part of the picture that it covers, 0 to 1. */
    public function share(): float
    {
        return $this->count() / strlen($this->set);
    }

    public function inverse(): self
    {
        return new self($this->width, $this->height, strtr($this->set, "\0\1", "\1\0"));
    }

    public function and(self $other): self
    {
        return new self($this->width, $this->height, $this->set & $other->set);
    }

    /** Without parts of it that have fewer pixels than these, joined side by side or corner to corner. */
    public function withoutSpecks(int $least): self
    {
        $set = $this->set;
        foreach ($this->parts() as $part) {
            if (count($part) < $least) {
                foreach ($part as $i) {
                    $set[$i] = "\0";
                }
            }
        }

        return new self($this->width, $this->height, $set);
    }

    /**
     * The pixels of each of its parts, joined side by side or corner to corner; a part's topmost row comes first.
     *
     * @return iterable<non-empty-list<int>>
     */
    public function parts(): iterable
    {
        [$w, $size] = [$this->width, strlen($this->set)];
        $left = $this->set;
        for ($start = strpos($left, "\1"); false !== $start; $start = strpos($left, "\1", $start)) {
            $left[$start] = "\0";
            $part = [$start];
            for ($k = 0; $k < count($part); ++$k) {
                $i = $part[$k];
                $x = $i % $w;
                foreach ([-$w, 0, $w] as $row) {
                    for (
                        $j = $i + $row - ($x > 0 ? 1 : 0), $last = $i + $row + ($x < $w - 1 ? 1 : 0);
                        $j <= $last;
                        ++$j
                    ) {
                        if ($j >= 0 && $j < $size && "\1" === $left[$j]) {
                            $left[$j] = "\0";
                            $part[] = $j;
                        }
                    }
                }
            }
            yield $part;
        }
    }

    /**
     * With so many pixels more on every side, none of which is set.
     *
     * @param int<0, max> $pixels
     */
    public function framed(int $pixels): self
    {
        $wide = $this->width + 2 * $pixels;
        $side = str_repeat("\0", $pixels);
        $rows = array_map(static fn(string $row): string => $side . $row . $side, str_split($this->set, $this->width));
        $edge = str_repeat("\0", $wide * $pixels);

        return new self($wide, $this->height + 2 * $pixels, $edge . implode('', $rows) . $edge);
    }

    /**
     * How far each pixel's middle is from that of the nearest one that is set, in pixels; 0 for those that are set.
     *
     * Exact Euclidean distances in linear time: Meijster, Roerdink and Hesselink (2000); first down the columns, then
     * the lower envelope of parabolas along each row, as Felzenszwalb and Huttenlocher (2012) write it.
     *
     * @return list<float>
     */
    public function distances(): array
    {
        [$w, $h] = [$this->width, $this->height];
        $column = array_fill(0, $w * $h, self::FAR);
        for ($x = 0; $x < $w; ++$x) {
            $gap = self::FAR;
            for ($down = $x; $down < $w * $h; $down += $w) {
                $gap = "\1" === $this->set[$down] ? 0 : $gap + 1;
                $column[$down] = $gap;
            }
            for ($up = $w * ($h - 1) + $x; $up >= 0; $up -= $w) {
                $gap = "\1" === $this->set[$up] ? 0 : $gap + 1;
                $column[$up] = min($gap, $column[$up]);
            }
        }
        $distances = [];
        for ($row = 0; $row < $w * $h; $row += $w) {
            $squares = [];
            for ($x = 0; $x < $w; ++$x) {
                $gap = $column[$row + $x];
                $squares[] = $gap >= self::FAR ? self::FAR : $gap * $gap;
            }
            foreach (self::envelope($squares) as $square) {
                $distances[] = $square >= self::FAR ? \INF : sqrt($square);
            }
        }

        return $distances;
    }

    /**
     * The least of (x − q)² + squares[q] over all q, for each x.
     *
     * @param list<int> $squares
     *
     * @return list<int>
     */
    private static function envelope(array $squares): array
    {
        $apex = [0];
        $from = [-\INF];
        $top = 0;
        $end = count($squares);
        for ($q = 1; $q < $end; ++$q) {
            do {
                $p = $apex[$top];
                $meet = ($squares[$q] + $q * $q - $squares[$p] - $p * $p) / (2 * ($q - $p));
            } while ($meet <= $from[$top] && --$top >= 0);
            $apex[++$top] = $q;
            $from[$top] = $meet;
        }
        $least = [];
        $last = $top;
        for ($x = 0, $k = 0; $x < $end; ++$x) {
            while ($k < $last && $from[$k + 1] < $x) {
                ++$k;
            }
            $q = $apex[$k];
            $least[] = ($x - $q) * ($x - $q) + $squares[$q];
        }

        return $least;
    }
}
