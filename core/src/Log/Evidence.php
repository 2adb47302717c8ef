<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

/** What is known for or against a cause. */
final readonly class Evidence
{
    /** @param bool|null $holds null where nothing is known */
    private function __construct(public ?bool $holds, public string $why) {}

    public static function for(string $why): self
    {
        return new self(true, $why);
    }

    public static function against(): self
    {
        return new self(false, '');
    }

    /** @param string $why it is thought of all the same */
    public static function unknown(string $why): self
    {
        return new self(null, $why);
    }

    /** For where a thing is known to be so, against where it is known not to be. */
    public static function ofFlag(?bool $known, string $why, string $else): self
    {
        return match ($known) {
            true => self::for($why),
            false => self::against(),
            null => self::unknown($else),
        };
    }
}
