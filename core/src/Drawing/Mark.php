<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Rect;

/** One thing on a drawing, in mm of the thing that is drawn; y grows downwards. */
interface Mark extends \JsonSerializable
{
    /**
     * What it takes up.
     *
     * @param float $em height of the drawing's letters, in mm
     *
     * @return Rect|null null of what takes up nothing
     */
    public function box(float $em): ?Rect;
}
