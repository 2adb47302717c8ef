<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\Move;

/** Work that has moved since people last saw the plan. */
#[OA\Schema]
final readonly class MovedWork
{
    public function __construct(
        public string $job,
        #[OA\Property(description: 'Of steps that moved')] public int $count,
        #[OA\Property(description: 'The first of them')] public string $label,
        public int $was,
        public int $is,
        #[OA\Property(description: 'When all of the job was to be over')] public int $over,
        #[OA\Property(description: 'And now')] public int $end,
    ) {}

    /** @param string $job its name */
    public static function fromMove(Move $move, string $job): self
    {
        return new self($job, $move->count, $move->label, $move->was, $move->is, $move->over, $move->end);
    }
}
