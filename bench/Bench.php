<?php

declare(strict_types=1);

namespace Wubbin\Bench;

/** What the figures of bin/bench are measured with: medians and 95th percentiles, never single runs. */
final readonly class Bench
{
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

    public static function row(string $what, string $measured, string $target, bool $met): void
    {
        // Padded by what is seen, not by bytes.
        printf(
            "%s%s%s%s%s\n",
            $what,
            str_repeat(' ', max(1, 64 - mb_strlen($what))),
            $measured,
            str_repeat(' ', max(1, 22 - mb_strlen($measured))),
            ($met ? 'within ' : 'OVER   ') . $target,
        );
    }
}
