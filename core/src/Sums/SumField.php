<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

/** A figure that a quick sum asks for. */
final readonly class SumField
{
    /**
     * @param array{string, string}|null $usual what stands in it at first, in metric and in US units; null for nothing
     * @param array<string, string> $choices in words by id; empty where it is typed
     * @param string|null $either fields of the same name stand for each other: one is typed, and the others follow
     */
    private function __construct(
        public string $id,
        public string $label,
        public ?array $usual,
        public array $choices = [],
        public ?string $either = null,
        public ?string $hint = null,
    ) {}

    public static function typed(
        string $id,
        string $label,
        string $metric,
        ?string $us = null,
        ?string $hint = null,
    ): self {
        return new self($id, $label, [$metric, $us ?? $metric], hint: $hint);
    }

    /** One of several that stand for each other; the first has something in it. */
    public static function either(
        string $of,
        string $id,
        string $label,
        ?string $metric = null,
        ?string $us = null,
    ): self {
        return new self($id, $label, null === $metric ? null : [$metric, $us ?? $metric], either: $of);
    }

    /** @param array<string, string> $choices in words by id, the usual one first */
    public static function chosen(string $id, string $label, array $choices): self
    {
        $first = (string) array_key_first($choices);

        return new self($id, $label, [$first, $first], $choices);
    }
}
