<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Wubbin\Storage\StorageTrouble;

/** Into a file as they are. */
final class PlainSink implements ByteSink
{
    /** @param resource $file */
    public function __construct(private $file) {}

    public function write(string $bytes): void
    {
        if (strlen($bytes) !== @fwrite($this->file, $bytes)) {
            throw StorageTrouble::full();
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
