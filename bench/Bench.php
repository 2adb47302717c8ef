<?php

declare(strict_types=1);

namespace Wubbin\Bench;

/** What the figures of bin/bench are measured with: medians and 95th percentiles, never single runs. */
final class Bench
{
    /** How much slower this machine is than the one of the targets; null before it was asked. */
    private static ?float $slowness = null;

    /**
     * Milliseconds of each of many runs, after some that are not counted.
     *
     * @param callable(): mixed $work
     *
     * @return list<float> sorted
     */
    public static function times(callable $work, int $runs, int $warmUp = 5): array
    {
        for ($i = 0; $i < $warmUp; ++$i) {
            $work();
        }
        $times = [];
        for ($i = 0; $i < $runs; ++$i) {
            $began = hrtime(true);
            $work();
            $times[] = (hrtime(true) - $began) / 1e6;
        }
        sort($times);

        return $times;
    }

    /** @param list<float> $sorted */
    public static function quantile(array $sorted, float $share): float
    {
        return $sorted[(int) min(count($sorted) - 1, floor(count($sorted) * $share))];
    }

    /**
     * Runs a command of its own several times.
     *
     * @param list<string> $command
     *
     * @return array{float, float} median seconds, and megabytes of the largest process of it, children included
     */
    public static function process(array $command, int $runs): array
    {
        $seconds = [];
        for ($i = 0; $i < $runs; ++$i) {
            $began = hrtime(true);
            $process = proc_open(
                $command,
                [1 => ['file', '/dev/null', 'w'], 2 => ['file', 'php://stderr', 'w']],
                $pipes,
            );
            if (false === $process || 0 !== proc_close($process)) {
                throw new \RuntimeException('This failed: ' . implode(' ', $command));
            }
            $seconds[] = (hrtime(true) - $began) / 1e9;
        }
        sort($seconds);
        // The kernel keeps the largest resident size of all children that have ended; these run one after another.
        $largest = getrusage(1)['ru_maxrss'] ?? 0;

        return [self::quantile($seconds, 0.5), (is_int($largest) ? $largest : 0) / 1024.0];
    }

    /**
     * A time beside its target, told as it would be on the machine that the targets are for. It is written down under
     * its id where the environment names a file for that.
     *
     * @param string $id that stays the same, whatever the row is called
     * @param float $ms as measured
     * @param float $target ms
     */
    public static function time(string $id, string $what, float $ms, float $target): void
    {
        self::$slowness ??= self::slowness();
        $calibrated = $ms / self::$slowness;
        $told = static fn(float $ms): string => $ms < 20.0
            ? sprintf('%.1f ms', $ms)
            : ($ms < 2000.0
                ? sprintf('%.0f ms', $ms)
                : sprintf('%.1f s', $ms / 1000.0));
        self::row(
            $what,
            sprintf('%s (%s here)', $told($calibrated), $told($ms)),
            $told($target),
            $calibrated <= $target,
        );
        $file = getenv('WUBBIN_FIGURES');
        if (is_string($file) && '' !== $file) {
            file_put_contents($file, json_encode([$id, round($calibrated, 3)]) . "\n", \FILE_APPEND);
        }
    }

    public static function row(string $what, string $measured, string $target, bool $met): void
    {
        // Padded by what is seen, not by bytes.
        printf(
            "%s%s%s%s%s\n",
            $what,
            str_repeat(' ', max(1, 64 - mb_strlen($what))),
            $measured,
            str_repeat(' ', max(1, 28 - mb_strlen($measured))),
            ($met ? 'within ' : 'OVER   ') . $target,
        );
    }

    /** Told by whoever runs several of these, or found out here. */
    private static function slowness(): float
    {
        $told = getenv('WUBBIN_SLOWNESS');

        return is_numeric($told) ? (float) $told : Calibration::slowness();
    }
}
