<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/** Fills every sheet anew. */
final class Unremembered implements KnownSheets
{
    public function of(string $what, \Closure $fill): array
    {
        return $fill();
    }

    public function found(string $what): ?array
    {
        return null;
    }
}
