<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/**
 * How thick the lines of a drawing are: what of it is finer than a given line, as a share of its ink.
 *
 * Thickness is told as a share of the picture's width, so that it holds at any size.
 */
final readonly class Strokes
{
    /** What is wider than this share of the picture's longer side is no line (assumed). */
    private const THICK = 0.05;

    /** Widths are told in so many steps a pixel. */
    private const STEPS = 4;

    /**
     * Of the length of all lines, how much may be finer than what is told as the finest: specks are no lines (assumed).
     */
    private const SPECKS = 0.02;

    /** A line is at least so long, as a share of the picture's longer side (assumed). */
    private const LEAST_LENGTH = 0.01;

    /** The finest that is told, in these steps. */
    private const FINEST_STEP = 1;

    /**
     * @param array<int, int> $fine pixels by the width of the line they are of, in steps
     * @param int $thick pixels of what is no line
     * @param int $width of the picture, in pixels
     * @param int $longer side of it
     */
    private function __construct(private array $fine, private int $thick, private int $width, private int $longer) {}

    public static function of(InkPlane $ink): self
    {
        $longer = max($ink->width, $ink->height);
        $lines = LineWidths::of($ink, self::THICK * $longer);
        $fine = [];
        foreach ($lines->widths as $width) {
            $step = max(self::FINEST_STEP, (int) round($width * self::STEPS));
            $fine[$step] = ($fine[$step] ?? 0) + 1;
        }
        ksort($fine);

        return new self($fine, max(0, $lines->seen - array_sum($fine)), $ink->width, $longer);
    }

    /**
     * The ink in lines finer than this.
     *
     * @param float $line as a share of the picture's width
     */
    public static function finer(InkPlane $ink, float $line): Mask
    {
        $set = str_repeat("\0", strlen($ink->bytes));
        foreach (LineWidths::of($ink, self::THICK * max($ink->width, $ink->height))->widths as $pixel => $width) {
            if ($width / $ink->width < $line) {
                $set[$pixel] = "\1";
            }
        }

        return Mask::fromBits($ink->width, $ink->height, $set);
    }

    /** Of a picture that is no drawing of lines, so that there is nothing to measure. */
    public static function none(int $width, int $height): self
    {
        return new self([], 0, $width, max($width, $height));
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $fine = [];
        foreach ($record->record('fine')->keys() as $step) {
            $fine[(int) $step] = $record->record('fine')->integer($step);
        }

        return new self($fine, $record->integer('thick'), $record->integer('width'), $record->integer('longer'));
    }

    /** The finest line as a share of the picture's width; null where there is none to measure. */
    public function finest(): ?float
    {
        $length = $this->thick / (self::THICK * $this->longer);
        foreach ($this->fine as $step => $pixels) {
            $length += ($pixels * self::STEPS) / $step;
        }
        $seen = 0.0;
        foreach ($this->fine as $step => $pixels) {
            $seen += ($pixels * self::STEPS) / $step;
            if ($seen >= max(self::LEAST_LENGTH * $this->longer, self::SPECKS * $length)) {
                return $step / self::STEPS / $this->width;
            }
        }

        return null;
    }

    /**
     * The share of the ink in lines finer than this.
     *
     * @param float $line as a share of the picture's width
     */
    public function finerThan(float $line): float
    {
        $all = $this->thick + array_sum($this->fine);
        $finer = array_sum(
            array_filter(
                $this->fine,
                fn(int $step): bool => $step / self::STEPS / $this->width < $line,
                \ARRAY_FILTER_USE_KEY,
            ),
        );

        return 0 === $all ? 0.0 : $finer / $all;
    }

    /** The finest line that can be told, as a share of the width. */
    public function resolution(): float
    {
        return self::FINEST_STEP / self::STEPS / $this->width;
    }

    /** @return array{fine: array<int, int>, thick: int, width: int, longer: int} */
    public function toRecord(): array
    {
        return ['fine' => $this->fine, 'thick' => $this->thick, 'width' => $this->width, 'longer' => $this->longer];
    }
}
