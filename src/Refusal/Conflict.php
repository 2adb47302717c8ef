<?php

declare(strict_types=1);

namespace Wubbin\Refusal;

/** Somebody else changed it meanwhile, or was quicker. */
final class Conflict extends Refusal
{
    /** @param array<string, mixed> $current how things stand now */
    public function __construct(string $title, public readonly array $current)
    {
        parent::__construct($title);
    }
}
