<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Heat;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\Comparison;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Heat\Quench;
use Wubbin\Core\Heat\Sweep;
use Wubbin\Core\Tests\Orchard;

final class ComparisonTest extends TestCase
{
    private static function case(string $route): HeatCase
    {
        return Orchard::plan(Orchard::jobOf($route))->heatCase ?? throw new \LogicException('It is heated.');
    }

    /**
     * Common practice, no source: with a gun the time in which it holds and is not yet spoilt is short, with a dryer it
     * is wide.
     */
    public function testSourcesOnACandleAreCompared(): void
    {
        $windows = array_column(
            Comparison::forCase(self::case('tissue-wax'), Orchard::catalogue()->heat->parameters)->windows,
            null,
            'way',
        );
        $wide = static fn(string $way): float => ($windows[$way]['latest_s'] ?? \INF) -
            ($windows[$way]['earliest_s'] ?? 0.0);
        self::assertGreaterThan(2.0 * $wide('heat gun, moving'), $wide('hair dryer'));
        self::assertArrayHasKey('warmed spoon', $windows);
        self::assertGreaterThan(
            $windows['heat gun, moving']['earliest_s'],
            $windows['heat gun on low, moving']['earliest_s'],
        );
    }

    /** Common practice, no source: never the ironing board. */
    public function testAnIroningBoardWantsLongerThanAWoodBoard(): void
    {
        $windows = array_column(
            Comparison::forCase(self::case('light-film'), Orchard::catalogue()->heat->parameters)->windows,
            'earliest_s',
            'way',
        );
        self::assertGreaterThan($windows['wood board'], $windows['ironing board']);
    }

    /** Common practice, no source: cold straight away cracks a mug, hot first and then cold does not. */
    public function testColdWaterPullsAMugHarderThanHotFirst(): void
    {
        [$cold, $hot, $then] = Comparison::forCase(
            self::case('laser-ceramic'),
            Orchard::catalogue()->heat->parameters,
        )->quenches;
        self::assertGreaterThan(1.25 * $hot->stressMpa, $cold->stressMpa);
        self::assertGreaterThan($then->stressMpa, $hot->stressMpa);
        // At the ends of what is assumed it cracks.
        $cracks = 0;
        for ($seed = 1; $seed <= 40; ++$seed) {
            $cracks += Quench::forWay(
                'cold',
                4.5,
                182.0,
                12.0,
                Orchard::catalogue()->heat->parameters,
                Draw::seeded($seed),
            )->cracks()
                ? 1
                : 0;
        }
        self::assertGreaterThan(4, $cracks);
    }

    /** A wall whose whole skin were at once as cold as the water is pulled by E·α·ΔT/(1 − ν): no quench is worse. */
    public function testNoQuenchIsWorseThanTheSuddenOne(): void
    {
        $parameters = Orchard::catalogue()->heat->parameters;
        $of = static fn(string $id): float => $parameters->of('quench.' . $id)->middle;
        $worst = ($of('modulus_gpa') * 1000.0 * $of('expansion_ppm') * 1.0e-6 * 170.0) / (1.0 - $of('poisson'));
        $stress = Quench::forWay('cold', 4.5, 182.0, 12.0, $parameters, Draw::middles())->stressMpa;
        self::assertLessThan($worst, $stress);
        self::assertGreaterThan(0.2 * $worst, $stress);
    }

    public function testHotterHoldsSooner(): void
    {
        $points = Sweep::forCase(self::case('light-film'), Orchard::catalogue()->heat->parameters)->points;
        $earliest = array_values(array_filter(array_column($points, 'earliest_s'), is_float(...)));
        $sorted = $earliest;
        rsort($sorted);
        self::assertSame($sorted, $earliest);
        self::assertNull($points[0]['earliest_s'], 'at its coolest it never bonds');
        self::assertNotNull($points[count($points) - 1]['latest_s'], 'at its hottest something yellows');
    }
}
