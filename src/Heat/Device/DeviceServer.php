<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

/** Lets a device be reached on this machine's own address, by lines over TCP. */
final class DeviceServer
{
    private const MOST_CONNECTIONS = 16;

    /** @var resource */
    private $listening;

    /** @var array<int, array{resource, LineProtocol}> */
    private array $open = [];

    /** @throws DeviceTrouble where the port is taken */
    public function __construct(private readonly PressDevice&Probe $device, private readonly string $token, int $port)
    {
        $listening = @stream_socket_server('tcp://127.0.0.1:' . $port, $code, $why);
        $this->listening =
            false === $listening
                ? throw DeviceTrouble::refused('This port cannot be listened on: ' . $why)
                : $listening;
    }

    public function address(): string
    {
        return (string) stream_socket_get_name($this->listening, false);
    }

    /** Waits for lines, and answers them. */
    public function serve(float $seconds): void
    {
        $read = [$this->listening, ...array_column($this->open, 0)];
        $write = $except = null;
        if (0 === (int) @stream_select($read, $write, $except, (int) $seconds, (int) (1.0e6 * fmod($seconds, 1.0)))) {
            return;
        }
        foreach ($read as $socket) {
            if ($socket === $this->listening) {
                $new = stream_socket_accept($this->listening, 0.0);
                if (false !== $new && count($this->open) < self::MOST_CONNECTIONS) {
                    $this->open[(int) $new] = [$new, new LineProtocol($this->device, $this->token)];
                }
                continue;
            }
            $line = fgets($socket, 512);
            $answer = false === $line ? null : $this->open[(int) $socket][1]->answer($line);
            if (null === $answer) {
                fclose($socket);
                unset($this->open[(int) $socket]);
            } else {
                fwrite($socket, $answer . "\n");
            }
        }
    }
}
