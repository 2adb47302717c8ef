<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Size;

/** What the person wants a picture cut round. */
enum CutRound: string
{
    /** Each of its parts, along its outline. */
    case Outline = 'outline';
    /** All of its parts at once, so that nothing falls apart. */
    case Whole = 'whole';
    /** Its rectangle. */
    case Frame = 'frame';

    public function label(): string
    {
        return match ($this) {
            self::Outline => 'along its outline',
            self::Whole => 'once round all of it',
            self::Frame => 'along its frame',
        };
    }

    /** @param CutLine $outline along the outline of the picture */
    public function of(CutLine $outline, Size $printed, float $marginMm): CutLine
    {
        return match ($this) {
            self::Outline => $outline,
            self::Whole => $outline->onceRound(),
            self::Frame => CutLine::alongFrame($printed, $marginMm),
        };
    }
}
