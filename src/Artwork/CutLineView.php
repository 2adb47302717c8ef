<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use OpenApi\Attributes as OA;
use Wubbin\Core\Artwork\CutLine;

/** A line to cut along: closed loops in mm from the picture's upper left corner, and how hard it is to follow. */
#[OA\Schema]
final readonly class CutLineView
{
    /** @param list<list<array{float, float}>> $loops */
    private function __construct(
        public array $loops,
        public float $length_mm,
        public int $corners,
        public int $parts,
        #[OA\Property(enum: ['easy', 'fiddly', 'hard'])] public string $effort,
    ) {}

    public static function of(CutLine $line): self
    {
        $rounded = array_map(
            static fn(array $loop): array => array_map(
                static fn(array $p): array => [round($p[0], 2), round($p[1], 2)],
                $loop,
            ),
            $line->loops,
        );

        return new self($rounded, $line->lengthMm, $line->corners, $line->parts(), $line->effort()->value);
    }
}
