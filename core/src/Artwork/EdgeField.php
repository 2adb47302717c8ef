<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** How far each point in and round a picture is from an edge: less than the level within it, more outside. */
final readonly class EdgeField
{
    /** On the edge. */
    public const LEVEL = 128;

    /** So much for each column that a point is away; four of them are told, and what is farther is as far as those. */
    public const PER_COLUMN = 31;

    /**
     * @param string $bytes one for each point, row by row from the top left
     * @param int<1, max> $width columns, the frame included
     * @param int<1, max> $frame columns and rows round the picture, wide enough that the edge lies within
     */
    public function __construct(public string $bytes, public int $width, public int $frame)
    {
        if (0 !== strlen($bytes) % $width || strlen($bytes) <= 2 * $frame * $width || $width <= 2 * $frame) {
            throw new \LogicException('A field has whole rows, and a frame round them.');
        }
    }

    /** The picture's own rows. */
    public function rows(): int
    {
        return intdiv(strlen($this->bytes), $this->width) - 2 * $this->frame;
    }

    /** The picture's own columns. */
    public function columns(): int
    {
        return $this->width - 2 * $this->frame;
    }
}
