<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\Colour;

/** Some of a job's pieces that are of another size or colour than the rest, or printed at another width. */
final readonly class Share
{
    /**
     * @param int<1, 10000> $quantity
     * @param Colour|null $colour null for the job's own
     * @param float|null $widthMm of the picture; null for the job's own
     */
    public function __construct(
        public int $quantity,
        public string $sizeId,
        public ?Colour $colour,
        public ?float $widthMm,
    ) {}
}
