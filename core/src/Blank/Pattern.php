<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;

/** A pattern of cloth: a second colour on the first, repeating every so many mm. */
final readonly class Pattern
{
    public const LEAST_MM = 1.0;
    public const MOST_MM = 300.0;
    public const USUAL_MM = 12.0;

    private function __construct(public PatternKind $kind, public Colour $colour, public float $repeatMm) {}

    /** @throws BadRecord unless it repeats every 1 to 300 mm */
    public static function fromKind(PatternKind $kind, Colour $colour, float $repeatMm): self
    {
        if ($repeatMm < self::LEAST_MM || $repeatMm > self::MOST_MM) {
            throw BadRecord::at('repeat', 'A pattern repeats every 1 to 300 mm (12 in).');
        }

        return new self($kind, $colour, $repeatMm);
    }
}
