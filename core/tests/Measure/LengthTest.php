<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnreadableQuantity;

final class LengthTest extends TestCase
{
    /** Source: international yard and pound agreement of 1959, 1 in = 25.4 mm exactly (from memory). */
    public function testAnInchIsExactly254Tenths(): void
    {
        $parser = new QuantityParser();
        self::assertSame(25.4, $parser->length('1 in')->mm);
        self::assertEqualsWithDelta(36.0 * 25.4, $parser->length('36 in')->mm, 1e-12);
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
