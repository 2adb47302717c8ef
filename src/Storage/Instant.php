<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** Instants as they are stored: UTC to the millisecond, in text that sorts by time. */
final readonly class Instant
{
    private const STORED = 'Y-m-d\TH:i:s.v\Z';

    public static function read(string $stored): \DateTimeImmutable
    {
        return new \DateTimeImmutable($stored);
    }

    public static function write(\DateTimeImmutable $at): string
    {
        return $at->setTimezone(new \DateTimeZone('UTC'))->format(self::STORED);
    }
}
