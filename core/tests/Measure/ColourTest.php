<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\UnreadableQuantity;

final class ColourTest extends TestCase
{
    /**
     * Luminance: Y row of the sRGB matrix, IEC 61966-2-1. Lightness: CIE L* of the sRGB primaries under D65 as
     * colour tables give them (from memory).
     *
     * @return iterable<string, array{string, float, float}>
     */
    public static function colours(): iterable
    {
        yield 'black' => ['#000000', 0.0, 0.0];
        yield 'white' => ['#ffffff', 1.0, 100.0];
        yield 'red' => ['#ff0000', 0.2126, 53.24];
        yield 'green' => ['#00ff00', 0.7152, 87.73];
        yield 'blue' => ['#0000ff', 0.0722, 32.3];
        yield 'mid grey' => ['#777777', 0.1845, 50.03];
    }

    #[DataProvider('colours')]
    public function testLuminanceAndLightness(string $hex, float $luminance, float $lightness): void
    {
        $colour = Colour::hex($hex);
        self::assertEqualsWithDelta($luminance, $colour->luminance(), 5e-4);
        self::assertEqualsWithDelta($lightness, $colour->lightness(), 0.02);
        self::assertSame($hex, $colour->toHex());
    }

    #[TestWith(['green'])]
    #[TestWith(['#12345'])]
    #[TestWith(['#12345g'])]
    #[TestWith(['123456'])]
    public function testWhatIsNoColourIsRefused(string $hex): void
    {
        $this->expectException(UnreadableQuantity::class);
        Colour::hex($hex);
    }
}
