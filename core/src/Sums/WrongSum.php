<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

/** Figures of a quick sum that cannot be. */
final class WrongSum extends \InvalidArgumentException
{
    /** @param non-empty-array<string, string> $problems by field */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode(' ', $problems));
    }
}
