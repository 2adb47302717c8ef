<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Symfony\Component\Console\Output\OutputInterface;
use Wubbin\Task\Progress;

/** How far it is, on the last line of a terminal. */
final class Told implements Progress
{
    private string $last = '';

    public function __construct(private readonly OutputInterface $output) {}

    public function at(float $share, string $doing): void
    {
        $now = sprintf('%3d %%  %s', (int) (100.0 * $share), $doing);
        if ($this->output->isDecorated() && $now !== $this->last) {
            $this->output->write("\r\e[K" . ($this->last = $now));
        }
    }

    public function enough(): bool
    {
        return false;
    }

    public function over(): void
    {
        if ('' !== $this->last) {
            $this->output->write("\r\e[K");
        }
    }
}
