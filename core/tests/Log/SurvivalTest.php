<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Log;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Log\Survival;

final class SurvivalTest extends TestCase
{
    /**
     * The worked example of the product-limit estimate in textbooks: 21 patients on 6-MP in weeks of remission
     * (Freireich and others, 1963; as in Kleinbaum & Klein, Survival Analysis, chapter 2, from memory).
     */
    public function testTheTextbooksExample(): void
    {
        $seen = [];
        foreach ([6, 6, 6, 7, 10, 13, 16, 22, 23] as $week) {
            $seen[] = [$week, true];
        }
        foreach ([6, 9, 10, 11, 17, 19, 20, 25, 32, 32, 34, 35] as $week) {
            $seen[] = [$week, false];
        }
        $survival = Survival::of($seen);
        self::assertSame([6, 7, 10, 13, 16, 22, 23], array_column($survival->steps, 'washes'));
        self::assertSame([21, 17, 15, 12, 11, 7, 6], array_column($survival->steps, 'at_risk'));
        foreach ([0.8571, 0.8067, 0.7529, 0.6902, 0.6275, 0.5378, 0.4482] as $n => $share) {
            self::assertEqualsWithDelta($share, $survival->steps[$n]['share'], 5e-5);
        }
        self::assertEqualsWithDelta(0.7529, $survival->after(12), 5e-5);
        self::assertSame([21, 9], [$survival->pieces, $survival->failed]);
        self::assertFalse($survival->jsonSerialize()['few']);
        self::assertTrue(Survival::of([[3, true]])->jsonSerialize()['few']);
    }

    public function testPiecesStillInUseCountAsLongAsTheyWereWatched(): void
    {
        $watched = Survival::of([[2, true], [10, false], [10, false]]);
        $dropped = Survival::of([[2, true], [1, false], [1, false]]);
        self::assertEqualsWithDelta(2.0 / 3.0, $watched->after(5), 1e-12);
        self::assertSame(0.0, $dropped->after(5), 'of those watched that long none is left');
    }

    public function testNobodyLookedAgain(): void
    {
        self::assertSame([], Survival::of([])->steps);
        self::assertSame(1.0, Survival::of([[3, false]])->after(3));
    }
}
