<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** A sheet that pieces are laid on: a whole one, or what was left of one. */
final readonly class GangPaper
{
    /**
     * @param Size $page as it lies for printing
     * @param Rect $room what of it pieces may lie on: the printer's margins off, and what the marks take up
     * @param string|null $offcut id on the shelf; null for a whole sheet
     * @param list<Rect> $blocked of the room, where nothing may lie
     */
    public function __construct(
        public Size $page,
        public Rect $room,
        public ?string $offcut = null,
        public array $blocked = [],
    ) {}
}
