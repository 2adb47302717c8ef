<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** A length. Kept in millimetres; may be negative where it is an offset. */
final readonly class Length
{
    /** Exact since the international yard and pound agreement of 1959. */
    public const MM_PER_INCH = 25.4;

    private function __construct(public float $mm) {}

    /** @throws UnreadableQuantity when not a finite number */
    public static function mm(float $mm): self
    {
        if (!is_finite($mm)) {
            throw UnreadableQuantity::notALength((string) $mm);
        }

        return new self($mm);
    }
}
