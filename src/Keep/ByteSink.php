<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Wubbin\Storage\StorageTrouble;

/** Where the bytes of a backup go, one after the other. */
interface ByteSink
{
    /** @throws StorageTrouble where the disk is full */
    public function write(string $bytes): void;

    /** Nothing is sure before. */
    public function close(): void;
}
