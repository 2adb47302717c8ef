<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\MirrorsIn;

/**
 * What a plan says of a picture in words that a logbook can be searched and counted by: names of the reference data,
 * °C, seconds; null where it has none.
 */
final readonly class Facts implements \JsonSerializable
{
    /** @param array<string, string|float|bool|null> $facts */
    private function __construct(private array $facts) {}

    public static function of(Setup $setup): self
    {
        $figures = $setup->outfit->ways->figures;
        $seconds = static fn(string $figure): ?float => isset($figures[$figure])
            ? $setup->arrangement->seconds($figure)
            : null;
        $printer = $setup->outfit->marking?->printer;

        return new self([
            'route' => $setup->brief->route->id,
            'medium' => $setup->outfit->medium?->label,
            'printer' => $setup->outfit->marking?->label,
            'technology' => $setup->outfit->marking?->technology->value,
            'heat' => $setup->outfit->heat?->label,
            'source' => $setup->outfit->heat?->kind->value,
            'blank' => $setup->brief->blankName(),
            'material' => $setup->brief->material->id,
            'tone' => $setup->brief->tone->value,
            'mirrored' => !$setup->arrangement->stack->mirrored()
                ? 'none'
                : (MirrorsIn::Driver === $printer?->mirrors
                    ? 'driver'
                    : 'file'),
            'base' => null === $setup->outfit->base ? null : ($setup->outfit->base->hard ? 'hard' : 'soft'),
            'steam' => HeatKind::Iron === $setup->outfit->heat?->kind ? false : null,
            'guard' =>
                $setup->brief->route->stacking->guard && $setup->brief->kind->hollow
                    ? null !== $setup->outfit->guard
                    : null,
            'cover' => $setup->outfit->cover?->label,
            'setting_c' => $setup->outfit->temperature?->celsius,
            'pressure' => $setup->outfit->setting->pressure,
            'dry_s' => $seconds('dry'),
            'dwell_s' => $seconds('dwell') ?? ($seconds('still') ?? $seconds('melt')),
            'peel' => $setup->outfit->peel->word,
            'coats' => $figures['coats']->value ?? null,
            'recipe' => $setup->outfit->recipe?->id,
            'use' => $setup->brief->job->use?->value,
            'ask_after_days' => (float) $setup->brief->catalogue->care->askAfterDays(
                $setup->arrangement->circumstances,
            ),
        ]);
    }

    public function text(string $fact): string
    {
        $text = $this->facts[$fact] ?? '';

        return is_string($text) ? $text : '';
    }

    /** @return array<string, string|float|bool|null> */
    public function jsonSerialize(): array
    {
        return $this->facts;
    }
}
