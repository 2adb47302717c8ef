<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use OpenApi\Attributes as OA;

/** What is wrong with where the shop is kept. */
#[OA\Schema]
final readonly class ConditionView
{
    /** @param list<ConditionLine> $lines none where all is well */
    public function __construct(public array $lines) {}
}
