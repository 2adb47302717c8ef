<?php

declare(strict_types=1);

namespace Wubbin\Keep;

/** Out of a file as they are. */
final class PlainSource implements ByteSource
{
    /** @param resource $file */
    public function __construct(private $file) {}

    public function read(int $most): string
    {
        return (string) fread($this->file, $most);
    }
}
