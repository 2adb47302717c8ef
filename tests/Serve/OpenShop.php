<?php

declare(strict_types=1);

namespace Wubbin\Tests\Serve;

/** A shop that is opened as people open it: by its command, in a terminal of its own. */
final class OpenShop
{
    private const ROOT = __DIR__ . '/../..';
    private const PATIENCE_S = 60.0;

    /** @var resource */
    private $process;

    private readonly string $log;

    /** @param array<string, string> $environment */
    public function __construct(public readonly string $data, array $environment = [])
    {
        $this->log = $data . '-' . bin2hex(random_bytes(3)) . '.terminal';
        $process = proc_open(
            [\PHP_BINARY, self::ROOT . '/bin/wubbin', 'serve', 'Tried shop'],
            [['file', '/dev/null', 'r'], ['file', $this->log, 'w'], ['file', $this->log, 'a']],
            $pipes,
            null,
            $environment + ['WUBBIN_DATA' => $data] + getenv(),
        );
        if (!is_resource($process)) {
            throw new \RuntimeException('It cannot be started.');
        }
        $this->process = $process;
    }

    public function said(): string
    {
        return (string) file_get_contents($this->log);
    }

    public function isOpen(): bool
    {
        return self::wait(fn(): bool => str_contains($this->said(), 'Ctrl-C') || !$this->isRunning()) &&
            $this->isRunning();
    }

    public function hasEnded(): bool
    {
        return self::wait(fn(): bool => !$this->isRunning());
    }

    public function signal(int $signal): void
    {
        posix_kill(proc_get_status($this->process)['pid'], $signal);
    }

    /** Waits for a state, however busy the machine is. */
    public static function wait(\Closure $state): bool
    {
        for ($until = microtime(true) + self::PATIENCE_S; microtime(true) < $until; usleep(20_000)) {
            if (true === $state()) {
                return true;
            }
        }

        return false;
    }

    /** @return array<int, string> processes that belong to this shop, by id, with how they were started */
    public function processes(): array
    {
        $found = [];
        foreach ((array) glob('/proc/[0-9]*') as $directory) {
            $environment = explode("\0", (string) @file_get_contents($directory . '/environ'));
            if (in_array('WUBBIN_DATA=' . $this->data, $environment, true)) {
                $found[(int) basename((string) $directory)] = str_replace(
                    "\0",
                    ' ',
                    (string) @file_get_contents($directory . '/cmdline'),
                );
            }
        }

        // What has ended and was not yet waited for has no command.
        return array_filter($found, static fn(string $command): bool => '' !== trim($command));
    }

    public function close(): void
    {
        $this->signal(\SIGTERM);
        $this->hasEnded();
        proc_close($this->process);
        @unlink($this->log);
    }

    private function isRunning(): bool
    {
        return proc_get_status($this->process)['running'];
    }
}
