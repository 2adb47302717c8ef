<?php

declare(strict_types=1);

namespace Wubbin\Serve;

/**
 * Keeps the processes of a shop together: one that ends is started again, one that cannot stay ends all, and when this
 * process is told to stop, or is gone, so are they.
 */
final class Supervisor
{
    /** So often a child may be gone soon after it was started, one time after the other. */
    private const MOST_FAILURES = 5;

    private const LOOK_AGAIN_MICROSECONDS = 100_000;

    /** How long those who are asked to end may take, in seconds. */
    private const PATIENCE_S = 5.0;

    private const ROTATE_EVERY_S = 60.0;

    private bool $told = false;

    /**
     * @param list<Child> $children
     * @param list<RunningLog> $logs
     */
    public function __construct(private readonly array $children, private readonly array $logs) {}

    /** From here on the signals that end a process are heard: the terminal is closed, somebody presses Ctrl-C. */
    public function listen(): void
    {
        pcntl_async_signals(true);
        foreach ([\SIGINT, \SIGTERM, \SIGHUP, \SIGQUIT] as $signal) {
            pcntl_signal($signal, function (): void {
                $this->told = true;
            });
        }
        // A terminal that is gone takes no more words.
        pcntl_signal(\SIGPIPE, \SIG_IGN);
    }

    /** @throws CannotServe where one of them does not stay */
    public function run(\Closure $begun): void
    {
        try {
            foreach ($this->children as $child) {
                $child->start();
            }
            $begun();
            for ($rotated = microtime(true); !$this->told; usleep(self::LOOK_AGAIN_MICROSECONDS)) {
                $this->lookAfterThem();
                if (microtime(true) - $rotated > self::ROTATE_EVERY_S) {
                    $rotated = microtime(true);
                    array_map(static fn(RunningLog $log) => $log->rotate(), $this->logs);
                }
            }
        } finally {
            $this->stop();
        }
    }

    private function lookAfterThem(): void
    {
        foreach ($this->children as $child) {
            if ($child->isRunning() || $this->told) {
                continue;
            }
            $child->ended();
            if ($child->failures >= self::MOST_FAILURES) {
                throw new CannotServe(
                    sprintf('%s does not stay: “%s”. Everything was stopped.', $child->name, $child->lastWords()),
                );
            }
            // Whoever fails at once gets a little longer each time.
            usleep($child->failures * 200_000);
            $child->start();
        }
    }

    private function stop(): void
    {
        foreach ($this->children as $child) {
            $child->ask();
        }
        $until = microtime(true) + self::PATIENCE_S;
        while (
            microtime(true) < $until &&
            [] !== array_filter($this->children, static fn(Child $one): bool => $one->isRunning())
        ) {
            usleep(self::LOOK_AGAIN_MICROSECONDS);
        }
        foreach ($this->children as $child) {
            $child->putAway();
        }
    }
}
