<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Route\Route;

/** A route on a kind of blank, with the materials that it takes on. */
final readonly class OpenWay
{
    /**
     * @param non-empty-list<Material> $materials those that it suits before those that may disappoint
     * @param string|null $risk why the first of them may disappoint; null where it suits it
     */
    public function __construct(
        public BlankKind $blank,
        public Route $route,
        public array $materials,
        public ?string $risk,
    ) {}
}
