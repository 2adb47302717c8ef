<?php

declare(strict_types=1);

namespace Wubbin\Core\Lettering;

/** A family of letters that ships with Wubbin. Lengths are in heights of a capital. */
interface Typeface
{
    public function face(): Face;

    /**
     * @param list<string> $lines none of which has a break in it
     *
     * @return list<Shaped> in the same order
     */
    public function shape(array $lines): array;

    /** From the line that capitals stand on to where the lowest letters end. */
    public function below(): float;

    /** From the line that capitals stand on to where the highest letters end. */
    public function above(): float;

    /** How wide the upright of a capital I is: what a fine line is to the smallest letters. */
    public function stem(): float;
}
