<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** A temperature. Kept in degrees Celsius; never below absolute zero. */
final readonly class Temperature
{
    private const ABSOLUTE_ZERO_C = -273.15;

    private function __construct(public float $celsius) {}

    /** @throws UnreadableQuantity below absolute zero or not finite */
    public static function celsius(float $celsius): self
    {
        if (!is_finite($celsius) || $celsius < self::ABSOLUTE_ZERO_C) {
            throw UnreadableQuantity::notATemperature($celsius . ' °C');
        }

        return new self($celsius);
    }

    /**
     * °C = (°F − 32) / 1.8, NIST SP 811 (from memory).
     *
     * @throws UnreadableQuantity below absolute zero or not finite
     */
    public static function fahrenheit(float $fahrenheit): self
    {
        return self::celsius(($fahrenheit - 32.0) / 1.8);
    }
}
