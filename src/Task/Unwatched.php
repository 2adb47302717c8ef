<?php

declare(strict_types=1);

namespace Wubbin\Task;

/** Of work that is over before anybody would look. */
final readonly class Unwatched implements Progress
{
    public function at(float $share, string $doing): void {}

    public function enough(): bool
    {
        return false;
    }
}
