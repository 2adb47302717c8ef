<?php

declare(strict_types=1);

namespace Wubbin\Core\Lettering;

/** One letter where it stands on its line: lengths in heights of a capital, from the beginning of the line. */
final readonly class Glyph
{
    /** @param Outline $outline about the point where the letter begins on its line, in heights of a capital */
    public function __construct(
        public Outline $outline,
        public float $right,
        public float $up,
        public float $advance,
    ) {}
}
