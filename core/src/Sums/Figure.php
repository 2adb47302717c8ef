<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;

/** A figure by itself, as a result says it. */
final readonly class Figure
{
    public static function length(float $mm): Phrase
    {
        return Phrase::of('{length}', ['length' => Quantity::length($mm)]);
    }

    /** @param float $share of one */
    public static function share(float $share): Phrase
    {
        return Phrase::of('{percent} %', ['percent' => Quantity::count(100.0 * $share)]);
    }

    public static function count(int $count): Phrase
    {
        return Phrase::of('{count}', ['count' => Quantity::count((float) $count)]);
    }

    public static function time(float $seconds): Phrase
    {
        return Phrase::of('{time}', ['time' => Quantity::duration(Duration::seconds($seconds))]);
    }
}
