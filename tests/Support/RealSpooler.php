<?php

declare(strict_types=1);

namespace Wubbin\Tests\Support;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/**
 * A print spooler of its own, CUPS, and a printer beside it that speaks IPP and keeps what it is sent. Both are
 * programs that nobody here made; only root may start them.
 */
final class RealSpooler
{
    private const SERVER = 'localhost:8632';
    private const PRINTER = 8633;
    private const PATIENCE_S = 20.0;

    /** @var list<Process> */
    private array $running = [];

    private function __construct(public readonly string $directory) {}

    public static function start(): self
    {
        $own = new self(sys_get_temp_dir() . '/wubbin-spooler-' . bin2hex(random_bytes(4)));
        foreach (['root', 'spool', 'cache', 'state', 'tmp', 'printed'] as $name) {
            mkdir($own->directory . '/' . $name, 0o755, true);
            // Filters run as somebody else.
            chmod($own->directory . '/' . $name, 'tmp' === $name ? 0o1777 : 0o755);
        }
        chmod($own->directory, 0o755);
        file_put_contents(
            $own->directory . '/cupsd.conf',
            'Listen ' .
                self::SERVER .
                "\nBrowsing No\nDefaultAuthType None\n<Location />\nOrder allow,deny\nAllow localhost\n</Location>\n" .
                "<Location /admin>\nOrder allow,deny\nAllow localhost\n</Location>\n" .
                "<Policy default>\n<Limit All>\nOrder deny,allow\n</Limit>\n</Policy>\n",
        );
        file_put_contents(
            $own->directory . '/cups-files.conf',
            implode(
                "\n",
                array_map(
                    static fn(string $name, string $file): string => $name . ' ' . $own->directory . '/' . $file,
                    [
                        'ServerRoot',
                        'RequestRoot',
                        'CacheDir',
                        'StateDir',
                        'TempDir',
                        'AccessLog',
                        'ErrorLog',
                        'PageLog',
                    ],
                    ['root', 'spool', 'cache', 'state', 'tmp', 'access', 'error', 'page'],
                ),
            ) . "\n",
        );
        // The printer says its name on the network, and ends where it cannot.
        @mkdir('/run/dbus', 0o755, true);
        if (false === @stream_socket_client('unix:///run/dbus/system_bus_socket')) {
            @unlink('/run/dbus/pid');
            $own->run(['dbus-daemon', '--system', '--nofork', '--nopidfile']);
            $own->until(static fn(): bool => file_exists('/run/dbus/system_bus_socket'));
        }
        $own->run(['avahi-daemon', '--no-drop-root']);
        $own->run(['cupsd', '-f', '-c', $own->directory . '/cupsd.conf', '-s', $own->directory . '/cups-files.conf']);
        // Where programs that are started look too.
        putenv('CUPS_SERVER=' . ($_ENV['CUPS_SERVER'] = self::SERVER));
        $own->until(static fn(): bool => str_contains(self::told(['lpstat', '-r']), 'is running'));

        return $own;
    }

    /**
     * A printer with its queue.
     *
     * @param string|null $command that it runs for each job; “STATE:” lines that it writes are its state
     */
    public function printer(string $name, ?string $command = null): Process
    {
        $printer = $this->run([
            'ippeveprinter',
            '-r',
            'off',
            '-n',
            'localhost',
            '-p',
            (string) self::PRINTER,
            '-d',
            $this->directory . '/printed',
            '-k',
            '-f',
            'application/pdf',
            ...null === $command ? [] : ['-c', $command],
            $name,
        ]);
        $uri = sprintf('ipp://localhost:%d/ipp/print', self::PRINTER);
        $this->until(static fn(): bool => false !== @fsockopen('localhost', self::PRINTER));
        self::told(['lpadmin', '-p', $name, '-E', '-v', $uri, '-m', 'everywhere']);
        // What the printer can do is asked after the queue is there.
        $this->until(static fn(): bool => str_contains(self::told(['lpoptions', '-p', $name, '-l']), 'PageSize'));

        return $printer;
    }

    /** A queue that writes what it is sent as PDF. */
    public function pdf(string $name): void
    {
        (new Process([
            'lpadmin',
            '-p',
            $name,
            '-E',
            '-v',
            'cups-pdf:/',
            '-m',
            'lsb/usr/cups-pdf/CUPS-PDF_opt.ppd',
        ]))->run();
    }

    /** @param callable(): bool $state */
    public function until(callable $state): void
    {
        $until = microtime(true) + self::PATIENCE_S;
        while (!$state()) {
            if (microtime(true) > $until) {
                throw new \RuntimeException('It did not come: ' . @file_get_contents($this->directory . '/error'));
            }
            usleep(100_000);
        }
    }

    /** @return list<string> files that the printer kept */
    public function kept(): array
    {
        return array_values(array_filter((array) glob($this->directory . '/printed/*.pdf'), is_string(...)));
    }

    public function jobs(): string
    {
        return self::told(['lpstat', '-W', 'not-completed', '-o']);
    }

    public function stop(): void
    {
        // With all that they have started: a spooler's own helpers go on without it.
        $sessions = array_map(static fn(Process $process): int => (int) $process->getPid(), $this->running);
        foreach ((array) glob('/proc/[0-9]*/stat') as $stat) {
            // Its name may hold anything; what comes after it: state, parent, group, session.
            $rest = explode(' ', substr((string) strrchr((string) @file_get_contents((string) $stat), ')'), 2));
            if (isset($rest[3]) && '0' !== $rest[3] && in_array((int) $rest[3], $sessions, true)) {
                posix_kill((int) basename(dirname((string) $stat)), \SIGKILL);
            }
        }
        $this->until(
            fn(): bool => [] ===
                array_filter($this->running, static fn(Process $process): bool => $process->isRunning()),
        );
        putenv('CUPS_SERVER');
        unset($_ENV['CUPS_SERVER']);
        (new Filesystem())->remove($this->directory);
    }

    /** @param list<string> $command */
    private function run(array $command): Process
    {
        // With all that it starts, so that all of it can be ended.
        $process = new Process(['setsid', ...$command], timeout: null);
        $process->disableOutput();
        $process->start();
        $this->running[] = $process;

        return $process;
    }

    /** @param list<string> $command */
    private static function told(array $command): string
    {
        $process = new Process($command, timeout: 30.0);
        $process->run();

        return $process->isSuccessful() ? trim($process->getOutput()) : 'failed: ' . $process->getErrorOutput();
    }
}
