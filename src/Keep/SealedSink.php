<?php

declare(strict_types=1);

namespace Wubbin\Keep;

/**
 * Locked with a passphrase: libsodium's secret stream (XChaCha20-Poly1305), its key made by Argon2id. A file that was
 * cut, changed or put together otherwise does not open.
 */
final class SealedSink implements ByteSink
{
    /** How a locked file begins. */
    public const HEAD = "wubbin-locked-1\n";

    /** Bytes in a piece before it is locked. */
    public const PIECE = 1 << 16;

    private string $state;
    private string $held = '';

    public function __construct(private readonly ByteSink $to, #[\SensitiveParameter] string $passphrase)
    {
        $salt = random_bytes(\SODIUM_CRYPTO_PWHASH_SALTBYTES);
        /** @var array{string, string} $begun */
        $begun = sodium_crypto_secretstream_xchacha20poly1305_init_push(self::key($passphrase, $salt));
        [$this->state, $head] = $begun;
        $to->write(self::HEAD . $salt . $head);
    }

    public function write(string $bytes): void
    {
        $this->held .= $bytes;
        while (strlen($this->held) > self::PIECE) {
            $this->push(substr($this->held, 0, self::PIECE), \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE);
            $this->held = substr($this->held, self::PIECE);
        }
    }

    public function close(): void
    {
        $this->push($this->held, \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);
        $this->to->close();
    }

    public static function key(#[\SensitiveParameter] string $passphrase, string $salt): string
    {
        return sodium_crypto_pwhash(
            \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES,
            $passphrase,
            $salt,
            \SODIUM_CRYPTO_PWHASH_OPSLIMIT_INTERACTIVE,
            \SODIUM_CRYPTO_PWHASH_MEMLIMIT_INTERACTIVE,
            \SODIUM_CRYPTO_PWHASH_ALG_ARGON2ID13,
        );
    }

    private function push(string $piece, int $tag): void
    {
        $this->to->write(sodium_crypto_secretstream_xchacha20poly1305_push($this->state, $piece, '', $tag));
    }
}
