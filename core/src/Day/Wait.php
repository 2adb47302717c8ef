<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** That one activity comes after another: at least so long after its end, and at most so long, in seconds. */
final readonly class Wait
{
    /** @param int|null $most null where it may wait for ever */
    public function __construct(public string $after, public int $least = 0, public ?int $most = null) {}
}
