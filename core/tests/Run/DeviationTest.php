<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Run;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Run\Deviation;

final class DeviationTest extends TestCase
{
    #[TestWith([18.0, 18.0, null])]
    #[TestWith([18.0, 19.9, null])]
    #[TestWith([18.0, 15.9, Deviation::Shorter])]
    #[TestWith([60.0, 66.0, null])]
    #[TestWith([60.0, 66.1, Deviation::Longer])]
    #[TestWith([300.0, 269.0, Deviation::Shorter])]
    #[TestWith([0.0, 2.1, Deviation::Longer])]
    public function testOnlyWhatHandsDoNotDoAnywayCounts(float $planned, float $taken, ?Deviation $expected): void
    {
        self::assertSame($expected, Deviation::fromSeconds($planned, $taken));
    }
}
