<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Drawing;

use Wubbin\Core\Drawing\Dimension;
use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Note;

/** All that is written on a drawing. */
final class Words
{
    /** @return list<Note> */
    public static function of(Drawing $drawing): array
    {
        $notes = [];
        foreach ($drawing->marks as $mark) {
            if ($mark instanceof Note) {
                $notes[] = $mark;
            } elseif ($mark instanceof Dimension) {
                $notes[] = $mark->note;
            }
        }

        return $notes;
    }
}
