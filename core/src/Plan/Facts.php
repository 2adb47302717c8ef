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
        $figures = $setup->ways->figures;
        $seconds = static fn(string $figure): ?float => isset($figures[$figure]) ? $setup->seconds($figure) : null;
        $printer = $setup->marking?->printer;

        return new self([
            'route' => $setup->route->id,
            'medium' => $setup->medium?->label,
            'printer' => $setup->marking?->label,
            'technology' => $setup->marking?->technology->value,
            'heat' => $setup->heat?->label,
            'source' => $setup->heat?->kind->value,
            'blank' => $setup->blankName(),
            'material' => $setup->material->id,
            'tone' => $setup->tone->value,
            'mirrored' => !$setup->stack->mirrored()
                ? 'none'
                : (MirrorsIn::Driver === $printer?->mirrors
                    ? 'driver'
                    : 'file'),
            'base' => null === $setup->base ? null : ($setup->base->hard ? 'hard' : 'soft'),
            'steam' => HeatKind::Iron === $setup->heat?->kind ? false : null,
            'guard' => $setup->route->guard && $setup->kind->hollow ? null !== $setup->guard : null,
            'cover' => $setup->cover?->label,
            'setting_c' => $setup->temperature()?->celsius,
            'pressure' => $setup->setting->pressure,
            'dry_s' => $seconds('dry'),
            'dwell_s' => $seconds('dwell') ?? ($seconds('still') ?? $seconds('melt')),
            'peel' => $setup->peel->word,
            'coats' => $figures['coats']->value ?? null,
            'recipe' => $setup->recipe?->id,
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
