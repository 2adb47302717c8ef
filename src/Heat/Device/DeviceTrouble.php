<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

/** A device does not answer, or not as it should. */
final class DeviceTrouble extends \RuntimeException
{
    public static function silent(): self
    {
        return new self('The device does not answer. Check its cable and its switch. The clock goes on.');
    }

    public static function refused(string $why): self
    {
        return new self($why);
    }
}
