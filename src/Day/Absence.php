<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\LaneKind;

/** A machine that is out of order, or somebody who is away. */
#[OA\Schema]
final readonly class Absence
{
    public function __construct(
        #[OA\Property(enum: ['machine', 'hands'])] public LaneKind $kind,
        #[OA\Property(description: 'Of the machine; empty for hands')] public string $id,
        #[OA\Property(description: 'Which of several alike, from 0')] public int $number,
        #[
            OA\Property(
                type: 'string',
                format: 'date',
                nullable: true,
                description: 'The day that it is back on; null where it is back now',
            ),
        ]
        public ?string $day,
    ) {}
}
