<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** What of a picture is printed and seen, as whoever holds its pixels can tell. */
interface Coverage
{
    /** Of a pixel, the part from which on it is seen: three of a hundred, the least shadow that shows (assumed). */
    public const SEEN_FROM = 0.03;

    /**
     * The edge of what is seen of it, moved outwards, and then back inwards: hollows that the way out fills stay
     * filled.
     *
     * Distances hold to 1.5 in 100. Ink that covers some of a column counts as covering all of it, so that the edge
     * lies up to a column farther out than asked for, and at most a fifth of one nearer.
     *
     * @param int<1, max> $columns that the picture's width is divided into at most; fewer where it has fewer pixels
     * @param float $out as a share of the picture's width, 0 or more
     * @param float $back as a share of the picture's width, 0 to the same
     */
    public function edge(int $columns, float $out, float $back = 0.0): EdgeField;
}
