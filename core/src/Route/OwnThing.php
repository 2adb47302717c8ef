<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;

/** What the entries of a shop's own have in common. */
final readonly class OwnThing
{
    public const THICKEST_MM = 100.0;

    /** @throws BadRecord unless above 0 and at most 100 mm */
    public static function thickness(Record $own): float
    {
        $mm = $own->number('thickness_mm');
        if ($mm <= 0.0 || $mm > self::THICKEST_MM) {
            throw BadRecord::at(
                'thickness_mm',
                UnreadableQuantity::outOfRange('A thickness', 'more than 0 mm', '100 mm (4 in)')->getMessage(),
            );
        }

        return $mm;
    }
}
