<?php

declare(strict_types=1);

namespace Wubbin\Keep;

/** What a SealedSink has locked. */
final class SealedSource implements ByteSource
{
    private string $state;
    private string $held = '';
    private bool $ended = false;
    private bool $begun = false;

    /** @param resource $file behind its head */
    public function __construct(private $file, private readonly string $path, #[\SensitiveParameter] string $passphrase)
    {
        $salt = (string) fread($file, \SODIUM_CRYPTO_PWHASH_SALTBYTES);
        $head = (string) fread($file, \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
        if (\SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES !== strlen($head)) {
            throw BadBackup::cutOff($path);
        }
        $this->state = sodium_crypto_secretstream_xchacha20poly1305_init_pull(
            $head,
            SealedSink::key($passphrase, $salt),
        );
    }

    public function read(int $most): string
    {
        while ('' === $this->held && !$this->ended) {
            $this->pull();
        }
        $bytes = substr($this->held, 0, $most);
        $this->held = substr($this->held, strlen($bytes));

        return $bytes;
    }

    private function pull(): void
    {
        $piece = '';
        $length = SealedSink::PIECE + \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES;
        while (strlen($piece) < $length && '' !== ($more = (string) fread($this->file, $length - strlen($piece)))) {
            $piece .= $more;
        }
        /** @var array{string, int}|false $opened */
        $opened =
            strlen($piece) < \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES
                ? false
                : sodium_crypto_secretstream_xchacha20poly1305_pull($this->state, $piece);
        if (false === $opened) {
            throw $this->begun ? BadBackup::cutOff($this->path) : BadBackup::wrongPassphrase($this->path);
        }
        $this->begun = true;
        $this->held = $opened[0];
        $this->ended = \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL === $opened[1];
    }
}
