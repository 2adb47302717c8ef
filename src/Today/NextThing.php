<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;

/** Something of the plan that hands do next, with what starts it right. */
#[OA\Schema]
final readonly class NextThing
{
    /** @param list<string>|null $jobs */
    public function __construct(
        #[
            OA\Property(description: 'What its button does', enum: ['print', 'begin', 'go-on', 'hand-over', 'settle']),
        ]
        public string $does,
        #[OA\Property(description: 'When the plan has it begin, in seconds since 1970')] public int $start,
        public int $end,
        #[OA\Property(description: 'Of the job, or the order')] public string $id,
        public string $name,
        #[OA\Property(type: 'string', nullable: true, description: 'SHA-256 of its picture')] public ?string $artwork,
        #[OA\Property(description: 'Of the blank')] public string $colour,
        #[OA\Property(description: 'What is done, in a few words')] public string $what,
        #[OA\Property(description: 'Sheets, pieces or checks')] public int $count,
        #[OA\Property(description: 'Whose hands, from 0')] public int $person,
        #[OA\Property(description: 'Its job is late')] public bool $late,
        #[
            OA\Property(type: 'string', nullable: true, description: 'Sheets that are printed together'),
        ]
        public ?string $group = null,
        #[
            OA\Property(type: 'string', nullable: true, description: 'The session that goes on'),
        ]
        public ?string $run = null,
        #[
            OA\Property(type: 'integer', nullable: true, description: 'Which of the job’s sizes and colours'),
        ]
        public ?int $share = null,
        #[
            OA\Property(description: 'Size and colour, where pieces differ; what the sheets are of'),
        ]
        public string $of = '',
        #[
            OA\Property(
                type: 'array',
                nullable: true,
                items: new OA\Items(type: 'string'),
                description: 'Jobs whose sheets alone are printed; null for all of the group',
            ),
        ]
        public ?array $jobs = null,
        #[OA\Property(description: 'Pieces of its job that nobody has begun')] public int $left = 0,
    ) {}
}
