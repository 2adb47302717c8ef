<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Lettering\TextStyle;
use Wubbin\Core\Measure\Rect;

/** Where each piece has words of its own on its print. */
final readonly class OwnWords
{
    /** @param Rect $room in mm, of the recipe or of the print as whoever asked wants it */
    public function __construct(public TextStyle $style, public Rect $room) {}
}
