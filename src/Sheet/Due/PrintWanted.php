<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use OpenApi\Attributes as OA;

/** Sheets that are to be printed now. */
#[OA\Schema(required: ['group'])]
final readonly class PrintWanted
{
    /** @param list<string>|null $jobs */
    public function __construct(
        public string $group,
        #[OA\Property(description: 'Only those of these jobs; all where nothing is said')] public ?array $jobs = null,
    ) {}
}
