<?php

declare(strict_types=1);

namespace Wubbin\Keep;

/** Where the bytes of a backup come from. */
interface ByteSource
{
    /**
     * @param int<1, max> $most
     *
     * @return string up to so many bytes; empty at the end alone
     *
     * @throws BadBackup where they are not what was written
     */
    public function read(int $most): string;
}
