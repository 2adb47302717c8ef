<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;

/** What the work lies on, what goes inside it, and what lies over it. */
final readonly class Supports
{
    /**
     * @param array<string, Support> $bases
     * @param array<string, Support> $guards
     * @param array<string, Support> $covers
     */
    public function __construct(
        public array $bases,
        public array $guards,
        public array $covers,
        public Provenance $provenance,
    ) {}
}
