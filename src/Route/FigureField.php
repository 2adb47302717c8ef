<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;

/** A figure that a recipe can set, with what is built in. */
#[OA\Schema]
final readonly class FigureField
{
    public function __construct(public string $id, public string $label, public BuiltInFigure $built_in) {}
}
