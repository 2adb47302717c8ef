<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Route\HeatKind;

/** What is heated by what, and what must come of it: all that the heat model needs to know of a plan. */
final readonly class HeatCase
{
    /** Hot air at its highest setting, as the heat model calls it. */
    public const FULL = 'air';

    /**
     * @param non-empty-list<HeatLayer> $layers     beneath the source, from the heat down
     * @param Temperature|null          $setting    of a plate; of air or a spoon where it is not the usual one
     * @param string                    $pressure   light, medium or heavy
     * @param float|null                $diameterMm of a solid round piece that is thick against its radius
     * @param string                    $need       what makes the transfer hold: film, toner, sublimation or wax
     * @param int                       $medium     which layer carries the picture, from 0
     * @param int                       $blank      which layer it goes onto
     * @param float|null                $limitC     that harms the blank
     * @param float|null                $recipeS    seconds that the plan says
     * @param float|null                $calibrated what a probe has shown of the source, in W/m²K
     * @param string                    $air        how hot air is set, where it is not set in degrees
     */
    public function __construct(
        public HeatKind $source,
        public array $layers,
        public ?Temperature $setting,
        public string $pressure,
        public ?float $diameterMm,
        public string $need,
        public int $medium,
        public int $blank,
        public ?float $limitC,
        public string $limitWhy,
        public ?float $recipeS,
        public ?float $calibrated = null,
        public string $air = self::FULL,
    ) {
    }

    /** The parameter of the model that this source is calibrated by: how it touches, or how its air gives off heat. */
    public function calibratedBy(): string
    {
        return in_array($this->source, [HeatKind::Dryer, HeatKind::Gun], true) ? 'source.'.$this->source->value.'.coefficient' : 'contact.'.$this->pressure;
    }

    /** The same with what a probe has shown of its source, in W/m²K. */
    public function calibrated(?float $value): self
    {
        return new self($this->source, $this->layers, $this->setting, $this->pressure, $this->diameterMm, $this->need, $this->medium, $this->blank, $this->limitC, $this->limitWhy, $this->recipeS, $value, $this->air);
    }

    /** The same with another source, as it is usually set. */
    public function by(HeatKind $source, string $air = self::FULL): self
    {
        return new self($source, $this->layers, null, $this->pressure, $this->diameterMm, $this->need, $this->medium, $this->blank, $this->limitC, $this->limitWhy, null, air: $air);
    }

    /** The same on another base, and pressed otherwise. */
    public function on(string $substance, float $thicknessMm, string $pressure): self
    {
        $layers = $this->layers;
        $last = count($layers) - 1;
        $layers[$last] = new HeatLayer($layers[$last]->role, $layers[$last]->label, $substance, $thicknessMm);

        return new self($this->source, $layers, $this->setting, $pressure, $this->diameterMm, $this->need, $this->medium, $this->blank, $this->limitC, $this->limitWhy, $this->recipeS);
    }

    /** The same at another setting; hot air at this temperature. */
    public function at(Temperature $setting): self
    {
        return new self($this->source, $this->layers, $setting, $this->pressure, $this->diameterMm, $this->need, $this->medium, $this->blank, $this->limitC, $this->limitWhy, $this->recipeS, $this->calibrated, $this->air);
    }
}
