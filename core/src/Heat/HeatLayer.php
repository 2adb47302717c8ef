<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Route\LayerRole;

/** A layer of a stack with what it is made of, by the heat model's names. */
final readonly class HeatLayer
{
    public function __construct(
        public LayerRole $role,
        public string $label,
        public string $substance,
        public float $thicknessMm,
    ) {}
}
