<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Route\HeatKind;

/** How a stack is heated: by what, how hot, how hard or from how far. */
final readonly class Heater
{
    /** Hot air at its highest setting, as the heat model calls it. */
    public const FULL = 'air';

    /**
     * @param Temperature|null $setting of a plate; of air or a spoon where it is not the usual one
     * @param string $pressure light, medium or heavy
     * @param Temperature|null $idle that a press waits at and is closed at; time counts from when it is back at
     *                               its setting
     * @param float|null $calibrated what a probe has shown of it, in W/m²K
     * @param string $air how hot air is set, where it is not set in degrees
     * @param float|null $distanceMm from the nozzle to the work; null for the usual one
     */
    public function __construct(
        public HeatKind $kind,
        public ?Temperature $setting,
        public string $pressure,
        public ?Temperature $idle = null,
        public ?float $calibrated = null,
        public string $air = self::FULL,
        public ?float $distanceMm = null,
    ) {}

    public function blows(): bool
    {
        return in_array($this->kind, [HeatKind::Dryer, HeatKind::Gun], true);
    }

    /** The parameter of the model that it is calibrated by: how it touches, or how its air gives off heat. */
    public function calibratedBy(): string
    {
        return $this->blows() ? 'source.' . $this->kind->value . '.coefficient' : 'contact.' . $this->pressure;
    }

    /** The same with what a probe has shown of it, in W/m²K. */
    public function calibrated(?float $value): self
    {
        return new self(
            $this->kind,
            $this->setting,
            $this->pressure,
            $this->idle,
            $value,
            $this->air,
            $this->distanceMm,
        );
    }

    /** The same at another setting; hot air at this temperature. */
    public function at(Temperature $setting): self
    {
        return new self(
            $this->kind,
            $setting,
            $this->pressure,
            $this->idle,
            $this->calibrated,
            $this->air,
            $this->distanceMm,
        );
    }

    /** The same from so far. */
    public function from(float $distanceMm): self
    {
        return new self(
            $this->kind,
            $this->setting,
            $this->pressure,
            $this->idle,
            $this->calibrated,
            $this->air,
            $distanceMm,
        );
    }
}
