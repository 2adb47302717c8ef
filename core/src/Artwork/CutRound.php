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

    public function of(Picture $picture, Size $printed, float $marginMm): CutLine
    {
        return match ($this) {
            self::Outline => $picture->cutLine($printed, $marginMm),
            self::Whole => $picture->cutLine($printed, $marginMm)->onceRound(),
            self::Frame => CutLine::alongFrame($printed, $marginMm),
        };
    }
}
