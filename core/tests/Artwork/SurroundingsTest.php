<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Background;
use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\Ground;
use Wubbin\Core\Artwork\LabPlanes;
use Wubbin\Core\Artwork\Surroundings;

/** What a person would call a background: common practice, no source. */
final class SurroundingsTest extends TestCase
{
    private const WHITE = 'ffffffff';
    private const RED = 'c8102eff';
    private const BLUE = '1e4fd8ff';

    /** @return iterable<string, array{Bitmap, bool, Ground}> */
    public static function pictures(): iterable
    {
        $disc = static fn(string $ink, string $ground): Bitmap => Shapes::bitmap(
            120,
            100,
            static fn(int $x, int $y): string => hypot($x - 59.5, $y - 49.5) <= 35 ? $ink : $ground,
        );
        yield 'a logo on white' => [$disc(self::RED, self::WHITE), false, Ground::Plain];
        yield 'a thing cut out' => [$disc(self::RED, '00000000'), false, Ground::Clear];
        yield 'a thing on blue: nobody can tell' => [$disc(self::WHITE, self::BLUE), false, Ground::Unsure];
        yield 'a blue field that somebody drew' => [$disc(self::WHITE, self::BLUE), true, Ground::None];
        yield 'a white field that somebody drew' => [$disc(self::RED, self::WHITE), true, Ground::Unsure];
        yield from self::withoutBackground();
        yield from self::hardOnes();
        yield 'all white' => [$disc(self::WHITE, self::WHITE), false, Ground::None];
    }

    /** @return iterable<string, array{Bitmap, bool, Ground}> */
    private static function withoutBackground(): iterable
    {
        yield 'a flag of three stripes' => [
            Shapes::bitmap(
                120,
                90,
                static fn(int $x, int $y): string => [self::RED, self::WHITE, self::BLUE][intdiv($y, 30)],
            ),
            false,
            Ground::None,
        ];
        yield 'an icon with a frame' => [
            Shapes::bitmap(
                100,
                100,
                static fn(int $x, int $y): string => min($x, $y, 99 - $x, 99 - $y) < 4 ? '000000ff' : self::RED,
            ),
            false,
            Ground::None,
        ];
        yield 'a white frame' => [
            Shapes::bitmap(
                100,
                100,
                static fn(int $x, int $y): string => min($x, $y, 99 - $x, 99 - $y) < 4 ? self::WHITE : self::RED,
            ),
            false,
            Ground::None,
        ];
        yield 'a sky' => [
            Shapes::bitmap(
                120,
                90,
                static fn(int $x, int $y): string => $y > 60 && abs($x - 60) < 2 * ($y - 60)
                    ? '205020ff'
                    : sprintf('%02x%02xffff', 60 + 2 * $y, 120 + $y),
            ),
            false,
            Ground::None,
        ];
    }

    /** @return iterable<string, array{Bitmap, bool, Ground}> */
    private static function hardOnes(): iterable
    {
        yield 'a person on a white wall, cut off by the foot' => [
            Shapes::bitmap(
                120,
                90,
                static fn(int $x, int $y): string => hypot($x - 60, $y - 30) < 15 || ($y > 45 && abs($x - 60) < 30)
                    ? '805030ff'
                    : self::WHITE,
            ),
            false,
            Ground::Plain,
        ];
        yield 'squares painted where it looks clear' => [self::squares(), false, Ground::Checkered];
        yield 'white art on white' => [
            Shapes::bitmap(
                120,
                100,
                static fn(int $x, int $y): string => match (true) {
                    hypot($x - 60, $y - 50) > 40 => self::WHITE,
                    hypot($x - 60, $y - 50) < 8 => '000000ff',
                    // A pale thing whose edge is no step.
                    default => str_repeat(sprintf('%02x', (int) (255 - 2.0 * (40 - hypot($x - 60, $y - 50)))), 3) .
                        'ff',
                },
            ),
            false,
            Ground::Unsure,
        ];
    }

    #[DataProvider('pictures')]
    public function testItIsWhatAPersonWouldCallIt(Bitmap $bitmap, bool $drawn, Ground $ground): void
    {
        $lab = LabPlanes::of($bitmap);
        $told = Surroundings::of($bitmap, Background::fromBitmap($bitmap, lab: $lab), $lab, $drawn);
        self::assertSame($ground, $told->ground);
        self::assertSame(
            in_array($ground, [Ground::Plain, Ground::Unsure, Ground::Checkered], true),
            [] !== $told->colours,
        );
    }

    /** What is left when the squares are taken away is the thing. */
    public function testPaintedSquaresAreTakenAwayWhole(): void
    {
        $bitmap = self::squares();
        self::assertEqualsWithDelta(
            1.0 - (\M_PI * 900.0) / (128.0 * 96.0),
            Background::fromBitmap($bitmap)->mask->share(),
            0.01,
        );
    }

    private static function squares(): Bitmap
    {
        return Shapes::bitmap(
            128,
            96,
            static fn(int $x, int $y): string => match (true) {
                hypot($x - 64, $y - 48) < 30 => self::RED,
                0 === (intdiv($x, 8) + intdiv($y, 8)) % 2 => self::WHITE,
                default => 'ccccccff',
            },
        );
    }
}
