<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

/** One thing more, and what it would open. */
final readonly class OneMore
{
    /** @param non-empty-list<OpenWay> $opens */
    public function __construct(public Want $want, public array $opens) {}
}
