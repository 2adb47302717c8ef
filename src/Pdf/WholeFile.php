<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\Filesystem\Filesystem;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** Writes a file whole or not at all. */
final readonly class WholeFile
{
    /**
     * @param string|resource $content
     *
     * @throws Refusal where there is no room for it; nothing of it is left then
     */
    public static function write(string $path, $content): void
    {
        try {
            (new Filesystem())->dumpFile($path, $content);
        } catch (IOException) {
            throw self::noRoom();
        }
    }

    public static function noRoom(): InvalidInput
    {
        return InvalidInput::field(
            'sheet',
            'The sheet could not be written. The disk may be full. Nothing was stored.',
        );
    }
}
