<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

/** A change to a job that cannot be made; nothing of it was. */
final class RefusedEdit extends \InvalidArgumentException
{
    /** @param non-empty-array<string, string> $problems what is wrong, by field */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode(' ', $problems));
    }
}
