<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

/**
 * What a layer is made of. Between solid and liquid its heat of melting is taken up evenly, so that a volume's heat
 * tells its temperature in every state (the enthalpy method: Voller and Cross, 1981).
 */
final readonly class Substance
{
    /** Heat to warm a cubic metre by a kelvin, in J/m³K. */
    public float $capacity;

    /** Heat of melting of a cubic metre, in J/m³. */
    private float $latent;

    /**
     * @param float $conductivity in W/mK, above 0
     * @param float $density in kg/m³, above 0
     * @param float $heat to warm a kilogram by a kelvin, in J/kgK, above 0
     * @param float $solidus below it is solid, in °C
     * @param float $liquidus above it is liquid, in °C
     * @param float $melting heat of melting, in J/kg; 0 where it does not melt
     *
     * @throws ImpossibleModel
     */
    public function __construct(
        public float $conductivity,
        float $density,
        float $heat,
        public float $solidus = 0.0,
        public float $liquidus = 0.0,
        float $melting = 0.0,
    ) {
        if ($conductivity <= 0.0 || $density <= 0.0 || $heat <= 0.0) {
            throw ImpossibleModel::because('Conductivity, density and heat capacity are above nothing.');
        }
        if ($melting < 0.0 || ($melting > 0.0 && $liquidus <= $solidus)) {
            throw ImpossibleModel::because('What melts begins to do so before it is liquid, and takes up heat.');
        }
        $this->capacity = $density * $heat;
        $this->latent = $density * $melting;
    }

    public function melts(): bool
    {
        return $this->latent > 0.0;
    }

    /**
     * Heat of a cubic metre at this temperature against 0 °C, in J/m³; sensible and, as far as it has melted, latent.
     */
    public function heatAt(float $celsius): float
    {
        return $this->capacity * $celsius +
            (0.0 === $this->latent
                ? 0.0
                : $this->latent * max(0.0, min(1.0, ($celsius - $this->solidus) / ($this->liquidus - $this->solidus))));
    }

    /** Temperature of a cubic metre that holds this heat, in °C. */
    public function temperatureOf(float $heat): float
    {
        if (0.0 === $this->latent || $heat <= $this->capacity * $this->solidus) {
            return $heat / $this->capacity;
        }
        if ($heat >= $this->capacity * $this->liquidus + $this->latent) {
            return ($heat - $this->latent) / $this->capacity;
        }

        return $this->solidus + ($heat - $this->capacity * $this->solidus) * $this->slopeOf($heat);
    }

    /** By how many kelvin a J/m³ more warms it. */
    public function slopeOf(float $heat): float
    {
        if (
            0.0 === $this->latent ||
            $heat <= $this->capacity * $this->solidus ||
            $heat >= $this->capacity * $this->liquidus + $this->latent
        ) {
            return 1.0 / $this->capacity;
        }

        return 1.0 / ($this->capacity + $this->latent / ($this->liquidus - $this->solidus));
    }

    /** The part of it that is liquid, 0 to 1. */
    public function liquidPart(float $celsius): float
    {
        return $this->melts()
            ? max(0.0, min(1.0, ($celsius - $this->solidus) / ($this->liquidus - $this->solidus)))
            : 0.0;
    }
}
