<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use OpenApi\Attributes as OA;

/** One piece of a series. */
#[OA\Schema]
final readonly class NameView
{
    /**
     * @param list<string> $lines
     * @param list<string> $missing
     */
    public function __construct(
        #[OA\Property(description: 'Its place in the list, from 1')] public int $number,
        #[OA\Property(description: 'With size and colour, where they differ')] public string $label,
        #[OA\Property(description: 'As it was broken', items: new OA\Items(type: 'string'))] public array $lines,
        #[
            OA\Property(type: 'number', nullable: true, description: 'The height of a capital as it is printed'),
        ]
        public ?float $capital_mm,
        public bool $too_long,
        #[OA\Property(description: 'The route holds strokes so fine')] public bool $legible,
        #[
            OA\Property(description: 'Letters that the typeface does not have', items: new OA\Items(type: 'string')),
        ]
        public array $missing,
        #[OA\Property(enum: ['left', 'made'], description: 'Whether it is good or at the bench')] public string $state,
        #[
            OA\Property(description: 'Its letters in mm on the piece, as an SVG path; of the first 60 in the answer'),
        ]
        public string $path,
        public string $colour,
    ) {}

    public function drawn(string $path): self
    {
        return new self(
            $this->number,
            $this->label,
            $this->lines,
            $this->capital_mm,
            $this->too_long,
            $this->legible,
            $this->missing,
            $this->state,
            $path,
            $this->colour,
        );
    }
}
