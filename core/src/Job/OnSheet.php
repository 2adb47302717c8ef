<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\CutRound;

/** How a picture lies on its sheet, and what it is cut round. */
final readonly class OnSheet
{
    /** @param bool $alone each of it has a sheet to itself */
    public function __construct(public bool $alone = false, public CutRound $cut = CutRound::Outline) {}

    public function with(?bool $alone = null, ?CutRound $cut = null): self
    {
        return new self($alone ?? $this->alone, $cut ?? $this->cut);
    }
}
