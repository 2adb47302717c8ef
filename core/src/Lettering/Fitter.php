<?php

declare(strict_types=1);

namespace Wubbin\Core\Lettering;

use Wubbin\Core\Measure\Size;

/**
 * Fits texts into a room: as large as its style lets them, on one line while that is not below the smallest height, or
 * else on as many as it may have; what still does not fit is made to, and said to be too long.
 */
final readonly class Fitter
{
    /** From one line to the next, in heights of a capital over what letters take up (assumed: set close). */
    private const LEADING = 0.15;

    public function __construct(private Typeface $typeface) {}

    public function fit(string $text, Size $room, TextStyle $style): Lettering
    {
        return $this->fitAll([$text], $room, $style)[0];
    }

    /**
     * All that could come of them is shaped at once: each call of a shaper costs more than a hundred words.
     *
     * @param list<string> $texts
     *
     * @return list<Lettering> in the same order
     */
    public function fitAll(array $texts, Size $room, TextStyle $style): array
    {
        $ways = array_map(static fn(string $text): array => self::broken($text, $style->lines), $texts);
        $lines = [];
        foreach ($ways as $of) {
            foreach (array_merge(...$of) as $line) {
                $lines[$line] = true;
            }
        }
        // A line of digits alone is an integer as a key.
        $lines = array_map(strval(...), array_keys($lines));
        $shaped = array_combine($lines, $this->typeface->shape($lines));

        return array_map(fn(array $of): Lettering => $this->best($of, $shaped, $room, $style), $ways);
    }

    /**
     * Where a text may be broken: at its own breaks, or at spaces into lines as even as can be.
     *
     * @return non-empty-list<non-empty-list<string>> ways, the fewest lines first
     */
    public static function broken(string $text, int $most): array
    {
        $own = array_values(
            array_filter(
                array_map(trim(...), explode("\n", strtr($text, ["\r\n" => "\n", "\r" => "\n"]))),
                static fn(string $line): bool => '' !== $line,
            ),
        );
        if (count($own) > 1 && count($own) <= $most) {
            return [$own];
        }
        $words = array_values(
            array_filter(
                explode(' ', (string) preg_replace('/\s+/u', ' ', $text)),
                static fn(string $word): bool => '' !== $word,
            ),
        );
        $words = [] === $words ? [''] : $words;
        $ways = [[implode(' ', $words)]];
        for ($lines = 2; $lines <= min($most, count($words)); ++$lines) {
            $ways[] = self::even($words, $lines);
        }

        return $ways;
    }

    /**
     * Lines of which the longest is as short as can be.
     *
     * @param non-empty-list<string> $words
     *
     * @return non-empty-list<string>
     */
    private static function even(array $words, int $lines): array
    {
        if (1 === $lines) {
            return [implode(' ', $words)];
        }
        $best = null;
        $shortest = \PHP_INT_MAX;
        for ($first = 1; $first <= count($words) - $lines + 1; ++$first) {
            $way = [
                implode(' ', array_slice($words, 0, $first)),
                ...self::even(self::rest($words, $first), $lines - 1),
            ];
            $longest = max(array_map(mb_strlen(...), $way));
            if ($longest < $shortest) {
                [$best, $shortest] = [$way, $longest];
            }
        }

        return $best ?? [implode(' ', $words)];
    }

    /**
     * @param non-empty-list<string> $words
     *
     * @return non-empty-list<string>
     */
    private static function rest(array $words, int $from): array
    {
        $rest = array_slice($words, $from);

        return [] === $rest ? [''] : $rest;
    }

    /**
     * @param non-empty-list<non-empty-list<string>> $ways
     * @param array<array-key, Shaped> $shaped by line
     */
    private function best(array $ways, array $shaped, Size $room, TextStyle $style): Lettering
    {
        $best = $ways[0];
        $largest = 0.0;
        foreach ($ways as $n => $way) {
            $height = $this->height($way, $shaped, $room, $style);
            // A second line is worth it only where the first would be too small to read.
            if ($height > $largest && (0 === $n || $largest < $style->smallestMm)) {
                [$best, $largest] = [$way, $height];
            }
        }

        return $this->laid($best, $shaped, min($style->largestMm, $largest), $room, $style);
    }

    /**
     * How high a capital can be.
     *
     * @param non-empty-list<string> $way
     * @param array<array-key, Shaped> $shaped
     */
    private function height(array $way, array $shaped, Size $room, TextStyle $style): float
    {
        $widest = max(array_map(static fn(string $line): float => $shaped[$line]->width, $way));
        if ($widest <= 0.0) {
            return $style->largestMm;
        }
        $line = $this->typeface->above() + $this->typeface->below();
        $high = $line + (count($way) - 1) * ($line + self::LEADING);
        if (0.0 !== $style->arch) {
            $box = $this->arched($shaped[$way[0]], $style)->box();

            return null === $box
                ? $style->largestMm
                : min($room->widthMm / $box->size->widthMm, $room->heightMm / $box->size->heightMm);
        }

        return min($room->widthMm / $widest, $room->heightMm / $high);
    }

    /**
     * @param non-empty-list<string> $way
     * @param array<array-key, Shaped> $shaped
     */
    private function laid(array $way, array $shaped, float $capital, Size $room, TextStyle $style): Lettering
    {
        $missing = array_merge(...array_map(static fn(string $text): array => $shaped[$text]->missing, $way));
        $outline =
            0.0 === $style->arch
                ? $this->straight($way, $shaped, $capital, $room, $style)
                : self::middled($this->arched($shaped[$way[0]], $style), $capital, $room);

        return new Lettering(
            $outline,
            $capital,
            $way,
            $capital < $style->smallestMm - 1e-6,
            array_values(array_unique($missing)),
            $room,
        );
    }

    /**
     * Line below line, all lines together half-way down.
     *
     * @param non-empty-list<string> $way
     * @param array<array-key, Shaped> $shaped
     */
    private function straight(array $way, array $shaped, float $capital, Size $room, TextStyle $style): Outline
    {
        $line = $this->typeface->above() + $this->typeface->below();
        $step = $line + self::LEADING;
        $top = ($room->heightMm / $capital - $line - (count($way) - 1) * $step) / 2.0;
        $parts = [];
        foreach ($way as $n => $text) {
            $base = $top + $n * $step + $this->typeface->above();
            $left = ($room->widthMm / $capital - $shaped[$text]->width) * $style->align->share();
            foreach ($shaped[$text]->glyphs as $glyph) {
                $parts[] = $glyph->outline->at(
                    $capital,
                    ($left + $glyph->right) * $capital,
                    ($base - $glyph->up) * $capital,
                );
            }
        }

        return Outline::joined($parts);
    }

    /** On its arc, in heights of a capital. */
    private function arched(Shaped $line, TextStyle $style): Outline
    {
        if ($line->width <= 0.0) {
            return Outline::nothing();
        }
        $arch = Arch::of($line->width, $style->arch);

        return Outline::joined(array_map(static fn(Glyph $glyph): Outline => $arch->stood($glyph), $line->glyphs));
    }

    /** What a turned letter reaches up and down to is told by its corners alone: the middle is that of its box. */
    private static function middled(Outline $outline, float $capital, Size $room): Outline
    {
        $box = $outline->box();

        return null === $box
            ? $outline
            : $outline->at(
                $capital,
                ($room->widthMm - $capital * ($box->xMm + $box->right())) / 2.0,
                ($room->heightMm - $capital * ($box->yMm + $box->bottom())) / 2.0,
            );
    }
}
