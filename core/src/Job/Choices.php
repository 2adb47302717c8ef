<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

/** What the person chose from the shelf, by id; null leaves it to Wubbin. */
final readonly class Choices
{
    public function __construct(
        public ?string $medium = null,
        public ?string $marking = null,
        public ?string $iron = null,
        public ?string $base = null,
        public ?string $guard = null,
        public ?string $drying = null,
    ) {
    }

    /** @return array{medium: ?string, marking: ?string, iron: ?string, base: ?string, guard: ?string, drying: ?string} */
    public function toRecord(): array
    {
        return [
            'medium' => $this->medium,
            'marking' => $this->marking,
            'iron' => $this->iron,
            'base' => $this->base,
            'guard' => $this->guard,
            'drying' => $this->drying,
        ];
    }
}
