<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Artwork\ArtworkView;

/** A picture of the shop, and the jobs that it is used in. */
#[OA\Schema]
final readonly class PictureEntry
{
    /** @param list<PictureUse> $jobs */
    public function __construct(
        public ArtworkView $picture,
        #[OA\Property(format: 'date-time')] public string $created,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PictureUse::class))] public array $jobs,
    ) {}
}
