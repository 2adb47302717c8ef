<?php

declare(strict_types=1);

namespace Wubbin\Keep;

/**
 * Writes files one after the other in the tape archive's format that every system reads: POSIX.1-1988 ustar (from
 * memory), blocks of 512 bytes. Each is hashed as it goes by, so that nothing is read twice.
 */
final readonly class TarWriter
{
    public const BLOCK = 512;
    public const CHUNK = 1 << 18;
    public const LONGEST_NAME = 100;

    public function __construct(private ByteSink $to, private int $madeAt) {}

    public function text(string $name, string $text): void
    {
        $this->to->write($this->head($name, strlen($text)) . $text . self::filling(strlen($text)));
    }

    /**
     * @param \Closure(int): void $passed told of the bytes that went by
     *
     * @return array{int, string} its size and its SHA-256
     */
    public function file(string $name, string $path, \Closure $passed): array
    {
        $file = fopen($path, 'r');
        $size = false === $file ? false : filesize($path);
        if (false === $file || false === $size) {
            throw new \RuntimeException('A file of the shop cannot be read: ' . $path);
        }
        $this->to->write($this->head($name, $size));
        $hash = hash_init('sha256');
        for ($left = $size; $left > 0; $left -= strlen($bytes)) {
            $bytes = (string) fread($file, min(self::CHUNK, $left));
            if ('' === $bytes) {
                throw new \RuntimeException('A file of the shop became shorter while it was read: ' . $path);
            }
            hash_update($hash, $bytes);
            $this->to->write($bytes);
            $passed(strlen($bytes));
        }
        fclose($file);
        $this->to->write(self::filling($size));

        return [$size, hash_final($hash)];
    }

    public function close(): void
    {
        $this->to->write(str_repeat("\0", 2 * self::BLOCK));
        $this->to->close();
    }

    private static function filling(int $size): string
    {
        return str_repeat("\0", (self::BLOCK - ($size % self::BLOCK)) % self::BLOCK);
    }

    private function head(string $name, int $size): string
    {
        if (strlen($name) > self::LONGEST_NAME) {
            throw new \LogicException('A name is too long for an archive: ' . $name);
        }
        $head = pack(
            'a100a8a8a8a12a12',
            $name,
            '0000600',
            '0000000',
            '0000000',
            sprintf('%011o', $size),
            sprintf('%011o', $this->madeAt),
        );
        $rest = pack('a1a100a6a2a32a32a8a8a155a12', '0', '', "ustar\0", '00', '', '', '', '', '', '');
        $sum = array_sum((array) unpack('C*', $head . str_repeat(' ', 8) . $rest));

        return $head . sprintf("%06o\0 ", $sum) . $rest;
    }
}
