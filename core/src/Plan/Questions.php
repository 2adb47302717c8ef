<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

/** What must be true before the heat comes on. */
final readonly class Questions
{
    /**
     * @param list<string> $first before the first piece
     * @param list<string> $again before each that follows: what is laid anew every time
     */
    public function __construct(public array $first = [], public array $again = []) {}
}
