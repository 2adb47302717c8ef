<?php

declare(strict_types=1);

namespace Wubbin\Tests\Support;

use PHPUnit\Event\Facade as Events;
use PHPUnit\Event\TestSuite\Finished;
use PHPUnit\Event\TestSuite\FinishedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;
use Symfony\Component\Filesystem\Filesystem;

/**
 * Looks after each class of tests for what it left behind: files, processes, ports. Whatever is found is put away, and
 * the run fails with the name of the class. Every process of tests has a directory for temporary files of its own, and
 * whatever it starts is marked as its.
 */
final class Leftovers implements Extension
{
    /** Names the process of tests that started another one. */
    private const MARK = 'WUBBIN_TESTS';

    /** Made once for all tests of a process, and put away when it ends. */
    private const KEPT = 'kept-';

    /** Who was told to end has so long for it. */
    private const PATIENCE_S = 20;

    private const LISTENS = '0A';

    /** Null where no tests are run. */
    private static ?string $directory = null;

    /** Gives this process a directory of its own for temporary files. */
    public static function own(): void
    {
        $directory = (false === getenv('TMPDIR') ? '/tmp' : getenv('TMPDIR')) . '/wubbin-tests-' . getmypid();
        mkdir($directory, 0o755);
        putenv('TMPDIR=' . ($_ENV['TMPDIR'] = $directory));
        putenv(self::MARK . '=' . ($_ENV[self::MARK] = (string) getmypid()));
        register_shutdown_function(static fn() => (new Filesystem())->remove($directory));
        // Who only hands tests to other processes has asked for that place before, and PHP keeps its answer.
        self::$directory = sys_get_temp_dir() === $directory ? $directory : null;
    }

    /** A place for what all tests of this process share. */
    public static function kept(string $name): string
    {
        return self::directory() . '/' . self::KEPT . $name;
    }

    private static function directory(): string
    {
        return self::$directory ?? throw new \LogicException('The place of temporary files was asked for too early.');
    }

    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $facade->registerSubscriber(
            new class implements FinishedSubscriber {
                public function notify(Finished $event): void
                {
                    if ($event->testSuite()->isForTestClass()) {
                        Leftovers::look($event->testSuite()->name());
                    }
                }
            },
        );
    }

    /** @param string $class that has just ended */
    public static function look(string $class): void
    {
        $left = self::files();
        // The core starts nothing, and there are many of its classes.
        if (!str_starts_with($class, 'Wubbin\Core\\')) {
            $left = [...$left, ...self::processes(), ...self::ports()];
        }
        if ([] !== $left) {
            Events::emitter()->testRunnerTriggeredPhpunitWarning($class . ' has left behind: ' . implode(', ', $left));
        }
    }

    /** @return list<string> */
    private static function files(): array
    {
        $left = [];
        foreach ((array) scandir(self::directory()) as $name) {
            if (is_string($name) && !in_array($name, ['.', '..'], true) && !str_starts_with($name, self::KEPT)) {
                $left[] = 'the file ' . $name;
                (new Filesystem())->remove(self::directory() . '/' . $name);
            }
        }

        return $left;
    }

    /** @return list<string> */
    private static function processes(): array
    {
        $own = (int) getmypid();
        $running = self::running($own);
        for ($until = time() + self::PATIENCE_S; [] !== $running && time() < $until; usleep(20_000)) {
            $running = self::running($own);
        }
        foreach (array_keys($running) as $process) {
            posix_kill($process, \SIGKILL);
        }

        return array_map(
            static fn(string $command): string => 'the process “' . $command . '”',
            array_values($running),
        );
    }

    /** @return array<int, string> what was started by this process and still runs, by id, with its command */
    private static function running(int $own): array
    {
        $found = [];
        foreach ((array) glob('/proc/[0-9]*') as $process) {
            $id = (int) basename((string) $process);
            if (
                $id === $own ||
                !str_contains((string) @file_get_contents($process . '/environ'), self::MARK . '=' . $own . "\0")
            ) {
                continue;
            }
            $command = trim(str_replace("\0", ' ', (string) @file_get_contents($process . '/cmdline')));
            // What has ended and was not waited for has none.
            if ('' !== $command) {
                $found[$id] = $command;
            }
        }

        return $found;
    }

    /** @return list<string> */
    private static function ports(): array
    {
        $sockets = [];
        foreach ((array) glob('/proc/self/fd/*') as $descriptor) {
            if (1 === preg_match('/^socket:\[(\d+)\]$/', (string) @readlink((string) $descriptor), $found)) {
                $sockets[] = $found[1];
            }
        }
        $left = [];
        foreach ((array) @file('/proc/self/net/tcp') as $line) {
            $parts = preg_split('/\s+/', trim((string) $line));
            if (self::LISTENS === ($parts[3] ?? '') && in_array($parts[9] ?? '', $sockets, true)) {
                $left[] = 'the port ' . hexdec(substr((string) strrchr($parts[1], ':'), 1));
            }
        }

        return $left;
    }
}
