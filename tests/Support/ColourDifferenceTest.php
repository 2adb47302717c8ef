<?php

declare(strict_types=1);

namespace Wubbin\Tests\Support;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ColourDifferenceTest extends TestCase
{
    /**
     * Source: Sharma, Wu and Dalal, “The CIEDE2000 color-difference formula”, table 1 (from memory).
     *
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     */
    #[TestWith([[50.0, 2.6772, -79.7751], [50.0, 0.0, -82.7485], 2.0425])]
    #[TestWith([[50.0, -1.3802, -84.2814], [50.0, 0.0, -82.7485], 1.0])]
    #[TestWith([[50.0, 2.5, 0.0], [50.0, 0.0, -2.5], 4.3065])]
    #[TestWith([[50.0, 2.5, 0.0], [73.0, 25.0, -18.0], 27.1492])]
    #[TestWith([[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644])]
    #[TestWith([[2.0776, 0.0795, -1.135], [0.9033, -0.0636, -0.5514], 0.9082])]
    public function testPublishedPairs(array $one, array $other, float $difference): void
    {
        self::assertEqualsWithDelta($difference, ColourDifference::ofLab($one, $other), 1e-4);
    }
}
