<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/**
 * Files beside the database, named by the SHA-256 of what is in them: the same file is kept once, and never changes.
 * What is made from one (a preview, a form for printing) is kept beside it under a name of its own.
 */
final readonly class FileStore
{
    public function __construct(private string $dataDirectory)
    {
    }

    /** @return string the file's SHA-256 in hexadecimal */
    public function keep(string $path): string
    {
        $sha256 = hash_file('sha256', $path);
        if (false === $sha256) {
            throw new \RuntimeException('The file cannot be read: '.$path);
        }
        if (!is_file($this->path($sha256))) {
            $this->write($sha256, 'original', static fn (string $to): bool => copy($path, $to));
        }

        return $sha256;
    }

    public function path(string $sha256, string $name = 'original'): string
    {
        return sprintf('%s/files/%s/%s/%s', $this->dataDirectory, substr($sha256, 0, 2), $sha256, $name);
    }

    /**
     * Writes beside an original by way of a temporary name, so that no half file is ever left under the real one.
     *
     * @param callable(string): bool $write writes to the path it is given
     */
    public function write(string $sha256, string $name, callable $write): void
    {
        $path = $this->path($sha256, $name);
        if (!is_dir(dirname($path)) && !@mkdir(dirname($path), 0o700, true) && !is_dir(dirname($path))) {
            throw new \RuntimeException('The data directory cannot be written to.');
        }
        $temporary = $path.'.'.bin2hex(random_bytes(4)).'.part';
        try {
            if (!$write($temporary) || !rename($temporary, $path)) {
                throw new \RuntimeException('The file could not be written: is the disk full?');
            }
        } finally {
            if (is_file($temporary)) {
                unlink($temporary);
            }
        }
    }
}
