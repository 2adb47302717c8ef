<?php

declare(strict_types=1);

namespace Wubbin\Bench;

/**
 * How fast this machine is now, told by a fixed piece of arithmetic of the core's kind: heat that runs through a row of
 * cells, and texts put together and taken apart. It is never changed, or figures of before and after would no longer be
 * of one kind.
 */
final readonly class Calibration
{
    /**
     * What calibrated time is told in, in ms: what it took on two quiet cores on 2026-12-02, the median of five runs
     * (16.25 to 16.44), PHP 8.2 without JIT.
     */
    public const REFERENCE_MS = 16.4;

    private const CELLS = 400;
    private const STEPS = 600;
    private const TEXTS = 6000;

    /** @return float how many times as long as on that machine things take on this one */
    public static function slowness(): float
    {
        $times = Bench::times(self::work(...), 15, 3);

        return Bench::quantile($times, 0.5) / self::REFERENCE_MS;
    }

    private static function work(): float
    {
        $now = array_fill(0, self::CELLS, 20.0);
        $now[0] = 200.0;
        for ($step = 0; $step < self::STEPS; ++$step) {
            $next = $now;
            for ($cell = 1; $cell < self::CELLS - 1; ++$cell) {
                $next[$cell] = $now[$cell] + 0.4 * ($now[$cell - 1] - 2.0 * $now[$cell] + $now[$cell + 1]);
            }
            $now = $next;
        }
        $words = [];
        for ($n = 0; $n < self::TEXTS; ++$n) {
            $words[sprintf('%05d', $n)] = strrev(implode(' ', explode('-', 'press-' . $n . '-peel')));
        }
        ksort($words);

        return $now[1] + count($words);
    }
}
