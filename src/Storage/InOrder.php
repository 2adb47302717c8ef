<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\Migrations\Version\Comparator;
use Doctrine\Migrations\Version\Version;

/** Migrations by their numbers: by their letters the tenth would come before the seventh. */
final readonly class InOrder implements Comparator
{
    public function compare(Version $a, Version $b): int
    {
        return strnatcmp((string) $a, (string) $b);
    }
}
