<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

/** Laid out by the program that stays loaded: its answer comes over a line. */
final class WarmPaper implements Pressing
{
    private const CHUNK = 1 << 20;

    private string $read = '';

    /** @param resource $line */
    public function __construct(private $line)
    {
        stream_set_blocking($line, false);
    }

    public function isOver(): bool
    {
        if (!is_resource($this->line)) {
            return true;
        }
        // All that has come since: one reading gives no more than a little of it.
        while ('' !== ($part = (string) fread($this->line, self::CHUNK))) {
            $this->read .= $part;
        }
        if (feof($this->line)) {
            fclose($this->line);
        }

        return !is_resource($this->line);
    }

    public function pdf(): ?string
    {
        return str_starts_with($this->read, '%PDF-') ? $this->read : null;
    }

    public function stop(): void
    {
        if (is_resource($this->line)) {
            fclose($this->line);
        }
    }
}
