<?php

declare(strict_types=1);

namespace Wubbin\Serve;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\NativeClock;

/**
 * A clock that was set to another time and runs on from there. Tests of the page set it, so that they read the same at
 * any hour; nobody else does.
 */
final readonly class OtherClock implements ClockInterface
{
    /** What names the file that says how the clock was set. */
    public const VARIABLE = 'WUBBIN_CLOCK';

    private NativeClock $true;

    /** @param float $ahead of the true time, in seconds */
    public function __construct(private float $ahead, ?NativeClock $true = null)
    {
        $this->true = $true ?? new NativeClock();
    }

    /**
     * @param string $file which time it was, in ISO 8601, and at how many true seconds since 1970, on one line:
     *                     `2026-09-23T06:10:00Z 1790000000.25`
     *
     * @throws \UnexpectedValueException when the file says nothing of the kind
     */
    public static function setBy(string $file): self
    {
        $words = explode(' ', trim((string) @file_get_contents($file)));
        $wanted = strtotime($words[0]);
        if (2 !== count($words) || false === $wanted || !is_numeric($words[1])) {
            throw new \UnexpectedValueException($file . ' does not say to what the clock is set, and when it was.');
        }

        return new self($wanted - (float) $words[1]);
    }

    public function now(): \DateTimeImmutable
    {
        $now = $this->true->now();
        $moved = \DateTimeImmutable::createFromFormat(
            'U.u',
            sprintf('%.6F', (float) $now->format('U.u') + $this->ahead),
        );

        return false === $moved
            ? throw new \LogicException('Seconds since 1970 are an instant.')
            : $moved->setTimezone($now->getTimezone());
    }

    public function sleep(float|int $seconds): void
    {
        $this->true->sleep($seconds);
    }

    public function withTimeZone(\DateTimeZone|string $timezone): static
    {
        return new self($this->ahead, $this->true->withTimeZone($timezone));
    }
}
