<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;

/** A tray, and what its feed test told. */
#[OA\Schema]
final readonly class TrayView
{
    public function __construct(
        public string $id,
        public string $label,
        public bool $straight,
        public ?FeedView $feed,
    ) {}
}
