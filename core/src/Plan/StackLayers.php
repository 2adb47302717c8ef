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
    public static function layer(LayerRule $rule, Brief $brief, Outfit $outfit): Layer
    {
        return match ($rule->role) {
            LayerRole::Heat => new Layer(
                $rule->role,
                $outfit->heat?->label,
                Words::setting($outfit),
                30.0,
                Hatch::Metal,
            ),
            LayerRole::Cover => new Layer(
                $rule->role,
                $outfit->cover?->label,
                null,
                $outfit->cover->thicknessMm ?? 0.1,
                Hatch::Plain,
            ),
            LayerRole::Medium => new Layer(
                $rule->role,
                $rule->label ?? $brief->route->noun . ' on its paper',
                null,
                $outfit->medium->thicknessMm ?? 0.2,
                Hatch::Film,
                $rule->printedFace,
            ),
            LayerRole::Guard => new Layer(
                $rule->role,
                null === $outfit->guard ? null : $outfit->guard->label . ' inside',
                null,
                $outfit->guard->thicknessMm ?? 0.5,
                Hatch::Plain,
            ),
            LayerRole::Base => new Layer(
                $rule->role,
                $outfit->base?->label,
                null === $outfit->base ? null : Phrase::of($outfit->base->hard ? 'hard' : 'soft'),
                $outfit->base->thicknessMm ?? 18.0,
                $outfit->base->hatch ?? Hatch::Wood,
            ),
            LayerRole::Cloth => new Layer($rule->role, $rule->part, null, $rule->thicknessMm ?? 0.5, Hatch::Cloth),
            LayerRole::Blank => new Layer(
                $rule->role,
                self::blank($rule, $brief),
                null,
                $brief->material->wallMm ?? $brief->kind->wallMm,
                self::hatch($brief),
            ),
        };
    }

    private static function blank(LayerRule $rule, Brief $brief): string
    {
        if (!$brief->kind->hollow) {
            return lcfirst($brief->blankName());
        }
        // Pressed on its back, a hollow thing lies with its front down.
        $part =
            'back' === $brief->transfer->sideId
                ? ['front' => 'back', 'back' => 'front'][$rule->part ?? ''] ?? $rule->part
                : $rule->part;

        return $brief->kind->label . ' ' . $part;
    }

    private static function hatch(Brief $brief): Hatch
    {
        return match ($brief->material->surface->value) {
            'natural-cloth', 'blend-cloth', 'synthetic-cloth' => Hatch::Cloth,
            'raw-wood', 'painted-wood' => Hatch::Wood,
            'bare-metal', 'polymer-coat' => Hatch::Metal,
            'wax', 'wax-medium' => Hatch::Wax,
            'ceramic', 'coated-ceramic', 'glass' => Hatch::Ceramic,
            default => Hatch::Plain,
        };
    }
}
