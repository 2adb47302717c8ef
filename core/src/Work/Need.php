<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

/** What a task waits for: another task, and how long after it, at the most. */
final readonly class Need
{
    /** @param int|null $withinS seconds after it that this one may begin at the latest; nothing for any time */
    public function __construct(public string $task, public ?int $withinS = null) {}
}
