<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'label'])]
final readonly class Option
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $label,
    ) {
    }
}
