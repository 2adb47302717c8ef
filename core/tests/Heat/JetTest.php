<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\Jet;

final class JetTest extends TestCase
{
    public function testNothingChangesWhereItIsUsuallyHeld(): void
    {
        $jet = Jet::at(75.0, 75.0, 35.0);
        self::assertSame([1.0, 1.0], [$jet->warmth, $jet->coefficient]);
    }

    /** Warmth stays for six nozzle widths and halves from there to twelve (Incropera & DeWitt, 7.7.1, from memory). */
    #[TestWith([60.0, 1.0])]
    #[TestWith([210.0, 1.0])]
    #[TestWith([420.0, 0.5])]
    #[TestWith([840.0, 0.25])]
    public function testWarmthFallsBeyondItsCore(float $mm, float $left): void
    {
        self::assertEqualsWithDelta($left, Jet::at($mm, 75.0, 35.0)->warmth, 1e-9);
    }

    /**
     * Martin's equation at r/D = 2.5: 1/(1 + 0.04 (H/D − 6)), so that twelve widths give 0.84/1.24 of two (7.7.2, from
     * memory).
     */
    public function testTheCoefficientFollowsMartin(): void
    {
        self::assertEqualsWithDelta(0.84 / 1.24, Jet::at(480.0, 80.0, 40.0)->coefficient, 1e-9);
        self::assertSame(
            Jet::at(480.0, 80.0, 40.0)->coefficient,
            Jet::at(900.0, 80.0, 40.0)->coefficient,
            'beyond what it holds for it stays',
        );
    }
}
