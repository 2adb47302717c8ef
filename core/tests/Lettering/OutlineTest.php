<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Lettering;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Lettering\Outline;
use Wubbin\Core\Measure\Contour;

final class OutlineTest extends TestCase
{
    public function testAPathIsReadAndWritten(): void
    {
        $path = 'M0 0L10 0Q15 5 10 10C8 12 2 12 0 10Z';
        self::assertSame($path, Outline::fromPath($path)->path());
        self::assertSame('M1 2L21 2', Outline::fromPath('M0,0 L10,0')->at(2.0, 1.0, 2.0)->path());
    }

    /** Four cubic curves with 0.5523 are a circle to 0.03 % (handbook value): its box, and its area. */
    public function testCurvesAreFollowedToTheirTrueReach(): void
    {
        $k = 0.5522847;
        $circle = Outline::fromPath(
            "M1 0C1 {$k} {$k} 1 0 1C-{$k} 1 -1 {$k} -1 0C-1 -{$k} -{$k} -1 0 -1C{$k} -1 1 -{$k} 1 0Z",
        );
        $box = $circle->box();
        self::assertEqualsWithDelta(
            [-1.0, -1.0, 2.0, 2.0],
            [$box?->xMm, $box?->yMm, $box?->size->widthMm, $box?->size->heightMm],
            0.003,
        );
        self::assertEqualsWithDelta(\M_PI, abs(Contour::area($circle->loops(1e-4)[0])), 0.003);
    }

    public function testSeveralLoopsStayApart(): void
    {
        $two = Outline::joined([Outline::fromPath('M0 0L1 0L1 1Z'), Outline::fromPath('M5 5L6 5L6 6Z')]);
        self::assertCount(2, $two->loops(0.1));
        self::assertNull(Outline::nothing()->box());
    }
}
