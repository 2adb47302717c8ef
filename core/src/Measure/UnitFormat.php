<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** Writes figures the way the reader counts: millimetres and °C, or inches and °F; decimal point or comma. */
final readonly class UnitFormat
{
    private const THIN_RANGE = '–';

    public function __construct(public Units $units = Units::Metric, public bool $decimalComma = false) {}

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

    /** Tenths of a millimetre only below 10 mm or where they are there; hundredths of an inch. */
    private function lengthNumber(float $mm): string
    {
        if (Units::Us === $this->units) {
            return $this->number($mm / Length::MM_PER_INCH, 2);
        }

        return $this->number($mm, 1);
    }

    private function degrees(float $celsius): string
    {
        return $this->number(Units::Metric === $this->units ? $celsius : $celsius * 1.8 + 32.0, 0);
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
