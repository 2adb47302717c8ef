<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Work;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Work\Lots;
use Wubbin\Core\Work\Places;

final class LotsTest extends TestCase
{
    /** @return iterable<string, array{int, int, list<int>}> pieces left, on a sheet, and the lots */
    public static function jobs(): iterable
    {
        yield 'nothing' => [0, 1, []];
        yield 'one' => [1, 12, [1]];
        yield 'what goes into one session' => [200, 12, [200]];
        yield 'a little more: whole sheets, and the rest' => [205, 12, [192, 13]];
        yield 'more than one session' => [433, 12, [192, 192, 49]];
        yield 'a sheet for each' => [401, 1, [200, 200, 1]];
        yield 'more on a sheet than a session has' => [500, 300, [200, 200, 100]];
    }

    /** @param list<int> $lots */
    #[DataProvider('jobs')]
    public function testALargeJobIsMadeInSessionsOfWholeSheets(int $left, int $aSheet, array $lots): void
    {
        self::assertSame($lots, Lots::of($left, $aSheet));
    }

    public function testTenThousandPieces(): void
    {
        $lots = Lots::of(10_000, 7);
        self::assertSame(10_000, array_sum($lots));
        self::assertLessThanOrEqual(Places::SESSION, max([0, ...$lots]));
        self::assertSame([196], array_values(array_unique(array_slice($lots, 0, -2))));
    }
}
