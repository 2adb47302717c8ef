<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Route\HeatKind;

/** What is heated by what, and what must come of it: all that the heat model needs to know of a plan. */
final readonly class HeatCase
{
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
    ) {
    }

    /** The same with another source, as it is usually set. */
    public function by(HeatKind $source): self
    {
        return new self($source, $this->layers, null, $this->pressure, $this->diameterMm, $this->need, $this->medium, $this->blank, $this->limitC, $this->limitWhy, null);
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
        return new self($this->source, $this->layers, $setting, $this->pressure, $this->diameterMm, $this->need, $this->medium, $this->blank, $this->limitC, $this->limitWhy, $this->recipeS);
    }
}
