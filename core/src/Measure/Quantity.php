<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/**
 * A figure inside a sentence, or a range of one, kept free of the units a person reads in.
 *
 * `value` is in the unit of its kind; `to` is the upper end of a range, or the height of a size.
 */
final readonly class Quantity implements \JsonSerializable
{
    private function __construct(public QuantityKind $kind, public float $value, public ?float $to = null) {}

    public static function length(float $mm): self
    {
        return new self(QuantityKind::Length, $mm);
    }

    public static function size(Size $size): self
    {
        return new self(QuantityKind::Size, $size->widthMm, $size->heightMm);
    }

    public static function temperature(Temperature $temperature, ?Temperature $to = null): self
    {
        return new self(QuantityKind::Temperature, $temperature->celsius, $to?->celsius);
    }

    public static function duration(Duration $duration, ?Duration $to = null): self
    {
        return new self(QuantityKind::Duration, $duration->seconds, $to?->seconds);
    }

    public static function speed(float $mmPerSecond): self
    {
        return new self(QuantityKind::Speed, $mmPerSecond);
    }

    public static function count(float $times): self
    {
        return new self(QuantityKind::Count, $times);
    }

    public static function resolution(float $dpi): self
    {
        return new self(QuantityKind::Resolution, $dpi);
    }

    /** @return array{kind: string, value: float, to: ?float} */
    public function jsonSerialize(): array
    {
        return ['kind' => $this->kind->value, 'value' => $this->value, 'to' => $this->to];
    }
}
