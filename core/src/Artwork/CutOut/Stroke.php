<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork\CutOut;

use Wubbin\Core\Measure\BadRecord;

/** A line that a person drew over a picture: what it crosses is to be kept, or to be taken away. */
final readonly class Stroke
{
    private const MOST_STROKES = 40;
    private const MOST_POINTS = 500;
    private const LEAST_WIDE = 0.002;
    private const MOST_WIDE = 0.2;

    /**
     * @param non-empty-list<array{float, float}> $points as shares of the picture's width and height
     * @param float $wide as a share of its longer side
     */
    private function __construct(public bool $keep, public array $points, public float $wide) {}

    /**
     * Written one after the other with semicolons between: “keep” or “remove”, how wide, and x and y of each point.
     *
     * @return list<self>
     *
     * @throws BadRecord for what is no stroke, or too long, too thick or too many
     */
    public static function parse(string $text): array
    {
        $strokes = array_map(self::one(...), '' === trim($text) ? [] : explode(';', $text));

        return count($strokes) > self::MOST_STROKES
            ? throw BadRecord::at('strokes', sprintf('Draw at most %d lines.', self::MOST_STROKES))
            : $strokes;
    }

    private static function one(string $text): self
    {
        $words = explode(' ', trim($text));
        [$what, $wide] = [array_shift($words), array_shift($words)];
        $numbers = array_filter($words, is_numeric(...));
        if (
            !in_array($what, ['keep', 'remove'], true) ||
            !is_numeric($wide) ||
            [] === $words ||
            count($numbers) < count($words) ||
            0 !== count($words) % 2
        ) {
            throw BadRecord::at('strokes', 'This line cannot be read. Draw it again.');
        }
        if (count($words) > 2 * self::MOST_POINTS || $wide < self::LEAST_WIDE || $wide > self::MOST_WIDE) {
            throw BadRecord::at('strokes', 'This line is too long, too thick or too thin. Draw it again.');
        }

        return new self(
            'keep' === $what,
            array_map(
                static fn(array $pair): array => [self::share($pair[0]), self::share($pair[1] ?? '0')],
                array_chunk($words, 2),
            ),
            (float) $wide,
        );
    }

    private static function share(string $typed): float
    {
        return max(0.0, min(1.0, (float) $typed));
    }

    /**
     * The pixels that it crosses.
     *
     * @param int<1, max> $width of the picture
     * @param int<1, max> $height of the picture
     *
     * @return list<int>
     */
    public function pixels(int $width, int $height): array
    {
        $reach = max(0.7, ($this->wide * max($width, $height)) / 2.0);
        $crossed = [];
        $from = $this->points[0];
        foreach ($this->points as $to) {
            [$dx, $dy] = [($to[0] - $from[0]) * $width, ($to[1] - $from[1]) * $height];
            $steps = max(1, (int) ceil(hypot($dx, $dy) / $reach));
            for ($k = 0; $k <= $steps; ++$k) {
                $x = $from[0] * $width + ($dx * $k) / $steps;
                $y = $from[1] * $height + ($dy * $k) / $steps;
                for (
                    $row = max(0, (int) floor($y - $reach)), $last = min($height - 1, $y + $reach);
                    $row <= $last;
                    ++$row
                ) {
                    $half = sqrt(max(0.0, $reach ** 2 - ($row + 0.5 - $y) ** 2));
                    $end = min($width - 1, (int) floor($x + $half - 0.5));
                    for ($column = max(0, (int) ceil($x - $half - 0.5)); $column <= $end; ++$column) {
                        $crossed[$row * $width + $column] = true;
                    }
                }
            }
            $from = $to;
        }

        return array_keys($crossed);
    }
}
