<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

/** All quick sums, in the order they are offered. */
final readonly class Sums
{
    /** @return non-empty-array<string, Sum> by id */
    public static function all(): array
    {
        $sums = [
            new RoundSum(),
            new WrapSum(),
            new TaperSum(),
            new SharpSum(),
            new SheetSum(),
            new IronSum(),
            new HeatSum(),
            new TissueSum(),
            new CoatsSum(),
            new SizesSum(),
        ];

        return array_combine(array_map(static fn(Sum $sum): string => $sum->id(), $sums), $sums);
    }
}
