<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/** A kind of piece has no room on an empty sheet. */
final class NoRoom extends \RuntimeException
{
    public function __construct(public readonly int $kind)
    {
        parent::__construct(sprintf('Kind %d has no room on an empty sheet.', $kind));
    }
}
