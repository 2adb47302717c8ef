<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

/** How a price is made: by a margin on it, or as a person sets it. */
final readonly class Price
{
    public const MOST_MARGIN = 0.95;

    private function __construct(private ?float $margin, private ?int $target) {}

    /** @param float $share of the price that is left when all costs are paid, 0 to 0.95 */
    public static function byMargin(float $share): self
    {
        return new self(max(0.0, min(self::MOST_MARGIN, $share)), null);
    }

    /** @param int $minor for one piece */
    public static function target(int $minor): self
    {
        return new self(null, $minor);
    }

    /** For one piece, in minor units: never less than the margin wants. */
    public function of(CostSheet $sheet): int
    {
        return $this->target ?? (int) ceil(round($sheet->each() / (1.0 - ($this->margin ?? 0.0)), 6));
    }

    /** The margin that a price leaves; below zero where it does not pay. */
    public function marginOf(CostSheet $sheet): float
    {
        $price = $this->of($sheet);

        return $price > 0 ? 1.0 - $sheet->each() / $price : 0.0;
    }
}
