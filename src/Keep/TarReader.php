<?php

declare(strict_types=1);

namespace Wubbin\Keep;

/** Reads what a TarWriter wrote, entry by entry. */
final class TarReader
{
    /** Bytes of the entry at hand that were not read yet, its filling among them. */
    private int $left = 0;

    private int $filling = 0;

    public function __construct(private readonly ByteSource $from, private readonly string $path) {}

    /**
     * @return array{string, int}|null name and size of the next one; null behind the last
     *
     * @throws BadBackup where this is no archive, or not all of one
     */
    public function next(): ?array
    {
        while ('' !== $this->chunk()) {
            // What of an entry nobody wants is passed over.
        }
        if ('' !== trim($this->exactly($this->filling), "\0")) {
            throw BadBackup::cutOff($this->path);
        }
        $head = $this->exactly(TarWriter::BLOCK);
        if (str_repeat("\0", TarWriter::BLOCK) === $head) {
            return null;
        }
        if (
            self::octal($head, 148, 8) !==
            array_sum((array) unpack('C*', substr_replace($head, str_repeat(' ', 8), 148, 8)))
        ) {
            throw BadBackup::cutOff($this->path);
        }
        $this->left = self::octal($head, 124, 12);
        $this->filling = (TarWriter::BLOCK - ($this->left % TarWriter::BLOCK)) % TarWriter::BLOCK;

        return [rtrim(substr($head, 0, TarWriter::LONGEST_NAME), "\0"), $this->left];
    }

    /** The next bytes of the entry at hand; empty at its end. */
    public function chunk(): string
    {
        if ($this->left < 1) {
            return '';
        }
        $bytes = $this->from->read(min(TarWriter::CHUNK, $this->left));
        if ('' === $bytes) {
            throw BadBackup::cutOff($this->path);
        }
        $this->left -= strlen($bytes);

        return $bytes;
    }

    private function exactly(int $length): string
    {
        $bytes = '';
        while (strlen($bytes) < $length) {
            $more = $this->from->read(max(1, $length - strlen($bytes)));
            if ('' === $more) {
                throw BadBackup::cutOff($this->path);
            }
            $bytes .= $more;
        }

        return $bytes;
    }

    /** A number of the head; what is none cannot be a sum that is right, nor a length. */
    private static function octal(string $head, int $from, int $length): int
    {
        $digits = trim(substr($head, $from, $length), " \0");

        return 1 === preg_match('/^[0-7]+$/D', $digits) ? (int) octdec($digits) : -1;
    }
}
