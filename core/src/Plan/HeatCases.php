<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Blank\Surface;
use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Heat\Heater;
use Wubbin\Core\Heat\HeatLayer;
use Wubbin\Core\Heat\HeatLimit;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatParameters;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Stack\Layer;

/** Tells the heat model what a plan presses: what its layers are made of, how hard, and for how long. */
final readonly class HeatCases
{
    private const MODELLED = [HeatKind::Iron, HeatKind::FlatPress, HeatKind::MugPress, HeatKind::Dryer, HeatKind::Gun];

    /** Pressures from the least to the most; on a soft base a hand iron presses as the class below. */
    private const PRESSURES = ['light', 'medium', 'heavy'];

    /** Figures that may say how long it is heated, the first that a route has. */
    private const TIMES = ['dwell', 'still', 'melt'];

    /** @return HeatCase|null null where nothing is heated that is modelled, or something is not chosen yet */
    public static function of(Setup $setup): ?HeatCase
    {
        $need = $setup->brief->route->heating->need($setup->brief->material->surface);
        if (null === $need || !in_array($setup->outfit->heat?->kind, self::MODELLED, true)) {
            return null;
        }
        $layers = [];
        [$medium, $blank] = [null, null];
        foreach ($setup->arrangement->stack->layers as $layer) {
            if (LayerRole::Heat === $layer->role) {
                continue;
            }
            $substance = self::substance($layer, $setup);
            if (null === $substance) {
                return null;
            }
            $medium ??= LayerRole::Medium === $layer->role ? count($layers) : null;
            $blank ??= LayerRole::Blank === $layer->role ? count($layers) : null;
            $layers[] = new HeatLayer($layer->role, $layer->label ?? '', $substance, self::thickness($layer, $setup));
        }
        if ([] === $layers || null === $medium || null === $blank) {
            return null;
        }
        $solid = HeatParameters::WAX === $need ? $setup->placing->size->diameterMm : null;

        $heater = self::heater($setup, $setup->outfit->heat);
        // Candle wax is meant to melt: how deep is the need's own limit.
        $limits =
            HeatParameters::WAX === $need
                ? []
                : [
                    new HeatLimit(
                        $setup->brief->material->limitWhy,
                        HeatLimit::PRINTED_FACE,
                        $setup->brief->material->limit->celsius,
                    ),
                ];

        return new HeatCase(
            $heater,
            $layers,
            $solid,
            $need,
            $medium,
            $blank,
            $limits,
            $setup->brief->route->heating->tape,
            self::seconds($setup),
        );
    }

    private static function heater(Setup $setup, HeatSource $source): Heater
    {
        // Only a press idles, and only its clock counts from when it is back.
        $idle = HeatKind::MugPress === $source->kind ? $setup->outfit->setting->idle : null;

        return new Heater(
            $source->kind,
            $setup->outfit->temperature,
            self::pressure($setup),
            $idle,
            $source->calibrated,
            self::air($setup, $source->kind),
        );
    }

    private static function substance(Layer $layer, Setup $setup): ?string
    {
        $of = $setup->brief->catalogue->heat->parameters;

        return match ($layer->role) {
            LayerRole::Medium => 'film',
            LayerRole::Blank => $of->substanceOf($setup->brief->material->id),
            LayerRole::Cover => null === $setup->outfit->cover ? null : $of->substanceOf($setup->outfit->cover->like),
            LayerRole::Guard => null === $setup->outfit->guard
                ? null
                : $of->substanceOf($setup->outfit->guard->like) ?? 'paper',
            LayerRole::Base => null === $setup->outfit->base ? null : $of->substanceOf($setup->outfit->base->like),
            LayerRole::Cloth => str_contains($layer->label ?? '', 'kraft') ? 'paper' : 'cotton',
            LayerRole::Heat => null,
        };
    }

    /** A candle is wax to its middle. */
    private static function thickness(Layer $layer, Setup $setup): float
    {
        return LayerRole::Blank === $layer->role &&
            Surface::Wax === $setup->brief->material->surface &&
            null !== $setup->placing->size->diameterMm
            ? $setup->placing->size->diameterMm / 2.0
            : $layer->thicknessMm;
    }

    /** How a way that this source is chosen by sets its air. */
    private static function air(Setup $setup, HeatKind $source): string
    {
        foreach ($setup->outfit->ways->options as $option) {
            if (in_array($source, $option->heat, true)) {
                return $option->air ?? Heater::FULL;
            }
        }

        return Heater::FULL;
    }

    private static function pressure(Setup $setup): string
    {
        $named = array_search($setup->outfit->setting->pressure ?? 'medium', self::PRESSURES, true);
        $class = false === $named ? 1 : $named;
        $softer = HeatKind::Iron === $setup->outfit->heat?->kind && false === $setup->outfit->base?->hard;

        return self::PRESSURES[max(0, $softer ? $class - 1 : $class)];
    }

    /** Seconds that the plan heats one place for. */
    private static function seconds(Setup $setup): ?float
    {
        $time = self::time($setup);

        return null === $time ? null : $setup->arrangement->seconds($time);
    }

    /** The figure that says how long one place is heated. */
    public static function time(Setup $setup): ?string
    {
        return array_values(
            array_filter(self::TIMES, static fn(string $figure): bool => isset($setup->outfit->ways->figures[$figure])),
        )[0] ?? null;
    }
}
