<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\Size;

/** Something that is cut out of a sheet: a picture with its trim line, so many times. */
final readonly class GangPiece
{
    /**
     * @param string $id    which picture of which job it is, and in which size
     * @param string $label what stands beside it on the sheet
     * @param Size   $size  of its trim line's box
     * @param bool   $turns it may lie on its side
     */
    public function __construct(public string $id, public string $label, public Size $size, public int $count, public bool $turns = true)
    {
    }
}
