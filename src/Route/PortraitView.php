<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Wubbin\Core\Drawing\Drawing;

/** How a blank of one size looks on the table. */
#[OA\Schema]
final readonly class PortraitView
{
    public function __construct(
        public string $kind,
        public string $size,
        #[OA\Property(ref: './drawing.schema.json')] public Drawing $drawing,
    ) {}
}
