<?php

declare(strict_types=1);

namespace Wubbin\Serve;

/** A file that a process writes its lines to while it runs; what is old of it is put aside, and at last gone. */
final readonly class RunningLog
{
    private const LARGEST = 5 << 20;
    private const KEPT = 3;

    public function __construct(public string $path) {}

    /** Copied and emptied, since whoever writes it holds it open. */
    public function rotate(): void
    {
        clearstatcache();
        if ((int) @filesize($this->path) < self::LARGEST) {
            return;
        }
        for ($at = self::KEPT - 1; $at >= 1; --$at) {
            @rename($this->path . '.' . $at, $this->path . '.' . ($at + 1));
        }
        @copy($this->path, $this->path . '.1');
        $file = @fopen($this->path, 'r+');
        if (false !== $file) {
            ftruncate($file, 0);
            fclose($file);
        }
    }
}
