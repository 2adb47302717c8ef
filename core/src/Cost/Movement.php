<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

/**
 * Something that came into stock, went out, or was counted: in thousandths of the item's unit, so that sums are exact.
 */
final readonly class Movement
{
    public const THOUSANDTHS = 1000;

    private function __construct(public MovementKind $kind, public int $amount, public int $price) {}

    /**
     * @param float $amount above zero, in the item's unit
     * @param int $price of all of it, in minor units
     */
    public static function bought(float $amount, int $price): self
    {
        return new self(MovementKind::Bought, self::thousandths($amount), $price);
    }

    public static function used(float $amount): self
    {
        return new self(MovementKind::Used, self::thousandths($amount), 0);
    }

    public static function counted(float $amount): self
    {
        return new self(MovementKind::Counted, self::thousandths($amount), 0);
    }

    /** How much there is after it, in thousandths: a count is what there is, and nothing goes below zero. */
    public function after(int $level): int
    {
        return match ($this->kind) {
            MovementKind::Bought => $level + $this->amount,
            MovementKind::Used => max(0, $level - $this->amount),
            MovementKind::Counted => $this->amount,
        };
    }

    private static function thousandths(float $amount): int
    {
        return (int) round(self::THOUSANDTHS * $amount);
    }
}
