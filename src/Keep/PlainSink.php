<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Wubbin\Storage\StorageTrouble;

/** Into a file as they are. */
final class PlainSink implements ByteSink
{
    /** So many bytes are left to the system before they are put on the disk. */
    private const SURE_EVERY = 8 << 20;

    private int $unsure = 0;

    /** @param resource $file */
    public function __construct(private $file) {}

    public function write(string $bytes): void
    {
        if (strlen($bytes) !== @fwrite($this->file, $bytes)) {
            throw StorageTrouble::full();
        }
        $this->unsure += strlen($bytes);
        if ($this->unsure >= self::SURE_EVERY) {
            // Little by little: others who write wait for the disk too, and not for all of it at once.
            $this->unsure = 0;
            fdatasync($this->file);
        }
    }

    public function close(): void
    {
        if (!fflush($this->file) || !fsync($this->file)) {
            throw StorageTrouble::full();
        }
        fclose($this->file);
    }
}
