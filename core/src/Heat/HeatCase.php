<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Route\HeatKind;

/** What is heated by what, and what must come of it: all that the heat model needs to know of a plan. */
final readonly class HeatCase
{
    /**
     * @param non-empty-list<HeatLayer> $layers beneath the heater, from the heat down
     * @param float|null $diameterMm of a solid round piece that is thick against its radius
     * @param string $need what makes the transfer hold: film, toner, sublimation or wax
     * @param int $medium which layer carries the picture, from 0
     * @param int $blank which layer it goes onto
     * @param list<HeatLimit> $limits of what this piece is made of; what spoils the transfer itself is
     *                                the model's
     * @param string|null $tape that fixes the sheet, by the heat model's names
     * @param float|null $recipeS seconds that the plan says
     */
    public function __construct(
        public Heater $heater,
        public array $layers,
        public ?float $diameterMm,
        public string $need,
        public int $medium,
        public int $blank,
        public array $limits = [],
        public ?string $tape = null,
        public ?float $recipeS = null,
    ) {}

    /** The same with what a probe has shown of its heater, in W/m²K. */
    public function calibrated(?float $value): self
    {
        return $this->with($this->heater->calibrated($value));
    }

    /** The same heated by something else, as it is usually set; how long the plan says is another's. */
    public function by(HeatKind $kind, string $air = Heater::FULL): self
    {
        return new self(
            new Heater($kind, null, $this->heater->pressure, air: $air),
            $this->layers,
            $this->diameterMm,
            $this->need,
            $this->medium,
            $this->blank,
            $this->limits,
            $this->tape,
        );
    }

    /** The same by this heater. */
    public function with(Heater $heater): self
    {
        return new self(
            $heater,
            $this->layers,
            $this->diameterMm,
            $this->need,
            $this->medium,
            $this->blank,
            $this->limits,
            $this->tape,
            $this->recipeS,
        );
    }

    /** The same on another base, and pressed otherwise. */
    public function on(string $substance, float $thicknessMm, string $pressure): self
    {
        $layers = $this->layers;
        $last = count($layers) - 1;
        $layers[$last] = new HeatLayer($layers[$last]->role, $layers[$last]->label, $substance, $thicknessMm);

        return new self(
            new Heater($this->heater->kind, $this->heater->setting, $pressure, $this->heater->idle),
            $layers,
            $this->diameterMm,
            $this->need,
            $this->medium,
            $this->blank,
            $this->limits,
            $this->tape,
            $this->recipeS,
        );
    }
}
