<?php

declare(strict_types=1);

namespace Wubbin\Tests\Support;

/** The server as it is started for a shop, in a process group of its own that can be killed at any moment. */
final class RealServer
{
    private const ROOT = __DIR__ . '/../..';
    private const PATIENCE_S = 20.0;

    /** @var resource|null */
    private $process;

    private function __construct(private readonly string $data, private readonly int $port) {}

    public static function of(string $data): self
    {
        $free = stream_socket_server('tcp://127.0.0.1:0');
        if (false === $free) {
            throw new \RuntimeException('No port is free.');
        }
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
        fclose($free);

        return new self($data, $port);
    }

    public function start(): void
    {
        $command = [
            'setsid',
            \PHP_BINARY,
            '-d',
            'display_errors=0',
            '-d',
            'opcache.enable_cli=1',
            '-d',
            'memory_limit=512M',
            '-S',
            '127.0.0.1:' . $this->port,
            '-t',
            self::ROOT . '/public',
            self::ROOT . '/public/router.php',
        ];
        $process = proc_open(
            $command,
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            self::ROOT,
            ['WUBBIN_DATA' => $this->data, 'TMPDIR' => $this->data, 'PHP_CLI_SERVER_WORKERS' => '6'] + getenv(),
        );
        if (!is_resource($process)) {
            throw new \RuntimeException('The server does not start.');
        }
        $this->process = $process;
        $until = microtime(true) + self::PATIENCE_S;
        while (200 !== $this->ask('GET', '/api/settings')) {
            if (microtime(true) > $until) {
                throw new \RuntimeException('The server does not answer.');
            }
            usleep(20000);
        }
    }

    /** As when the plug is pulled: nobody is told, nothing is finished. */
    public function kill(): void
    {
        if (null === $this->process) {
            return;
        }
        posix_kill(-proc_get_status($this->process)['pid'], \SIGKILL);
        proc_close($this->process);
        $this->process = null;
    }

    /** The status of an answer; 0 where there is none. */
    public function ask(string $method, string $path, mixed $body = null): int
    {
        $socket = $this->send($method, $path, $body);
        if (null === $socket) {
            return 0;
        }
        stream_set_blocking($socket, true);
        stream_set_timeout($socket, (int) self::PATIENCE_S);
        $answer = (string) stream_get_contents($socket);
        fclose($socket);

        return self::status($answer);
    }

    /** @return resource|null what the answer will come from; it ends when the server closes it */
    public function send(string $method, string $path, mixed $body = null)
    {
        $socket = @stream_socket_client('tcp://127.0.0.1:' . $this->port, $code, $why, 1.0);
        if (false === $socket) {
            return null;
        }
        $content = null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR);
        fwrite(
            $socket,
            sprintf(
                "%s %s HTTP/1.0\r\nHost: 127.0.0.1\r\nX-Wubbin: 1\r\nContent-Type: " .
                    "application/json\r\nContent-Length: %d\r\n\r\n%s",
                $method,
                $path,
                strlen($content),
                $content,
            ),
        );
        stream_set_blocking($socket, false);

        return $socket;
    }

    /** The status of an answer that has come whole; 0 where it was cut off. */
    public static function status(string $answer): int
    {
        [$head, $body] = [...explode("\r\n\r\n", $answer, 2), '', ''];
        // Cut off, JSON is no longer JSON.
        if (1 !== preg_match('~^HTTP/1\.\d (\d{3})~', $head, $found) || null === json_decode($body, true)) {
            return 0;
        }

        return (int) $found[1];
    }
}
