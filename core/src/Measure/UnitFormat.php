<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/**
 * Writes figures the way the reader counts: millimetres and °C, or inches and °F; decimal point or comma.
 *
 * No finer than a person at the bench can do: whole millimetres from 20 mm on, inches as fractions to a sixteenth
 * (as rulers have them) or as decimals, °F by fives from 100 °F on (as dials have them). Common practice, no source.
 */
final readonly class UnitFormat
{
    private const THIN_RANGE = '–';

    /** From so many millimetres on tenths say nothing. */
    private const WHOLE_MM = 20.0;

    /** Below this many millimetres hundredths are written: a line of 0.35 mm is not one of 0.4. */
    private const FINE_MM = 1.0;

    /** Below this a length is none. */
    private const NOTHING_MM = 0.05;

    private const SIXTEENTHS = 16;

    /** From so many °F on dials go by fives. */
    private const DIAL_FROM_F = 100.0;

    public function __construct(
        public Units $units = Units::Metric,
        public bool $decimalComma = false,
        public bool $decimalInches = false,
    ) {}

    public function phrase(Phrase $phrase): string
    {
        $replace = [];
        foreach ($phrase->values as $name => $quantity) {
            $replace['{' . $name . '}'] = $this->quantity($quantity);
        }

        return strtr($phrase->text, $replace);
    }

    public function quantity(Quantity $quantity): string
    {
        $to = $quantity->to;

        return match ($quantity->kind) {
            QuantityKind::Length => $this->lengthNumber($quantity->value) . ' ' . $this->lengthUnit(),
            QuantityKind::Size => $this->lengthNumber($quantity->value) .
                ' × ' .
                $this->lengthNumber($to ?? 0.0) .
                ' ' .
                $this->lengthUnit(),
            QuantityKind::Temperature => $this->degrees($quantity->value) .
                (null === $to ? '' : self::THIN_RANGE . $this->degrees($to)) .
                (Units::Metric === $this->units ? ' °C' : ' °F'),
            QuantityKind::Duration => null === $to
                ? $this->duration($quantity->value)
                : $this->durationRange($quantity->value, $to),
            QuantityKind::Speed => $this->number(
                Units::Metric === $this->units ? $quantity->value : $quantity->value / Length::MM_PER_INCH,
                Units::Metric === $this->units ? 0 : 2,
            ) .
                ' ' .
                $this->lengthUnit() .
                '/s',
            QuantityKind::Count => $this->number($quantity->value, 0),
            QuantityKind::Resolution => $this->number($quantity->value, 0) . ' dpi',
        };
    }

    private function lengthUnit(): string
    {
        return Units::Metric === $this->units ? 'mm' : 'in';
    }

    private function lengthNumber(float $mm): string
    {
        if (Units::Metric === $this->units) {
            $size = abs($mm);

            $fine = $size < self::FINE_MM && $size >= self::NOTHING_MM;

            return $this->number($mm, $size >= self::WHOLE_MM ? 0 : ($fine ? 2 : 1));
        }
        $inches = $mm / Length::MM_PER_INCH;

        return match (true) {
            // What is finer than a sixteenth is not nothing.
            abs($inches) < 1.0 / self::SIXTEENTHS => $this->number($inches, 3),
            $this->decimalInches => $this->number($inches, 2),
            default => self::fraction($inches),
        };
    }

    /** 9.4488 is 9 7/16. */
    private static function fraction(float $inches): string
    {
        $sixteenths = (int) round(abs($inches) * self::SIXTEENTHS);
        [$whole, $over, $under] = [
            intdiv($sixteenths, self::SIXTEENTHS),
            $sixteenths % self::SIXTEENTHS,
            self::SIXTEENTHS,
        ];
        while (0 !== $over && 0 === $over % 2) {
            [$over, $under] = [intdiv($over, 2), intdiv($under, 2)];
        }
        $parts = [...0 === $whole && 0 !== $over ? [] : [$whole], ...0 === $over ? [] : [$over . '/' . $under]];

        return ($inches < 0.0 ? '-' : '') . implode(' ', $parts);
    }

    private function degrees(float $celsius): string
    {
        $fahrenheit = $celsius * 1.8 + 32.0;

        return $this->number(
            match (true) {
                Units::Metric === $this->units => $celsius,
                $fahrenheit >= self::DIAL_FROM_F => 5.0 * round($fahrenheit / 5.0),
                default => $fahrenheit,
            },
            0,
        );
    }

    private function duration(float $seconds): string
    {
        $s = (int) round($seconds);
        if ($s < 120) {
            return $s . ' s';
        }
        if ($s < 3600) {
            $rest = $s % 60;

            return intdiv($s, 60) . ' min' . ($s < 600 && 0 !== $rest ? ' ' . $rest . ' s' : '');
        }
        $minutes = intdiv($s, 60) % 60;

        return intdiv($s, 3600) . ' h' . (0 === $minutes ? '' : ' ' . $minutes . ' min');
    }

    private function durationRange(float $from, float $to): string
    {
        // One unit for both ends where it is the same one.
        $s = (int) round($from);
        if ($to < 120.0) {
            return $s . self::THIN_RANGE . $this->duration($to);
        }
        if (0 === $s % 60 && $to < 3600.0 && 0.0 === fmod($to, 60.0)) {
            return intdiv($s, 60) . self::THIN_RANGE . intdiv((int) $to, 60) . ' min';
        }

        return $this->duration($from) . self::THIN_RANGE . $this->duration($to);
    }

    /** Trailing zeros are dropped, so that 240.0 reads 240. */
    private function number(float $value, int $decimals): string
    {
        $written = number_format($value, $decimals, '.', '');
        if ($decimals > 0) {
            $written = rtrim(rtrim($written, '0'), '.');
        }
        if ('-0' === $written) {
            $written = '0';
        }

        return $this->decimalComma ? str_replace('.', ',', $written) : $written;
    }
}
