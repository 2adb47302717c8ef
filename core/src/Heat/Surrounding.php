<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

/**
 * What an outer face gives heat to or takes it from: air, water, a plate. With a capacity of its own it cools and is
 * warmed again by its power, as the plate of an iron does whose thermostat lets it.
 */
final readonly class Surrounding
{
    /** A thermostat lets full power through so far below its setting, and none at it, in K (assumed). */
    public const BAND = 3.0;

    /**
     * @param float $coefficient of the face to it, in W/m²K; 0 where no heat passes
     * @param float $celsius its temperature; of one with a capacity, at first
     * @param float $capacity of a square metre of it, in J/m²K; infinite where its temperature stays
     * @param float $power that warms it while it is below its setting, in W/m²
     * @param float $setting of its thermostat, in °C
     * @param float $loss of it to the room, in W/m²K
     * @param float $room temperature, in °C
     */
    private function __construct(
        public float $coefficient,
        public float $celsius,
        public float $capacity,
        public float $power,
        public float $setting,
        public float $loss,
        public float $room,
    ) {}

    public static function none(): self
    {
        return new self(0.0, 0.0, \INF, 0.0, 0.0, 0.0, 0.0);
    }

    /** Air, water, or anything else that stays as it is. */
    public static function steady(float $celsius, float $coefficient): self
    {
        return new self($coefficient, $celsius, \INF, 0.0, 0.0, 0.0, 0.0);
    }

    /** A face that is held at a temperature. */
    public static function held(float $celsius): self
    {
        return new self(\INF, $celsius, \INF, 0.0, 0.0, 0.0, 0.0);
    }

    /** The plate of an iron or a press: heavy, of so much power, kept at its setting by a thermostat. */
    public static function plate(
        float $setting,
        float $contact,
        float $capacity,
        float $power,
        float $celsius,
        float $loss = 0.0,
        float $room = 20.0,
    ): self {
        return new self($contact, $celsius, $capacity, $power, $setting, $loss, $room);
    }

    /** Something warm without a heater, such as a spoon out of the flame. */
    public static function mass(float $celsius, float $contact, float $capacity, float $loss, float $room): self
    {
        return new self($contact, $celsius, $capacity, 0.0, 0.0, $loss, $room);
    }

    public function isMass(): bool
    {
        return is_finite($this->capacity);
    }

    /** °C that it comes to at most. */
    public function hottest(): float
    {
        return $this->power > 0.0 ? max($this->setting, $this->celsius) : $this->celsius;
    }

    /** The same that begins at another temperature. */
    public function at(float $celsius): self
    {
        return new self(
            $this->coefficient,
            $celsius,
            $this->capacity,
            $this->power,
            $this->setting,
            $this->loss,
            $this->room,
        );
    }

    /** What passes from the middle of an outer cell to what lies outside, in W/K. */
    public function through(float $inside, float $area): float
    {
        if (0.0 === $this->coefficient || is_infinite($inside) || $area < 1e-12) {
            return 0.0;
        }

        return 1.0 / ($inside + (is_infinite($this->coefficient) ? 0.0 : 1.0 / ($this->coefficient * $area)));
    }

    /**
     * The temperature of a surrounding at the end of a step, as so much and so many times its neighbour's.
     *
     * @param float $at in the round before, which tells how far its thermostat is open
     *
     * @return array{float, float}
     */
    public function follow(float $through, float $area, float $before, float $at, float $step): array
    {
        if (!$this->isMass()) {
            return [$this->celsius, 0.0];
        }
        $capacity = ($this->capacity * $area) / $step;
        $loss = $this->loss * $area;
        // Of the thermostat's band a straight line; full power or none beyond it.
        [$power, $less] = match ($this->open($at)) {
            0 => [0.0, 0.0],
            2 => [$this->power * $area, 0.0],
            default => [($this->power * $area * $this->setting) / self::BAND, ($this->power * $area) / self::BAND],
        };
        $sum = $capacity + $loss + $less + $through;

        return [($capacity * $before + $loss * $this->room + $power) / $sum, $through / $sum];
    }

    /** Whether a thermostat is shut (0), throttles (1) or is open (2). */
    public function open(float $at): int
    {
        $short = $this->setting - $at;

        return match (true) {
            $this->power <= 0.0 || $short <= 0.0 => 0,
            $short >= self::BAND => 2,
            default => 1,
        };
    }
}
