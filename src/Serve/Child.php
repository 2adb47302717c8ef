<?php

declare(strict_types=1);

namespace Wubbin\Serve;

/**
 * A process that belongs to a shop, in a group of its own with all that it starts. Beside it stands a guard that ends
 * the group when this process is gone, however it went: nothing outlives its shop.
 */
final class Child
{
    /** Who was ended sooner than this after its start, has failed at starting, in seconds. */
    private const SOON = 2.0;

    /** Bytes at the end of a log that its last line is looked for in. */
    private const END = 2000;

    /** @var resource|null */
    private $process;

    /** @var resource|null */
    private $guard;

    /** @var resource|null what the guard listens on */
    private $line;

    private float $began = 0.0;

    /** How often it was gone soon after it was started, one after the other. */
    public int $failures = 0;

    /**
     * @param non-empty-list<string> $command
     * @param array<string, string> $environment
     */
    public function __construct(
        public readonly string $name,
        private readonly array $command,
        private readonly array $environment,
        private readonly string $log,
    ) {}

    public function start(): void
    {
        $to = [0 => ['file', '/dev/null', 'r'], 1 => ['file', $this->log, 'a'], 2 => ['file', $this->log, 'a']];
        $process = proc_open(['setsid', ...$this->command], $to, $pipes, null, $this->environment);
        if (!is_resource($process)) {
            throw new \RuntimeException('This machine starts no more processes.');
        }
        $this->process = $process;
        $this->began = microtime(true);
        // Told that all is well, it goes; where its line is cut, whoever held it is gone.
        $guard = proc_open(
            ['setsid', 'sh', '-c', 'read -r all_is_well || kill -KILL "-$1"', 'guard', (string) $this->group()],
            [0 => ['pipe', 'r'], 1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
        );
        if (!is_resource($guard)) {
            throw new \RuntimeException('This machine starts no more processes.');
        }
        [$this->guard, $this->line] = [$guard, $pipes[0]];
    }

    public function isRunning(): bool
    {
        return null !== $this->process && proc_get_status($this->process)['running'];
    }

    /** After it has ended: puts away what is left of it, and counts whether that was a failure. */
    public function ended(): void
    {
        $this->failures = microtime(true) - $this->began < self::SOON ? $this->failures + 1 : 0;
        $this->putAway();
    }

    /** Asks it, and all that it has started, to end. */
    public function ask(): void
    {
        if (null !== $this->process) {
            posix_kill(-$this->group(), \SIGTERM);
        }
    }

    /** Ends whatever is left of it. */
    public function putAway(): void
    {
        if (null === $this->process) {
            return;
        }
        posix_kill(-$this->group(), \SIGKILL);
        proc_close($this->process);
        $this->process = null;
        if (null !== $this->line && null !== $this->guard) {
            @fwrite($this->line, "all is well\n");
            fclose($this->line);
            proc_close($this->guard);
        }
        [$this->line, $this->guard] = [null, null];
    }

    /** The last line that it wrote, which says why it ended. */
    public function lastWords(): string
    {
        $end = (string) @file_get_contents($this->log, false, null, max(0, (int) @filesize($this->log) - self::END));
        $lines = explode("\n", trim($end));

        return $lines[count($lines) - 1];
    }

    private function group(): int
    {
        return null === $this->process ? 0 : proc_get_status($this->process)['pid'];
    }
}
