<?php

declare(strict_types=1);

namespace Wubbin\Check;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/**
 * A part that runs, in a session of its own. Whatever it starts is marked as its, so that nothing outlives it; what it
 * lays down for a while is cleared away.
 */
final class Running
{
    private const MARK = 'WUBBIN_CHECK';

    /** What ends by itself may take so long for it on a busy machine: nobody has left it behind. */
    private const TO_END_S = 60.0;
    private const LOOK_AGAIN_MICROSECONDS = 100_000;

    /** Shops of tests are written all the time: they lie in memory, where the machine has such a place with room. */
    private const IN_MEMORY = '/dev/shm';
    private const ROOM_BYTES = 2e9;

    private readonly Process $process;
    private readonly string $mark;
    private readonly string $scratch;
    private readonly float $began;

    /** @param string $place an existing directory for what it says */
    public function __construct(public readonly Part $part, private readonly string $place)
    {
        $this->mark = $part->id . '-' . getmypid();
        $room = is_writable(self::IN_MEMORY) ? disk_free_space(self::IN_MEMORY) : 0.0;
        $this->scratch = ($room >= self::ROOM_BYTES ? self::IN_MEMORY : sys_get_temp_dir()) . '/wubbin-' . $this->mark;
        (new Filesystem())->mkdir($this->scratch);
        $this->process = new Process(
            [
                'setsid',
                'nice',
                '-n',
                (string) $part->nice,
                'sh',
                '-c',
                'exec "$@" >"$0" 2>&1',
                $this->log(),
                ...$part->command,
            ],
            dirname(__DIR__),
            [self::MARK => $this->mark, 'TMPDIR' => $this->scratch] + $part->environment,
            timeout: null,
        );
        $this->began = microtime(true);
        $this->process->start();
    }

    public function isRunning(): bool
    {
        return $this->process->isRunning();
    }

    /** @return float so far, or in all */
    public function seconds(): float
    {
        return microtime(true) - $this->began;
    }

    public function passed(): bool
    {
        return 0 === $this->process->getExitCode();
    }

    public function said(): string
    {
        return trim((string) @file_get_contents($this->log()));
    }

    private function log(): string
    {
        return $this->place . '/' . $this->part->id . '.log';
    }

    /**
     * Waits for what is about to end, and ends whatever of it still runs then.
     *
     * @return list<string> commands of what was left behind
     */
    public function left(): array
    {
        for ($until = microtime(true) + self::TO_END_S; [] !== $this->marked() && microtime(true) < $until; ) {
            usleep(self::LOOK_AGAIN_MICROSECONDS);
        }

        return $this->end();
    }

    /**
     * Ends whatever of it still runs.
     *
     * @return list<string> commands of what was still there
     */
    public function end(): array
    {
        $ended = [];
        // Who is ended may just have started another.
        for ($found = $this->marked(); [] !== $found; $found = $this->marked()) {
            foreach ($found as $id => $command) {
                posix_kill($id, \SIGKILL);
                $ended[$id] = $command;
            }
            usleep(20_000);
        }
        if ($this->process->isRunning()) {
            $this->process->stop(0.0, \SIGKILL);
        }
        (new Filesystem())->remove($this->scratch);

        return array_values($ended);
    }

    /** @return array<int, string> commands by process */
    private function marked(): array
    {
        $found = [];
        foreach ((array) glob('/proc/[0-9]*') as $directory) {
            $environment = (string) @file_get_contents($directory . '/environ');
            $command = trim(str_replace("\0", ' ', (string) @file_get_contents($directory . '/cmdline')));
            // What has ended and was not waited for has no command.
            if ('' !== $command && str_contains($environment, self::MARK . '=' . $this->mark . "\0")) {
                $found[(int) basename((string) $directory)] = $command;
            }
        }

        return $found;
    }
}
