<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use Symfony\Component\Process\Process;

/** Laid out by a program that is started for it. */
final readonly class ColdPaper implements Pressing
{
    public function __construct(private Process $process)
    {
        $process->start();
    }

    public function isOver(): bool
    {
        return !$this->process->isRunning();
    }

    public function pdf(): ?string
    {
        return $this->process->isSuccessful() ? $this->process->getOutput() : null;
    }

    public function stop(): void
    {
        $this->process->stop(0.0);
    }
}
