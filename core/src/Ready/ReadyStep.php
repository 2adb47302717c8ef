<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Rect;

/** One thing that is done to a picture before it is printed, as a value: the picture's own file is never changed. */
interface ReadyStep
{
    /** @return non-empty-array<string, mixed> with what it is under `do` */
    public function toRecord(): array;

    /**
     * Where the picture lies after it.
     *
     * @param Rect $now where it lies before, in mm of the recipe
     *
     * @throws BadRecord where nothing would be left, or more than can be
     */
    public function box(Rect $now): Rect;
}
