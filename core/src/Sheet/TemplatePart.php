<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Size;

/** One page of a paper template, in mm from its upper left corner. */
final readonly class TemplatePart
{
    /**
     * @param non-empty-list<array{float, float}> $outline to cut along, the flap with it
     * @param array{array{float, float}, array{float, float}} $flap where the flap begins
     * @param list<list<array{float, float}>> $upright lines down the front and the two sides
     * @param list<array{float, float}> $area edge of the print area on this part; none where
     *                                        it is all kept clear
     * @param string $label which part it is, where there are several
     */
    public function __construct(
        public Size $page,
        public array $outline,
        public array $flap,
        public array $upright,
        public array $area,
        public string $label,
    ) {}
}
