<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Route\LookWanted;
use Wubbin\Core\Route\UseWanted;

/** What is wished of a finished piece beyond the blank and the picture; null where nothing is. */
final readonly class Wish
{
    public function __construct(public ?UseWanted $use = null, public ?LookWanted $look = null) {}
}
