<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Route\Hatch;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Route\LayerRule;
use Wubbin\Core\Stack\Layer;

/** Turns the layers that a route lays down into those of a job: what is chosen for each, and how it is hatched. */
final readonly class StackLayers
{
    public static function layer(LayerRule $rule, Setup $setup): Layer
    {
        return match ($rule->role) {
            LayerRole::Heat => new Layer($rule->role, $setup->heat?->label, Words::setting($setup), 30.0, Hatch::Metal),
            LayerRole::Cover => new Layer(
                $rule->role,
                $setup->cover?->label,
                null,
                $setup->cover->thicknessMm ?? 0.1,
                Hatch::Plain,
            ),
            LayerRole::Medium => new Layer(
                $rule->role,
                $rule->label ?? $setup->route->noun . ' on its paper',
                null,
                $setup->medium->thicknessMm ?? 0.2,
                Hatch::Film,
                $rule->printedFace,
            ),
            LayerRole::Guard => new Layer(
                $rule->role,
                null === $setup->guard ? null : $setup->guard->label . ' inside',
                null,
                $setup->guard->thicknessMm ?? 0.5,
                Hatch::Plain,
            ),
            LayerRole::Base => new Layer(
                $rule->role,
                $setup->base?->label,
                null === $setup->base ? null : Phrase::of($setup->base->hard ? 'hard' : 'soft'),
                $setup->base->thicknessMm ?? 18.0,
                $setup->base->hatch ?? Hatch::Wood,
            ),
            LayerRole::Cloth => new Layer($rule->role, $rule->part, null, $rule->thicknessMm ?? 0.5, Hatch::Cloth),
            LayerRole::Blank => new Layer(
                $rule->role,
                self::blank($rule, $setup),
                null,
                $setup->kind->wallMm,
                self::hatch($setup),
            ),
        };
    }

    private static function blank(LayerRule $rule, Setup $setup): string
    {
        if (!$setup->kind->hollow) {
            return lcfirst($setup->blankName());
        }
        // Pressed on its back, a hollow thing lies with its front down.
        $part =
            'back' === $setup->transfer->sideId
                ? ['front' => 'back', 'back' => 'front'][$rule->part ?? ''] ?? $rule->part
                : $rule->part;

        return $setup->kind->label . ' ' . $part;
    }

    private static function hatch(Setup $setup): Hatch
    {
        return match ($setup->material->surface->value) {
            'natural-cloth', 'blend-cloth', 'synthetic-cloth' => Hatch::Cloth,
            'raw-wood', 'painted-wood' => Hatch::Wood,
            'bare-metal', 'polymer-coat' => Hatch::Metal,
            'wax', 'wax-medium' => Hatch::Wax,
            'ceramic', 'coated-ceramic', 'glass' => Hatch::Ceramic,
            default => Hatch::Plain,
        };
    }
}
