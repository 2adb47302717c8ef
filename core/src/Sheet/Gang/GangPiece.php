<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/** Something that is cut out of a sheet: a picture with its trim line, so many times. */
final readonly class GangPiece
{
    /**
     * @var non-empty-list<array{float, float}> the line that it is cut along, in mm from its box's upper left corner
     */
    public array $outline;

    /**
     * @param string $id which picture of which job it is, and in which size
     * @param string $label what stands beside it on the sheet
     * @param Size $size of its trim line's box
     * @param bool $turns it may lie on its side
     * @param list<array{float, float}> $outline the line, where it is not the box
     */
    public function __construct(
        public string $id,
        public string $label,
        public Size $size,
        public int $count,
        public bool $turns = true,
        array $outline = [],
    ) {
        $this->outline = [] === $outline ? Rect::at(0.0, 0.0, $size)->corners() : $outline;
    }

    /** The same, that must not be turned. */
    public function upright(): self
    {
        return new self($this->id, $this->label, $this->size, $this->count, false, $this->outline);
    }

    /** So many of it. */
    public function counting(int $count): self
    {
        return new self($this->id, $this->label, $this->size, $count, $this->turns, $this->outline);
    }

    public function areaMm2(): float
    {
        return abs(Contour::area($this->outline));
    }

    /** @param int $quarters that it is turned by with the clock */
    public function boxTurned(int $quarters): Size
    {
        return 1 === $quarters % 2 ? $this->size->turned() : $this->size;
    }
}
