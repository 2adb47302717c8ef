<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

/** A stack, a source or a time that no heat can be worked out for. */
final class ImpossibleModel extends \InvalidArgumentException
{
    public static function because(string $why): self
    {
        return new self($why);
    }
}
