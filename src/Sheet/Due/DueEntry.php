<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use OpenApi\Attributes as OA;

/** What a job adds to sheets that are due. */
#[OA\Schema]
final readonly class DueEntry
{
    /**
     * @param list<int> $pages
     */
    public function __construct(
        public string $job,
        public string $name,
        #[OA\Property(type: 'string', format: 'date', nullable: true)] public ?string $due,
        #[OA\Property(type: 'string', nullable: true, description: 'SHA-256 of its picture')] public ?string $artwork,
        #[OA\Property(description: 'Pieces that these sheets are for')] public int $pieces,
        public int $sheets,
        #[
            OA\Property(
                type: 'integer',
                nullable: true,
                description: 'Which of the job’s sizes and colours; null for the whole job',
            ),
        ]
        public ?int $share,
        #[
            OA\Property(type: 'string', nullable: true, description: 'The sheet where it is made already'),
        ]
        public ?string $sheet,
        #[
            OA\Property(description: 'Its pages that are missing, from 1; none where it has to be made first'),
        ]
        public array $pages,
        #[OA\Property(description: 'Some of these pages came out spoiled before')] public bool $again,
        #[
            OA\Property(type: 'string', nullable: true, description: 'What jobs share that are on the same sheets'),
        ]
        public ?string $paper = null,
        #[OA\Property(description: 'Size and colour, where it is for some of them only')] public string $of = '',
    ) {}

    /** The same sheets, that another job is on too. */
    public function sharedWith(self $other): self
    {
        return new self(
            $this->job,
            $this->name . ' + ' . $other->name,
            $this->due,
            $this->artwork,
            $this->pieces + $other->pieces,
            $this->sheets,
            $this->share,
            $this->sheet,
            $this->pages,
            $this->again || $other->again,
            $this->paper,
        );
    }
}
