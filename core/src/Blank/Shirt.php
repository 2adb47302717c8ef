<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\Colour;

/** The shirt a job is pressed onto. */
final readonly class Shirt
{
    public function __construct(
        public string $sizeId,
        public string $materialId,
        public Colour $colour,
        public Condition $condition,
    ) {
    }
}
