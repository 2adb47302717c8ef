<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** A day that cannot be planned, and why. */
final class Impossible extends \DomainException
{
    private function __construct(public readonly ?string $activity, string $why)
    {
        parent::__construct($why);
    }

    public static function because(string $why, ?string $activity = null): self
    {
        return new self($activity, $why);
    }
}
