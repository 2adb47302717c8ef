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
        $process = new Process(
            [
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
        $said = 0;
        try {
            $process->run(static function (string $type, string $more) use ($process, &$said): void {
                $said += strlen($more);
                if ($said > self::MOST_SAID) {
                    $process->stop(0.0);
                    throw Exhausted::room();
                }
            });
        } catch (ProcessTimedOutException) {
            throw Exhausted::time();
        } catch (ProcessSignaledException) {
            // By which signal is looked at below.
        }
        if ($process->isSuccessful()) {
            return $process->getOutput();
        }
        $complaint = $process->getErrorOutput();
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
