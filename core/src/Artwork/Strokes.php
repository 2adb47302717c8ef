<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/**
 * How thick the parts of a drawing are: what of it is finer than a given line, as a share of its ink.
 *
 * A part is as thick as the largest disc within the ink that covers it (local thickness: Hildebrand and Rüegsegger,
 * 1997); to a pixel. Thickness is told as a share of the picture's width, so that it holds at any size.
 */
final readonly class Strokes
{
    /** What is thicker than this is no line, in pixels. */
    private const THICK = 24;

    /**
     * Of the length of all parts, how much may be finer than what is told as the finest: specks are no lines (assumed).
     */
    private const SPECKS = 0.02;

    /** A line is at least so many pixels long. */
    private const LEAST_LENGTH = 5.0;

    /**
     * @param array<int, int> $fine pixels by the thickness of the part they are of, in pixels
     * @param int $thick pixels of parts that are no lines
     */
    private function __construct(private array $fine, private int $thick, private int $width) {}

    public static function of(Mask $ink): self
    {
        $fine = [];
        $thick = 0;
        foreach (self::thicknesses($ink) as $thickness) {
            if (0 === $thickness) {
                ++$thick;
            } else {
                $fine[$thickness] = ($fine[$thickness] ?? 0) + 1;
            }
        }
        ksort($fine);

        return new self($fine, $thick, $ink->width);
    }

    /**
     * The ink in parts finer than this.
     *
     * @param float $line as a share of the picture's width
     */
    public static function finer(Mask $ink, float $line): Mask
    {
        $set = str_repeat("\0", strlen($ink->set));
        foreach (self::thicknesses($ink) as $pixel => $thickness) {
            if ($thickness > 0 && $thickness / $ink->width < $line) {
                $set[$pixel] = "\1";
            }
        }

        return Mask::fromBits($ink->width, $ink->height, $set);
    }

    /**
     * How thick the part is that each pixel of ink belongs to, in pixels; 0 where that is no line.
     *
     * @return iterable<int, int> by the pixel
     */
    private static function thicknesses(Mask $ink): iterable
    {
        // A frame, so that the edge of the picture is the edge of its ink.
        $framed = $ink->framed(1);
        $depth = $framed->inverse()->distances();
        $local = self::discs($depth, $framed->width);
        $thickest = self::THICK / 2.0;
        $core = '';
        foreach ($depth as $d) {
            $core .= $d >= $thickest ? "\1" : "\0";
        }
        $near = str_contains($core, "\1") ? Mask::fromBits($framed->width, $framed->height, $core)->distances() : [];
        foreach ($depth as $i => $d) {
            if ($d > 0.0) {
                $pixel = (intdiv($i, $framed->width) - 1) * $ink->width + ($i % $framed->width) - 1;
                yield $pixel => ($near[$i] ?? \INF) < $thickest ? 0 : (int) round(2.0 * ($local[$i] ?? $d) - 1.0);
            }
        }
    }

    /** Of a picture that is no drawing of lines, so that there is nothing to measure. */
    public static function none(int $width): self
    {
        return new self([], 0, $width);
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $fine = [];
        foreach ($record->record('fine')->keys() as $thickness) {
            $fine[(int) $thickness] = $record->record('fine')->integer($thickness);
        }

        return new self($fine, $record->integer('thick'), $record->integer('width'));
    }

    /** The finest line as a share of the picture's width; null where there is none to measure. */
    public function finest(): ?float
    {
        $length = $this->thick / self::THICK;
        foreach ($this->fine as $thickness => $area) {
            $length += $area / $thickness;
        }
        $seen = 0.0;
        foreach ($this->fine as $thickness => $area) {
            $seen += $area / $thickness;
            if ($seen >= max(self::LEAST_LENGTH, self::SPECKS * $length)) {
                return $thickness / $this->width;
            }
        }

        return null;
    }

    /**
     * The share of the ink in parts finer than this.
     *
     * @param float $line as a share of the picture's width
     */
    public function finerThan(float $line): float
    {
        $all = $this->thick + array_sum($this->fine);
        $finer = array_sum(
            array_filter(
                $this->fine,
                fn(int $thickness): bool => $thickness / $this->width < $line,
                \ARRAY_FILTER_USE_KEY,
            ),
        );

        return 0 === $all ? 0.0 : $finer / $all;
    }

    /** One pixel as a share of the width: nothing finer can be told. */
    public function resolution(): float
    {
        return 1.0 / $this->width;
    }

    /** @return array{fine: array<int, int>, thick: int, width: int} */
    public function toRecord(): array
    {
        return ['fine' => $this->fine, 'thick' => $this->thick, 'width' => $this->width];
    }

    /**
     * The depth of the deepest disc over each pixel, for parts that are lines.
     *
     * @param list<float> $depth distance to the nearest pixel that is no ink
     *
     * @return array<int, float>
     */
    private static function discs(array $depth, int $w): array
    {
        $middles = [];
        for ($i = $w + 1, $end = count($depth) - $w - 1; $i < $end; ++$i) {
            $d = $depth[$i];
            if (
                $d > 0.0 &&
                $d < self::THICK / 2.0 + 1.0 &&
                $d >= $depth[$i - 1] &&
                $d >= $depth[$i + 1] &&
                $d >= $depth[$i - $w] &&
                $d >= $depth[$i + $w]
            ) {
                $middles[$i] = $d;
            }
        }
        // Deeper ones are laid over shallower ones.
        asort($middles);
        $local = [];
        foreach ($middles as $i => $d) {
            $reach = (int) ceil($d) - 1;
            for ($dy = -$reach; $dy <= $reach; ++$dy) {
                $half = (int) floor(sqrt(max(0.0, $d * $d - $dy * $dy - 1e-9)));
                for ($j = $i + $dy * $w - $half, $last = $i + $dy * $w + $half; $j <= $last; ++$j) {
                    $local[$j] = $d;
                }
            }
        }

        return $local;
    }
}
