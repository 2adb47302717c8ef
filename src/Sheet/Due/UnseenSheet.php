<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use OpenApi\Attributes as OA;

/** A sheet whose pages came out of a printer, and of which nobody has said yet how. */
#[OA\Schema]
final readonly class UnseenSheet
{
    /**
     * @param list<UnseenPage> $pages
     */
    public function __construct(
        public string $sheet,
        public string $job,
        public string $name,
        public string $device,
        #[OA\Property(format: 'date-time')] public string $at,
        public array $pages,
    ) {}
}
