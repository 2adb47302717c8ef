<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Artwork\ArtworkView;
use Wubbin\Core\Plan\Plan;

/** A job with everything that follows from it, as one screen needs it. */
#[OA\Schema]
final readonly class JobView
{
    /**
     * @param array<string, mixed> $job
     * @param list<ArtworkView|null> $artworks
     */
    public function __construct(
        #[
            OA\Property(description: 'Sent back with a change, so that a change made elsewhere is noticed'),
        ]
        public int $revision,
        public bool $archived,
        #[OA\Property(ref: './job.schema.json', type: 'object')] public array $job,
        #[OA\Property(ref: './plan.schema.json', type: 'object')] public Plan $plan,
        public WorkView $work,
        #[
            OA\Property(
                type: 'array',
                description: 'The picture of each transfer, in their order',
                items: new OA\Items(oneOf: [new OA\Schema(ref: ArtworkView::class), new OA\Schema(type: 'null')]),
            ),
        ]
        public array $artworks,
        public ?PrintedView $printed,
        public NextView $next,
    ) {}

    /** The same once it is stored: nothing of it is planned again. */
    public function stored(int $revision): self
    {
        return new self(
            $revision,
            $this->archived,
            $this->job,
            $this->plan,
            $this->work,
            $this->artworks,
            $this->printed,
            $this->next,
        );
    }
}
