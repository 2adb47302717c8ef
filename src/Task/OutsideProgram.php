<?php

declare(strict_types=1);

namespace Wubbin\Task;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;
use Wubbin\Refusal\Exhausted;

/**
 * A program of this machine that reads what a person sent, held to limits by the system: what it may take of memory, of
 * time, and how much it may write. A file that drives it wild takes nothing else down.
 */
final class OutsideProgram
{
    /** Of address space, in bytes: a page of 20 000 × 20 000 pixels takes 1.6 GB to draw. */
    private const MEMORY = 2 << 30;

    /** Of a file that it writes, in bytes. */
    private const LARGEST_FILE = 512 << 20;

    /** Of what it says, in bytes. */
    private const MOST_SAID = 64 << 20;

    /**
     * @param non-empty-list<string> $command
     * @param float $seconds that it may take
     *
     * @return string what it said
     *
     * @throws Exhausted where it wants more than it may have
     * @throws ProgramFailed with what it complained of
     */
    public static function run(array $command, float $seconds, ?string $input = null): string
    {
        // What it says goes into files: where it writes faster than it is read, a pipe has no end. The system ends it
        // at the size that a file may have.
        [$told, $complained] = [self::file(), self::file()];
        try {
            return self::watched($command, $seconds, $input, $told, $complained);
        } finally {
            unlink($told);
            unlink($complained);
        }
    }

    private static function file(): string
    {
        $file = tempnam(sys_get_temp_dir(), 'wubbin-program');

        return false === $file ? throw new \RuntimeException('Nothing can be written beside it.') : $file;
    }

    /** @param non-empty-list<string> $command */
    private static function watched(
        array $command,
        float $seconds,
        ?string $input,
        string $told,
        string $complained,
    ): string {
        $process = new Process(
            [
                'sh',
                '-c',
                'told=$1 complained=$2; shift 2; exec "$@" >"$told" 2>"$complained"',
                'sh',
                $told,
                $complained,
                'prlimit',
                '--as=' . self::MEMORY,
                '--fsize=' . self::LARGEST_FILE,
                // One that does not sleep is ended by the system, even where nobody is left to wait for it.
                '--cpu=' . (int) ceil(2.0 * $seconds),
                '--core=0',
                ...$command,
            ],
            input: $input,
            timeout: $seconds,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw Exhausted::time();
        } catch (ProcessSignaledException) {
            // By which signal is looked at below.
        }
        if ((int) filesize($told) > self::MOST_SAID) {
            throw Exhausted::room();
        }
        if ($process->isSuccessful()) {
            return (string) file_get_contents($told);
        }
        $complaint = (string) file_get_contents($complained, false, null, 0, self::MOST_SAID);
        $signal = $process->hasBeenSignaled() ? $process->getTermSignal() : (int) $process->getExitCode() - 128;

        throw match (true) {
            \SIGXFSZ === $signal => Exhausted::room(),
            \SIGXCPU === $signal => Exhausted::time(),
            in_array($signal, [\SIGKILL, \SIGABRT, \SIGSEGV, \SIGTRAP], true),
            1 === preg_match('/out of memory|cannot allocate|bad_alloc|memory exhausted/i', $complaint)
                => Exhausted::memory(),
            default => new ProgramFailed($complaint),
        };
    }
}
