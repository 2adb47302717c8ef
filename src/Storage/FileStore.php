<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/**
 * Files beside the database, named by the SHA-256 of what is in them: the same file is kept once, and never changes.
 * What is made from one (a preview, a form for printing) is kept beside it under a name of its own.
 */
final readonly class FileStore
{
    public function __construct(private string $dataDirectory) {}

    /** @return string the file's SHA-256 in hexadecimal */
    public function keep(string $path): string
    {
        $sha256 = hash_file('sha256', $path);
        if (false === $sha256) {
            throw new \RuntimeException('The file cannot be read: ' . $path);
        }
        if (!is_file($this->path($sha256))) {
            $this->write($sha256, 'original', static fn(string $to): bool => copy($path, $to));
        }

        return $sha256;
    }

    /** Keeps an upload until somebody has time for it, under a name that is returned. */
    public function park(string $path): string
    {
        if (
            !is_dir($this->dataDirectory . '/incoming') &&
            !@mkdir($this->dataDirectory . '/incoming', 0o700, true) &&
            !is_dir($this->dataDirectory . '/incoming')
        ) {
            throw StorageTrouble::readOnly();
        }
        $name = bin2hex(random_bytes(16));
        if (!copy($path, $this->parked($name))) {
            throw StorageTrouble::full();
        }

        return $name;
    }

    public function parked(string $name): string
    {
        return $this->dataDirectory . '/incoming/' . $name;
    }

    public function unpark(string $name): void
    {
        if (is_file($this->parked($name))) {
            unlink($this->parked($name));
        }
    }

    /** Uploads that nobody came for. */
    public function forgetParkedBefore(\DateTimeImmutable $when): void
    {
        foreach ((array) glob($this->dataDirectory . '/incoming/*') as $path) {
            if (is_string($path) && filemtime($path) < $when->getTimestamp()) {
                unlink($path);
            }
        }
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
            throw StorageTrouble::readOnly();
        }
        $temporary = $path . '.' . bin2hex(random_bytes(4)) . '.part';
        try {
            if (!$write($temporary) || !rename($temporary, $path)) {
                throw StorageTrouble::full();
            }
        } finally {
            if (is_file($temporary)) {
                unlink($temporary);
            }
        }
    }
}
