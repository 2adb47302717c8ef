<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

/** A press and probe that is reached by lines over TCP. */
final readonly class RemoteDevice implements PressDevice, Probe
{
    private const PATIENCE_S = 1.5;

    public function __construct(private string $address, private string $token) {}

    public function set(float $celsius): void
    {
        $this->ask(sprintf('SET %.1F', $celsius));
    }

    public function close(): void
    {
        $this->ask('CLOSE');
    }

    public function open(): void
    {
        $this->ask('OPEN');
    }

    public function start(float $seconds): void
    {
        $this->ask(sprintf('START %.1F', $seconds));
    }

    public function state(): PressState
    {
        $told = self::values($this->ask('STATE'));
        $number = static fn(string $key): float => is_numeric($told[$key] ?? null)
            ? (float) $told[$key]
            : throw DeviceTrouble::refused('The device said something that is not understood.');

        return new PressState(
            $number('celsius'),
            $number('setting'),
            1.0 === $number('closed'),
            1.0 === $number('ready'),
            '-' === ($told['remaining'] ?? '-') ? null : $number('remaining'),
            1.0 === $number('beeping'),
            1.0 === $number('stuck'),
        );
    }

    public function celsius(): float
    {
        $told = self::values($this->ask('PROBE'));

        return is_numeric($told['celsius'] ?? null)
            ? (float) $told['celsius']
            : throw DeviceTrouble::refused('The probe said something that is not understood.');
    }

    /** @throws DeviceTrouble */
    private function ask(string $line): string
    {
        $socket = @stream_socket_client('tcp://' . $this->address, $code, $why, self::PATIENCE_S);
        if (false === $socket) {
            throw DeviceTrouble::silent();
        }
        try {
            stream_set_timeout($socket, (int) self::PATIENCE_S, (int) (1.0e6 * fmod(self::PATIENCE_S, 1.0)));
            fwrite($socket, 'HELLO ' . $this->token . "\n");
            if (!str_starts_with((string) fgets($socket, 512), 'OK wubbin-device ')) {
                throw DeviceTrouble::refused('The device does not know this token.');
            }
            fwrite($socket, $line . "\n");
            $answer = fgets($socket, 512);
            if (false === $answer) {
                throw DeviceTrouble::silent();
            }
            $answer = trim($answer);

            return str_starts_with($answer, 'NO ') ? throw DeviceTrouble::refused(mb_substr($answer, 3, 200)) : $answer;
        } finally {
            fclose($socket);
        }
    }

    /** @return array<string, string> */
    private static function values(string $answer): array
    {
        $values = [];
        foreach (explode(' ', $answer) as $word) {
            [$key, $value] = explode('=', $word, 2) + [1 => ''];
            $values[$key] = $value;
        }

        return $values;
    }
}
