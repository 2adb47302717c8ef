<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;

/** Whether a recipe is out of use. */
#[OA\Schema]
final readonly class Retirement
{
    public function __construct(public bool $retired) {}
}
