<?php

declare(strict_types=1);

namespace Wubbin\Core\Lettering;

/** A line of text in a typeface, its letters where they stand: lengths in heights of a capital. */
final readonly class Shaped
{
    /**
     * @param list<Glyph> $glyphs
     * @param list<string> $missing letters that the typeface does not have
     */
    public function __construct(public array $glyphs, public float $width, public array $missing = []) {}
}
