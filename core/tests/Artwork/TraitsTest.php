<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\Palette;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;

/** Pictures at the ends of what there is: nothing falls over, and what is told makes sense. */
final class TraitsTest extends TestCase
{
    /** @return iterable<string, array{Bitmap}> */
    public static function odd(): iterable
    {
        yield 'one pixel' => [Bitmap::fromRgba(1, 1, "\x10\x20\x30\xff")];
        yield 'one transparent pixel' => [Bitmap::fromRgba(1, 1, "\0\0\0\0")];
        yield 'all white' => [Shapes::bitmap(40, 30, static fn(): string => 'ffffffff')];
        yield 'all transparent' => [Shapes::bitmap(40, 30, static fn(): string => '00000000')];
        yield 'a panorama' => [Shapes::bitmap(512, 5, static fn(int $x): string => sprintf('%02x8040ff', $x % 256))];
        yield 'a pole' => [
            Shapes::bitmap(3, 300, static fn(int $x, int $y): string => 1 === $y % 2 ? '000000ff' : 'ffffffff'),
        ];
        yield 'a checkerboard' => [
            Shapes::bitmap(64, 64, static fn(int $x, int $y): string => 1 === ($x + $y) % 2 ? '000000ff' : 'ffffffff'),
        ];
        yield 'half a pixel of alpha' => [
            Shapes::bitmap(20, 20, static fn(int $x): string => sprintf('c8102e%02x', $x * 13)),
        ];
    }

    #[DataProvider('odd')]
    public function testEveryPictureIsExamined(Bitmap $bitmap): void
    {
        $traits = Traits::of($bitmap);
        self::assertThat(
            $traits->surroundings->share,
            self::logicalAnd(self::greaterThanOrEqual(0.0), self::lessThanOrEqual(1.0)),
        );
        self::assertThat(
            $traits->upsideDown,
            self::logicalAnd(self::greaterThanOrEqual(0.0), self::lessThanOrEqual(1.0)),
        );
        self::assertLessThanOrEqual(
            1.0 + 1e-9,
            array_sum(array_map(static fn(array $one): float => $one[1], $traits->palette->colours)),
        );
        self::assertGreaterThanOrEqual(0.0, Shapes::picture($bitmap)->cutLine(Size::mm(100.0, 80.0), 3.0)->lengthMm);
    }

    #[DataProvider('odd')]
    public function testEveryExaminationSurvivesItsRecord(Bitmap $bitmap): void
    {
        $record = Traits::of($bitmap)->toRecord();
        self::assertSame(
            json_encode($record),
            json_encode(Traits::fromRecord(Record::of(json_decode((string) json_encode($record), true)))->toRecord()),
        );
    }

    public function testAPictureThatFillsItsRectangleIsCutAlongThat(): void
    {
        $line = Shapes::picture(
            Shapes::bitmap(60, 30, static fn(int $x, int $y): string => sprintf('%02x%02x40ff', $x * 4, $y * 8)),
        )->cutLine(Size::mm(100.0, 50.0), 3.0);
        self::assertEqualsWithDelta(324.0, $line->lengthMm, 0.01);
        self::assertSame(4, $line->corners);
    }

    /** What an older look found is not taken for what one finds now. */
    public function testAnOlderLookIsNoneAnyMore(): void
    {
        $picture = Shapes::picture(Bitmap::fromRgba(1, 1, "\x10\x20\x30\xff"))->toRecord();
        $older = json_decode(
            (string) json_encode(['traits' => ['edition' => 1] + (array) $picture['traits']] + $picture),
            true,
        );
        self::assertNull(Picture::fromRecord(Record::of($older))->traits);
    }

    /** WCAG: black on white is 21 to 1; a picture of white alone stands out from nothing. */
    public function testContrastIsAgainstThePaper(): void
    {
        $of = static fn(string $hex): float => Palette::ofColours([[Colour::hex($hex), 1.0]])->contrast();
        self::assertEqualsWithDelta(21.0, $of('#000000'), 1e-9);
        self::assertEqualsWithDelta(1.0, $of('#ffffff'), 1e-9);
        self::assertEqualsWithDelta(Colour::hex('#777777')->contrastWith(Colour::hex('#ffffff')), $of('#777777'), 1e-9);
    }

    public function testASpeckDoesNotMakeThePicturesContrast(): void
    {
        self::assertLessThan(
            2.0,
            Palette::ofColours([[Colour::hex('#e8d8c0'), 0.98], [Colour::hex('#000000'), 0.02]])->contrast(),
        );
    }
}
