<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

use Wubbin\Core\Work\Place;

/** What a task keeps busy beside hands: a machine at a heat, or room at a place. */
final readonly class Takes
{
    public function __construct(public ?string $machine, public ?float $celsius, public ?Place $place) {}
}
