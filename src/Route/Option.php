<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'label'])]
final readonly class Option
{
    public function __construct(public string $id, public string $label) {}

    /**
     * @param array<string, string> $labels by id
     *
     * @return list<self>
     */
    public static function all(array $labels): array
    {
        return array_map(
            static fn(string $id, string $label): self => new self($id, $label),
            array_keys($labels),
            array_values($labels),
        );
    }
}
