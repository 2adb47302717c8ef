<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;
use Wubbin\Day\Absence;

/** Something that is in the way, and what mends it. */
#[OA\Schema]
final readonly class Obstacle
{
    public function __construct(
        #[
            OA\Property(
                enum: [
                    'late',
                    'short',
                    'checks',
                    'feed',
                    'printer',
                    'changed',
                    'absence',
                    'backup',
                    'disk',
                    'left-out',
                    'day',
                ],
            ),
        ]
        public string $kind,
        public string $text,
        #[OA\Property(description: 'What mends it, as its button says')] public string $mend,
        #[OA\Property(description: 'Address of the page that does')] public string $to,
        #[
            OA\Property(description: 'What mends it where it is somebody or something that is not there'),
        ]
        public ?Absence $absence = null,
    ) {}
}
