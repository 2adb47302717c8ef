<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

/** A drawing that is sound, and what of the file was left out so that it is. */
final readonly class CleanSvg
{
    /** @param list<string> $leftOut sentences to people */
    public function __construct(public string $svg, public array $leftOut) {}
}
