<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

/**
 * The words between Wubbin and a device, a line each; docs/device-protocol.md has them. The first line of a connection
 * is HELLO and the token: a web page could post to a port of this machine too, and does not know it.
 */
final class LineProtocol
{
    public const VERSION = 1;

    private const LONGEST = 200;

    private bool $known = false;

    public function __construct(private readonly PressDevice&Probe $device, private readonly string $token) {}

    /** @return string|null the answer; null where the connection is to end */
    public function answer(string $line): ?string
    {
        $words = explode(' ', trim(mb_substr($line, 0, self::LONGEST)));
        if (!$this->known) {
            $this->known = 'HELLO' === $words[0] && hash_equals($this->token, $words[1] ?? '');

            return $this->known ? 'OK wubbin-device ' . self::VERSION : null;
        }
        try {
            return match ($words[0]) {
                'STATE' => $this->state(),
                'PROBE' => sprintf('PROBE celsius=%.1F', $this->device->celsius()),
                'SET' => $this->done(fn() => $this->device->set(self::number($words))),
                'START' => $this->done(fn() => $this->device->start(self::number($words))),
                'CLOSE' => $this->done($this->device->close(...)),
                'OPEN' => $this->done($this->device->open(...)),
                'BYE' => null,
                default => 'NO It knows STATE, PROBE, SET, START, CLOSE, OPEN and BYE.',
            };
        } catch (DeviceTrouble $trouble) {
            return 'NO ' . $trouble->getMessage();
        }
    }

    private function state(): string
    {
        $state = $this->device->state();

        return sprintf(
            'STATE celsius=%.1F setting=%.1F closed=%d ready=%d remaining=%s beeping=%d stuck=%d',
            $state->celsius,
            $state->setting,
            $state->closed ? 1 : 0,
            $state->ready ? 1 : 0,
            null === $state->remaining_s ? '-' : sprintf('%.1F', $state->remaining_s),
            $state->beeping ? 1 : 0,
            $state->stuck ? 1 : 0,
        );
    }

    /** @param callable(): void $do */
    private function done(callable $do): string
    {
        $do();

        return 'OK';
    }

    /**
     * @param list<string> $words
     *
     * @throws DeviceTrouble
     */
    private static function number(array $words): float
    {
        return is_numeric($words[1] ?? null)
            ? (float) $words[1]
            : throw DeviceTrouble::refused('A number is expected after ' . $words[0] . '.');
    }
}
