<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Background;
use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\InkPlane;
use Wubbin\Core\Artwork\LabPlanes;
use Wubbin\Core\Artwork\Nature;
use Wubbin\Core\Artwork\Palette;
use Wubbin\Core\Artwork\Strokes;
use Wubbin\Core\Artwork\UpsideDown;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;

/** What is found out about pictures whose answers are known. */
final class ExaminationTest extends TestCase
{
    private const RED_DISC_ON_WHITE = 0.5027;

    public function testTheBackgroundIsWhatLooksLikeTheEdge(): void
    {
        $background = Background::fromBitmap(self::disc('c8102eff', 'ffffffff'));
        self::assertSame('#ffffff', $background->colours[0]->toHex());
        // A disc of radius 40 in a square of 100: π·40² of 10 000 pixels.
        self::assertEqualsWithDelta(1.0 - self::RED_DISC_ON_WHITE, $background->mask->share(), 0.005);
    }

    public function testNoiseOfTheBackgroundBelongsToIt(): void
    {
        mt_srand(5);
        $noisy = Shapes::bitmap(
            100,
            100,
            static fn(int $x, int $y): string => hypot($x - 49.5, $y - 49.5) <= 40
                ? '204060ff'
                : sprintf('%02x%02x%02xff', mt_rand(236, 255), mt_rand(236, 255), mt_rand(236, 255)),
        );
        self::assertEqualsWithDelta(0.4973, Background::fromBitmap($noisy)->mask->share(), 0.005);
    }

    public function testSpecksInTheBackgroundBelongToIt(): void
    {
        $specked = Shapes::bitmap(
            200,
            200,
            static fn(int $x, int $y): string => hypot($x - 99.5, $y - 99.5) <= 60 ||
            (0 === $x % 40 && 0 === $y % 40 && $x > 0 && $y > 0)
                ? '204060ff'
                : 'ffffffff',
        );
        self::assertEqualsWithDelta(
            1.0 - (\M_PI * 3600.0) / 40000.0,
            Background::fromBitmap($specked)->mask->share(),
            0.002,
        );
    }

    public function testTheDotOfAnIStays(): void
    {
        $i = Shapes::bitmap(
            200,
            200,
            static fn(int $x, int $y): string => ($x >= 90 && $x < 96 && $y > 60 && $y < 140) ||
            ($x >= 91 && $x < 94 && $y >= 50 && $y < 53)
                ? '000000ff'
                : 'ffffffff',
        );
        self::assertSame(6 * 79 + 9, Background::fromBitmap($i)->mask->inverse()->count());
    }

    public function testAnIslandStaysUnlessItIsAskedFor(): void
    {
        // A white eye within the red disc.
        $eye = Shapes::bitmap(
            100,
            100,
            static fn(int $x, int $y): string => match (true) {
                hypot($x - 49.5, $y - 49.5) <= 10 => 'ffffffff',
                hypot($x - 49.5, $y - 49.5) <= 40 => 'c8102eff',
                default => 'ffffffff',
            },
        );
        self::assertEqualsWithDelta(0.4973, Background::fromBitmap($eye)->mask->share(), 0.005);
        self::assertEqualsWithDelta(0.4973 + 0.0314, Background::fromBitmap($eye, islands: true)->mask->share(), 0.005);
    }

    /** A step of 10 in lightness is within a tolerance of 12 and outside one of 8. */
    #[TestWith([12.0, 0.9686])]
    #[TestWith([8.0, 0.4843])]
    public function testTheToleranceDecidesHowFarItReaches(float $tolerance, float $share): void
    {
        // L* 96.5 above and 86.5 below, in greys; the edge is mostly the lighter.
        $steps = Shapes::bitmap(
            100,
            100,
            static fn(int $x, int $y): string => match (true) {
                hypot($x - 49.5, $y - 49.5) <= 10 => '000000ff',
                default => $y < 50 ? 'f5f5f5ff' : 'd8d8d8ff',
            },
        );
        self::assertEqualsWithDelta($share, Background::fromBitmap($steps, $tolerance)->mask->share(), 0.01);
    }

    public function testAPictureThatGoesOnBeyondItsEdgeHasNone(): void
    {
        $all = Shapes::bitmap(
            64,
            64,
            static fn(int $x, int $y): string => sprintf('%02x%02x%02xff', $x * 4, $y * 4, ($x * 31 + $y * 17) % 256),
        );
        self::assertSame([], Background::fromBitmap($all)->colours);
        self::assertSame(0, Background::fromBitmap($all)->mask->count());
    }

    public function testWhatIsTransparentIsBackground(): void
    {
        $background = Background::fromBitmap(self::disc('c8102eff', '00000000'));
        self::assertSame([], $background->colours);
        self::assertEqualsWithDelta(1.0 - self::RED_DISC_ON_WHITE, $background->mask->share(), 0.005);
    }

    public function testAPreparedPictureKeepsWhatIsLeftOfItsEdge(): void
    {
        // Cut to what is visible, a black branch on clear ground touches the edge in black only.
        $branch = Shapes::bitmap(
            60,
            60,
            static fn(int $x, int $y): string => abs($x - $y) < 6 ? '000000ff' : '00000000',
        );
        self::assertSame([], Background::fromBitmap($branch)->colours);
        self::assertEqualsWithDelta(
            Background::fromBitmap($branch)->mask->share(),
            1.0 - $branch->opaque()->share(),
            1e-9,
        );
    }

