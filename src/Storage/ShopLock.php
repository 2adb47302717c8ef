<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** One shop is open once: two servers on the same files would each do the other's work again. */
final class ShopLock
{
    private const NAME = 'open.lock';

    /** @param resource $file held as long as the shop is open */
    private function __construct(private $file) {}

    /** @throws ShopIsOpen naming where it is open already */
    public static function take(string $directory): self
    {
        $file = @fopen($directory . '/' . self::NAME, 'c+');
        if (false === $file) {
            throw new ShopIsOpen(
                sprintf('The shop’s directory cannot be written to: %s. Let Wubbin write there.', $directory),
            );
        }
        if (!flock($file, \LOCK_EX | \LOCK_NB)) {
            throw new ShopIsOpen(
                sprintf(
                    'This shop is open already%s. Use that one, or stop it first; another shop has another ' .
                        'directory: WUBBIN_DATA=….',
                    '' === ($where = trim((string) stream_get_contents($file))) ? '' : ' at ' . $where,
                ),
            );
        }

        return new self($file);
    }

    public function saysWhere(string $where): void
    {
        ftruncate($this->file, 0);
        rewind($this->file);
        fwrite($this->file, $where . "\n");
        fflush($this->file);
    }

    public function letGo(): void
    {
        ftruncate($this->file, 0);
        flock($this->file, \LOCK_UN);
        fclose($this->file);
    }
}
