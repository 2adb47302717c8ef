<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\UnreadableQuantity;

final class DurationTest extends TestCase
{
    public function testTimesAddUp(): void
    {
        self::assertSame(90.0, Duration::seconds(60.0)->plus(Duration::seconds(30.0))->seconds);
        self::assertSame(72.0, Duration::seconds(18.0)->times(4)->seconds);
        self::assertSame(0.0, Duration::seconds(18.0)->times(0)->seconds);
    }

    #[TestWith([-3.0])]
    #[TestWith([\INF])]
    #[TestWith([\NAN])]
    public function testWhatCannotBeATimeIsRefused(float $seconds): void
    {
        $this->expectException(UnreadableQuantity::class);
        Duration::seconds($seconds);
    }

    /** Common practice, no source: nobody at a bench presses for 41 s. */
    public function testWhatWasWorkedOutIsSaidAsPeopleSayIt(): void
    {
        $spoken = static fn(float $s): float => Duration::seconds($s)->spoken()->seconds;
        self::assertSame([18.0, 40.0, 420.0, 660.0], array_map($spoken, [18.4, 41.0, 433.0, 662.0]));
    }
}
