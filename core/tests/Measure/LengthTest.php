<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\UnreadableQuantity;

final class LengthTest extends TestCase
{
    /** Source: international yard and pound agreement of 1959, 1 in = 25.4 mm exactly (from memory). */
    public function testAnInchIsExactly254Tenths(): void
    {
        self::assertSame(25.4, Length::inches(1.0)->mm);
        self::assertSame(1.0, Length::mm(25.4)->inInches());
        self::assertEqualsWithDelta(36.0 * 25.4, Length::inches(36.0)->mm, 1e-12);
    }

    public function testAnOffsetMayBeNegative(): void
    {
        self::assertSame(-5.0, Length::mm(-5.0)->mm);
    }

    public function testEndlessLengthsAreRefused(): void
    {
        $this->expectException(UnreadableQuantity::class);
        Length::mm(\INF);
    }
}
