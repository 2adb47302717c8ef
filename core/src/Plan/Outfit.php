<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\PeelRule;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Route\Setting;
use Wubbin\Core\Route\Support;

/**
 * What one transfer is made with: the second stage of its plan. From the shelf comes what was asked for, or else the
 * first that suits.
 */
final readonly class Outfit
{
    public Ways $ways;
    public ?Medium $medium;
    public ?Marking $marking;
    public ?HeatSource $heat;
    /** The house's recipe that its figures come from. */
    public ?Recipe $recipe;
    /** Of the heat source at hand; or of the usual one, where there is none. */
    public Setting $setting;
    /** What the heat source is set to, where it is told; of an iron by its dots. */
    public ?Temperature $temperature;
    public PeelRule $peel;
    public ?Support $base;
    public ?Support $guard;
    public ?Support $cover;
    /** Of what is at hand; or, where nothing is, what would be taken. */
    public HeatKind $heatKind;
    /** It is drawn, not printed. */
    public bool $byHand;

    /** @throws BadRecord when the job names a school that Wubbin does not have */
    public function __construct(Brief $brief)
    {
        $route = $brief->route;
        $choices = $brief->transfer->choices;
        $ways = Ways::forBrief($brief);
        $choosing = new Choosing($brief);
        $this->heat = $choosing->heat($ways);
        $this->heatKind = $this->heat->kind ?? ($ways->heat()[0] ?? $route->heating->kinds[0]);
        $circumstances = self::circumstances($brief, $this->heatKind);
        $ways = $ways->under($circumstances, $this->heatKind);
        $this->medium = $choosing->medium($ways);
        $this->recipe = $brief->house->recipeFor($route->id, $choices, $this->medium, $this->heat);
        $this->ways = $ways->figuresBy($this->recipe);
        $this->peel =
            null === $this->recipe?->peel
                ? $route->peelUnder($circumstances, $brief->finish)
                : $this->recipe->peel->from($this->recipe->provenance());
        $this->marking = $choosing->marking($this->medium);
        $this->byHand = $this->marking?->byHand() ?? $route->making->byHand;
        $this->setting = self::setting($route->heating->settings[$this->heatKind->value], $this->recipe, $this->ways);
        $this->temperature =
            $this->setting->temperature ??
            (null === $this->setting->dots ? null : $brief->catalogue->heat->dotTemperature($this->setting->dots));
        $this->base = $choosing->base($this->heatKind);
        $this->guard = $choosing->guard();
        $this->cover = $choosing->cover($this->ways);
    }

    /**
     * What figures may differ by: the kind of heat, what the piece is and what it is for.
     *
     * @return array<string, string>
     */
    public static function circumstances(Brief $brief, HeatKind $heat): array
    {
        return [
            'route' => $brief->route->id,
            'heat' => $heat->value,
            'blank' => $brief->kind->id,
            'round' => $brief->kind->shape->isRound() ? 'yes' : 'no',
            'material' => $brief->material->id,
            'surface' => $brief->material->surface->value,
            'cloth' => $brief->material->surface->isCloth() ? 'yes' : 'no',
            'use' => $brief->job->use->value ?? '',
        ];
    }

    /** How far outside the picture it is cut. */
    public function trim(): Length
    {
        return Length::mm(isset($this->ways->figures['trim']) ? $this->ways->figures['trim']->value : 0.0);
    }

    /** Which side of the sheet takes the print, by the house's recipe or the sheet itself. */
    public function printSide(Medium $medium): string
    {
        return $this->recipe->printSide ?? $medium->printSide;
    }

    private static function setting(Setting $usual, ?Recipe $recipe, Ways $ways): Setting
    {
        foreach ($ways->options as $matter => $option) {
            if (null !== $option->setting) {
                $usual = $usual->worded($option->setting, $ways->schools[$matter]->provenance);
            }
        }

        return null === $recipe || (null === $recipe->temperature && null === $recipe->pressure)
            ? $usual
            : $usual->at($recipe->temperature, $recipe->pressure, $recipe->provenance());
    }
}
