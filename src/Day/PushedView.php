<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\Pushed;

/** A job that would be over later than now: seconds since 1970. */
#[OA\Schema]
final readonly class PushedView
{
    private function __construct(
        public string $job,
        public int $was,
        public int $is,
        #[OA\Property(description: 'It would be late')] public bool $late,
        #[OA\Property(description: 'And it is not now')] public bool $newly,
    ) {}

    /**
     * @param list<Pushed> $pushed
     * @param array<string, string> $names by job
     *
     * @return list<self>
     */
    public static function all(array $pushed, array $names): array
    {
        return array_map(
            static fn(Pushed $one): self => new self(
                $names[$one->group] ?? '',
                $one->was,
                $one->is,
                $one->late,
                $one->newly,
            ),
            $pushed,
        );
    }
}
