<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;

/** How a piece had washed when somebody looked again. */
#[OA\Schema]
final readonly class NewLook
{
    public function __construct(public int $washes, public bool $good, public string $note) {}
}
