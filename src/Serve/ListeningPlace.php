<?php

declare(strict_types=1);

namespace Wubbin\Serve;

/** Where a shop listens: an address of this machine and a port on it that nobody else has. */
final readonly class ListeningPlace
{
    private const FIRST_PORT = 8420;
    private const TRIED = 50;

    /** @param list<string> $own addresses that requests from this machine itself come from */
    private function __construct(public string $address, public int $port, public array $own) {}

    /**
     * @param string $address empty for this machine alone
     * @param string $port empty for the first that is free
     *
     * @throws CannotServe saying what to write instead
     */
    public static function find(string $address, string $port): self
    {
        $own = self::addressesOfThisMachine();
        $address = '' === $address ? '127.0.0.1' : trim($address, '[] ');
        if (!in_array($address, ['0.0.0.0', '::', ...$own], true)) {
            throw new CannotServe(
                sprintf('ADDRESS=%s is not an address of this machine. Its own are %s.', $address, implode(', ', $own)),
            );
        }
        if ('' !== $port && (1 !== preg_match('/^\d{1,5}$/D', $port) || (int) $port < 1 || (int) $port > 65_535)) {
            throw new CannotServe(sprintf('PORT=%s is no port: write a number from 1024 to 65535.', $port));
        }
        for ($try = 0; $try < ('' === $port ? self::TRIED : 1); ++$try) {
            $one = ('' === $port ? self::FIRST_PORT : (int) $port) + $try;
            if (self::isFree($address, $one)) {
                return new self($address, $one, $own);
            }
        }

        throw new CannotServe(
            '' === $port
                ? sprintf('No port from %d on is free. Choose one with PORT=….', self::FIRST_PORT)
                : sprintf(
                    'Port %s of %s is in use, or not yours to use. Choose another with PORT=…, or none: then the ' .
                        'first free one is taken.',
                    $port,
                    $address,
                ),
        );
    }

    public function isForThisMachineAlone(): bool
    {
        return in_array($this->address, ['127.0.0.1', '::1'], true);
    }

    /** As it is written in an address of the web. */
    public function url(): string
    {
        $named = in_array($this->address, ['0.0.0.0', '::'], true)
            ? array_values(array_diff($this->own, ['127.0.0.1', '::1']))[0] ?? '127.0.0.1'
            : $this->address;

        return sprintf('http://%s:%d', self::bracketed($named), $this->port);
    }

    /** As PHP's server is told it. */
    public function listen(): string
    {
        return self::bracketed($this->address) . ':' . $this->port;
    }

    /** @return list<string> names under which it may be asked */
    public function hosts(): array
    {
        $named = in_array($this->address, ['0.0.0.0', '::'], true) ? $this->own : [$this->address];

        return array_values(
            array_unique(['localhost', '127.0.0.1', '[::1]', ...array_map(self::bracketed(...), $named)]),
        );
    }

    private static function isFree(string $address, int $port): bool
    {
        // Whoever listens on all addresses has this one too, and lets another bind it on some systems.
        foreach (array_unique([$address, '0.0.0.0']) as $one) {
            $socket = @stream_socket_server(sprintf('tcp://%s:%d', self::bracketed($one), $port));
            if (false === $socket) {
                return false;
            }
            fclose($socket);
        }

        return true;
    }

    private static function bracketed(string $address): string
    {
        return str_contains($address, ':') ? '[' . $address . ']' : $address;
    }

    /** @return list<string> */
    private static function addressesOfThisMachine(): array
    {
        $addresses = ['127.0.0.1', '::1'];
        /** @var array<string, array{unicast: list<array{address?: string}>}> $interfaces */
        $interfaces = net_get_interfaces();
        foreach ($interfaces as $interface) {
            foreach ($interface['unicast'] as $one) {
                // Addresses of a link need its name beside them: nobody types these.
                if (isset($one['address']) && !str_starts_with($one['address'], 'fe80')) {
                    $addresses[] = $one['address'];
                }
            }
        }

        return array_values(array_unique($addresses));
    }
}
