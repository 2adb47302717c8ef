<?php

declare(strict_types=1);

namespace Wubbin\Check;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** The check: what is run, and what is said of it at the end. */
final class Run
{
    private const USAGE = 'usage: bin/check [--full | --long | --quick [--since=COMMIT]] [--slice=N]';
    private const PROJECT = __DIR__ . '/..';
    private const PLACE = self::PROJECT . '/var/check';

    private const SLOWEST = 10;

    /** @param list<string> $arguments */
    public static function with(array $arguments): int
    {
        $mode = 'every day';
        [$slice, $since] = [null, null];
        foreach ($arguments as $argument) {
            if (1 === preg_match('/^--(full|long|quick)$/', $argument, $found)) {
                $mode = $found[1];
            } elseif (1 === preg_match('/^--slice=(\d+)$/', $argument, $found)) {
                $slice = $found[1];
            } elseif (1 === preg_match('/^--since=(\S+)$/', $argument, $found)) {
                $since = $found[1];
            } else {
                fwrite(\STDERR, self::USAGE . "\n");

                return 2;
            }
        }
        (new Filesystem())->mkdir(self::PLACE);

        return (new self($slice ?? self::sliceOfCommit()))->run($mode, $since);
    }

    private readonly Parts $parts;
    private readonly float $began;

    private function __construct(private readonly string $slice)
    {
        $this->began = microtime(true);
        $this->parts = new Parts((string) realpath(self::PLACE), self::cores(), $slice);
    }

    private function run(string $mode, ?string $since): int
    {
        $place = (string) realpath(self::PLACE);
        // What the last run took is read before it is written anew.
        $known = Timings::read($this->parts->timings());
        if ('quick' === $mode) {
            $lanes = $this->quick($since, $known);
            $left = [];
        } else {
            [$left, $said] = 'every day' === $mode ? Parts::occasional(Changes::sinceMain(self::PROJECT)) : [[], []];
            printf("Slice %s of the long tests; --slice=%s takes it again.\n", $this->slice, $this->slice);
            echo implode("\n", $said), "\n";
            $lanes = match ($mode) {
                'long' => $this->parts->long(),
                'full' => [...$this->parts->everyDay([]), ...$this->parts->long()],
                default => $this->parts->everyDay($left),
            };
        }
        self::warm();
        $ended = (new Lanes($place))->run($lanes);
        if (null === $ended) {
            echo "\nStopped. Everything that was started has ended.\n";

            return 130;
        }

        return $this->told($ended, $left);
    }

    /**
     * @param array<string, array{Part, float, bool}> $ended
     * @param array<string, string> $left
     */
    private function told(array $ended, array $left): int
    {
        $files = array_map(static fn(array $one): string => (string) $one[0]->tests, $ended);
        echo "\nSlowest tests:\n";
        foreach (array_slice(Timings::read(array_values($files))->tests, 0, self::SLOWEST) as $name => $seconds) {
            printf("%7.1f s  %s\n", $seconds, $name);
        }
        echo "\nParts:\n";
        $failed = [];
        foreach ($ended as [$part, $seconds, $passed]) {
            printf("%7.0f s  %s %s\n", $seconds, $passed ? '✓' : '✗', $part->name);
            if (!$passed) {
                $failed[] = $part->name;
            }
        }
        foreach ($left as $name) {
            printf("    left out  %s\n", $name);
        }
        $all = microtime(true) - $this->began;
        if ([] !== $failed) {
            printf("\nFAILED: %s. In %.0f s.\n", implode(', ', $failed), $all);

            return 1;
        }
        printf("\nPassed in %.0f s.\n", $all);

        return 0;
    }

    /** @return list<list<Part>> */
    private function quick(?string $since, Timings $known): array
    {
        $changes = match (true) {
            null !== $since => Changes::since(self::PROJECT, $since),
            default => Changes::sinceMain(self::PROJECT),
        };
        // Without a main line: what is not committed yet.
        $files = $changes->files ?? (Changes::since(self::PROJECT, 'HEAD')->files ?? []);
        $near = Near::to($files, self::PROJECT, $known);
        printf("%d files were changed. %s\n", count($files), $near->said());

        return $this->parts->quick($near->classes, $near->php, $near->page, $near->journeys);
    }

    /** Two that begin at once would both make the application's caches. */
    private static function warm(): void
    {
        foreach (['prod', 'test'] as $environment) {
            $process = new Process([\PHP_BINARY, 'bin/wubbin', 'list', '--raw'], self::PROJECT, [
                'WUBBIN_ENV' => $environment,
                'WUBBIN_DATA' => self::PLACE . '/none',
            ]);
            $process->run();
            if (!$process->isSuccessful()) {
                throw new \RuntimeException('The application does not start: ' . $process->getErrorOutput());
            }
        }
    }

    private static function sliceOfCommit(): string
    {
        $process = new Process(['git', 'rev-parse', 'HEAD'], self::PROJECT);
        $process->run();

        return (string) hexdec(substr(trim($process->getOutput()), 0, 5));
    }

    private static function cores(): int
    {
        $process = new Process(['nproc']);
        $process->run();

        return max(2, (int) $process->getOutput());
    }
}