    public function testThePaletteTellsColoursAndShares(): void
    {
        $flag = Shapes::bitmap(
            100,
            10,
            static fn(int $x): string => ['1f4d2bff', 'ffffffff', 'c8102eff'][$x < 50 ? 0 : ($x < 80 ? 1 : 2)],
        );
        $palette = Palette::fromBitmap($flag, $flag->opaque());
        self::assertSame(
            ['#1f4d2b', '#ffffff', '#c8102e'],
            array_map(static fn(array $one): string => $one[0]->toHex(), $palette->colours),
        );
        self::assertEqualsWithDelta(
            [0.5, 0.3, 0.2],
            array_map(static fn(array $one): float => $one[1], $palette->colours),
            1e-9,
        );
    }

    public function testAPhotographIsNoDrawing(): void
    {
        $photo = Shapes::bitmap(
            96,
            96,
            static fn(int $x, int $y): string => sprintf(
                '%02x%02x%02xff',
                ($x * 37 + $y * 5) % 256,
                ($y * 53) % 256,
                ($x * $y) % 256,
            ),
        );
        self::assertTrue(Nature::isPhotograph($photo, $photo->opaque()));
        $disc = self::disc('c8102eff', 'ffffffff');
        self::assertFalse(Nature::isPhotograph($disc, $disc->opaque()));
    }

    /**
     * A comb's teeth, to a quarter of a pixel.
     *
     * @param int<1, max> $tooth
     */
    #[TestWith([4])]
    #[TestWith([9])]
    #[TestWith([16])]
    public function testTheFinestLineOfACombIsItsTooth(int $tooth): void
    {
        self::assertEqualsWithDelta(
            $tooth / (24 * ($tooth + 20)),
            Strokes::of(Shapes::ink(Shapes::comb(24 * ($tooth + 20), $tooth, 20)))->finest() ?? 0.0,
            0.26 / (24 * ($tooth + 20)),
        );
    }

    public function testTheFinestLineOfARingIsItsThickness(): void
    {
        $ring = Shapes::mask(
            200,
            200,
            static fn(float $x, float $y): bool => abs(hypot($x - 100, $y - 100) - 70.0) <= 4.0,
        );
        self::assertEqualsWithDelta(8.0 / 200.0, Strokes::of(Shapes::ink($ring))->finest() ?? 0.0, 1.5 / 200.0);
    }

    public function testWhatIsFinerThanALineIsToldAsAShareOfTheInk(): void
    {
        // Ten lines of 3 pixels and one block of 90 × 100: 3000 of 12 000 pixels are fine.
        $mask = Shapes::mask(
            240,
            100,
            static fn(float $x, float $y): bool => $x < 90 || ($x > 100 && fmod($x - 100, 14) < 3 && $x < 240),
        );
        $strokes = Strokes::of(Shapes::ink($mask));
        self::assertEqualsWithDelta(3000.0 / 12000.0, $strokes->finerThan(6.0 / 240.0), 0.06);
        self::assertSame(0.0, $strokes->finerThan(2.0 / 240.0));
    }

    /** Half a pixel of black is a pixel of half grey: lines finer than a pixel are told by how much ink they have. */
    public function testALineFinerThanAPixelIsTold(): void
    {
        $grid = Shapes::bitmap(
            400,
            400,
            static fn(int $x, int $y): string => match (true) {
                0 === $x % 40 => '808080ff',
                $y > 360 => '000000ff',
                default => 'ffffffff',
            },
        );
        self::assertEqualsWithDelta(
            0.5 / 400.0,
            Strokes::of(InkPlane::fromBitmap($grid, Colour::rgb(255, 255, 255)))->finest() ?? 0.0,
            0.13 / 400.0,
        );
    }

    /** A square has corners, and no line. */
    public function testACornerIsNoLine(): void
    {
        $turned = Shapes::mask(
            300,
            300,
            static fn(float $x, float $y): bool => abs($x - 150) + abs($y - 150) <= 100 ||
                max(abs($x - 150), abs($y - 150)) <= 70,
        );
        self::assertNull(Strokes::of(Shapes::ink($turned))->finest());
    }

    public function testNothingHasNoFinestLine(): void
    {
        self::assertNull(Strokes::of(Shapes::ink(Shapes::mask(20, 20, static fn(): bool => false)))->finest());
    }

    public function testADiscReadsTheSameUpsideDownAndAnArrowDoesNot(): void
    {
        $disc = self::disc('c8102eff', 'ffffffff');
        self::assertGreaterThan(0.97, UpsideDown::likeness($disc, LabPlanes::of($disc)));
        $arrow = Shapes::bitmap(
            90,
            90,
            static fn(int $x, int $y): string => abs($x - 44.5) <= 45 - $y ? '000000ff' : 'ffffffff',
        );
        self::assertLessThan(UpsideDown::ALIKE, UpsideDown::likeness($arrow, LabPlanes::of($arrow)));
    }

    public function testPixelsMustFillThePicture(): void
    {
        $this->expectException(BadRecord::class);
        Bitmap::fromRgba(2, 2, 'abcd');
    }

    public function testASinglePixelIsAPicture(): void
    {
        $one = Bitmap::fromRgba(1, 1, "\x10\x20\x30\xff");
        self::assertSame(1.0, UpsideDown::likeness($one, LabPlanes::of($one)));
        self::assertSame(
            0.0,
            Background::fromBitmap($one)->mask->share(),
            'where nothing would be left there is no background',
        );
    }

    /** A disc of radius 40 in a square of 100. */
    private static function disc(string $ink, string $ground): Bitmap
    {
        return Shapes::bitmap(
            100,
            100,
            static fn(int $x, int $y): string => hypot($x - 49.5, $y - 49.5) <= 40 ? $ink : $ground,
        );
    }
}
