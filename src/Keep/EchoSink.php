<?php

declare(strict_types=1);

namespace Wubbin\Keep;

/** To whoever asked, as it is made. */
final class EchoSink implements ByteSink
{
    public function write(string $bytes): void
    {
        echo $bytes;
    }

    public function close(): void {}
}
