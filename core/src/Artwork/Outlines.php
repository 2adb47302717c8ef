<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Size;

/** The lines that a picture can be cut out along, at the sizes that it is printed. */
interface Outlines
{
    /** @param float $marginMm left round what is seen, 0 or more */
    public function at(Size $printed, float $marginMm): CutLine;

    /**
     * Straight across hollows and gaps.
     *
     * @param float $marginMm left round what is seen, 0 or more
     */
    public function easierAt(Size $printed, float $marginMm): CutLine;
}
