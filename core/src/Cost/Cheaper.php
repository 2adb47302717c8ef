<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

/** A way of making a good piece for less. */
final readonly class Cheaper
{
    /** What saves a smaller part is not worth the trouble. */
    private const WORTH = 0.03;

    /** @param string $kind fill, batch, losses or route */
    private function __construct(public string $kind, public string $how, public float $each, public float $saved) {}

    /**
     * @param list<array{string, string, CostSheet}> $ways kind, how, and what it would cost
     *
     * @return list<self> what saves most first
     */
    public static function than(CostSheet $now, array $ways): array
    {
        $cheaper = [];
        foreach ($ways as [$kind, $how, $sheet]) {
            $saved = $now->each() - $sheet->each();
            // Only what has the same prices known can be compared.
            if ($sheet->whole() >= $now->whole() && $saved > self::WORTH * $now->each()) {
                $cheaper[] = new self($kind, $how, $sheet->each(), $saved);
            }
        }
        usort($cheaper, static fn(self $one, self $other): int => $other->saved <=> $one->saved);

        return $cheaper;
    }
}
