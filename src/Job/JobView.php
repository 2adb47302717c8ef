<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Artwork\ArtworkView;
use Wubbin\Core\Plan\Plan;

/** A job with everything that follows from it, as one screen needs it. */
#[OA\Schema(required: ['revision', 'archived', 'job', 'plan', 'artwork', 'printed'])]
final readonly class JobView
{
    /** @param array<string, mixed> $job */
    public function __construct(
        #[OA\Property(description: 'Sent back with a change, so that a change made elsewhere is noticed')]
        public int $revision,
        #[OA\Property]
        public bool $archived,
        #[OA\Property(ref: './job.schema.json', type: 'object')]
        public array $job,
        #[OA\Property(ref: './plan.schema.json', type: 'object')]
        public Plan $plan,
        #[OA\Property(nullable: true, oneOf: [new OA\Schema(ref: ArtworkView::class), new OA\Schema(type: 'null')])]
        public ?ArtworkView $artwork,
        #[OA\Property(nullable: true, oneOf: [new OA\Schema(ref: PrintedView::class), new OA\Schema(type: 'null')])]
        public ?PrintedView $printed,
    ) {
    }
}
