<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

/**
 * Whether a JPEG was copied to its end: decoders fill what is missing with grey, and say nothing.
 *
 * Walks the markers of ITU-T T.81 (annex B, from memory): segments tell their length, a scan goes on until a marker
 * that is neither a stuffed byte nor a restart, and all ends with EOI.
 */
final class JpegEnd
{
    private const SOI = 0xd8;
    private const EOI = 0xd9;
    private const SOS = 0xda;

    public static function isThere(string $jpeg): bool
    {
        $end = strlen($jpeg);
        $at = 2;
        while ($at + 1 < $end) {
            if ("\xff" !== $jpeg[$at]) {
                return false;
            }
            $marker = ord($jpeg[$at + 1]);
            if (0xff === $marker) {
                ++$at;
                continue;
            }
            if (self::EOI === $marker) {
                return true;
            }
            if (self::standsAlone($marker)) {
                $at += 2;
                continue;
            }
            if ($at + 3 >= $end) {
                return false;
            }
            $at += 2 + ((ord($jpeg[$at + 2]) << 8) | ord($jpeg[$at + 3]));
            if (self::SOS === $marker) {
                $at = self::endOfScan($jpeg, $at);
            }
        }

        return false;
    }

    /** TEM, the restarts and SOI carry nothing. */
    private static function standsAlone(int $marker): bool
    {
        return 0x01 === $marker || self::SOI === $marker || ($marker >= 0xd0 && $marker <= 0xd7);
    }

    private static function endOfScan(string $jpeg, int $at): int
    {
        while (false !== ($at = strpos($jpeg, "\xff", min($at, strlen($jpeg))))) {
            $next = ord($jpeg[$at + 1] ?? "\0");
            if (0x00 !== $next && 0xff !== $next && !self::standsAlone($next)) {
                return $at;
            }
            ++$at;
        }

        return strlen($jpeg);
    }
}
