<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\OwnedThing;

/** One thing that a shop would have to buy: media, markings or heat, by the usual one's id, in words. */
final readonly class Want
{
    public function __construct(public string $kind, public string $id, public string $label) {}

    /** What it is among the things that people point at. */
    public function owned(Catalogue $catalogue): ?OwnedThing
    {
        foreach ($catalogue->owned as $thing) {
            if ($thing->puts($this->kind, $this->id)) {
                return $thing;
            }
        }

        return null;
    }
}
