<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/**
 * Who asks from another machine shows this shop's key: long, made by chance, printed at the start as a link, and kept
 * by the browser where no script reads it. Who asks from this machine needs none.
 */
final readonly class ShopKey
{
    public const COOKIE = 'wubbin-key';

    private const NAME = 'shop.key';
    private const BYTES = 24;
    private const KEPT = '+1 year';

    /** @param string $ownAddresses of this machine, parted by commas */
    public function __construct(private string $dataDirectory, private string $ownAddresses) {}

    /** Made when it is first wanted. */
    public function text(): string
    {
        $path = $this->dataDirectory . '/' . self::NAME;
        $known = @file_get_contents($path);
        if (is_string($known) && strlen(trim($known)) >= self::BYTES) {
            return trim($known);
        }
        $new = rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '=');
        file_put_contents($path, $new . "\n");
        chmod($path, 0o600);

        return $new;
    }

    public function isOfThisMachine(Request $request): bool
    {
        // By the connection alone: a header could say anything.
        $from = $request->server->getString('REMOTE_ADDR');

        return str_starts_with($from, '127.') || in_array($from, ['::1', ...explode(',', $this->ownAddresses)], true);
    }

    /** An address of this machine that others of its network reach it by; null where it listens to nobody else. */
    public function networkAddress(): ?string
    {
        foreach (explode(',', $this->ownAddresses) as $address) {
            if ('' !== $address && !str_starts_with($address, '127.') && !str_contains($address, ':')) {
                return $address;
            }
        }

        return null;
    }

    public function isShownBy(Request $request): bool
    {
        return $this->opens((string) $request->cookies->get(self::COOKIE));
    }

    public function opens(string $key): bool
    {
        return '' !== $key && hash_equals($this->text(), $key);
    }

    public function cookie(\DateTimeImmutable $now): Cookie
    {
        return Cookie::create(
            self::COOKIE,
            $this->text(),
            $now->modify(self::KEPT),
            '/',
            null,
            false,
            true,
            false,
            Cookie::SAMESITE_STRICT,
        );
    }

    /** @throws Problem where a machine's own devices are asked for from another one */
    public function holdToThisMachine(Request $request): void
    {
        if (!$this->isOfThisMachine($request)) {
            throw Problem::forbidden(
                'You can use printers and the press only from the machine that Wubbin runs on. Do this there.',
            );
        }
    }
}
