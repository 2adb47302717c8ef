<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use OpenApi\Attributes as OA;

/** Jobs whose pictures would lie on fewer sheets if they shared them. */
#[OA\Schema]
final readonly class SharedView
{
    /**
     * @param list<string> $jobs
     */
    public function __construct(
        public string $group,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Ids')] public array $jobs,
        #[OA\Property(description: 'Sheets if each has its own')] public int $apart,
        #[OA\Property(description: 'Sheets if they share them')] public int $together,
    ) {}
}
