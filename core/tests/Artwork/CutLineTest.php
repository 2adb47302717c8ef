<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\CutEffort;
use Wubbin\Core\Artwork\CutLine;
use Wubbin\Core\Artwork\Mask;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\SelfCrossing;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Tests\Slice;

/** Outlines of shapes whose lengths are known: elementary geometry. */
final class CutLineTest extends TestCase
{
    /** Round a disc the line is a circle of the radius and the margin: 2π(r + m). */
    #[TestWith([0.0])]
    #[TestWith([1.0])]
    #[TestWith([3.0])]
    #[TestWith([7.5])]
    public function testRoundADiscItIsACircle(float $margin): void
    {
        $line = self::around(Shapes::disc(240, 100.0), 0.25, $margin);
        self::assertCount(1, $line->loops);
        self::assertEqualsWithDelta(2.0 * \M_PI * (25.0 + $margin), $line->lengthMm, 2.0 * \M_PI * 0.5);
        foreach ($line->loops[0] as [$x, $y]) {
            self::assertEqualsWithDelta(
                25.0 + $margin,
                hypot($x - 30.0, $y - 30.0),
                0.35,
                'at the margin, and no more than a column farther out',
            );
        }
        self::assertSame(0, $line->corners);
        self::assertSame(CutEffort::Easy, $line->effort());
    }

    /** Round a square the sides stay and the corners become quarter circles: 4a + 2πm. */
    #[TestWith([0.0, 160.0])]
    #[TestWith([4.0, 185.13])]
    public function testRoundASquareTheCornersAreRounded(float $margin, float $length): void
    {
        $line = self::around(
            Shapes::mask(100, 100, static fn(float $x, float $y): bool => abs($x - 50) <= 40 && abs($y - 50) <= 40),
            0.5,
            $margin,
        );
        self::assertEqualsWithDelta($length, $line->lengthMm, 0.015 * $length);
    }

    /** A star of 5 points between 10 and 30 mm has 10 edges of √(10² + 30² − 2·10·30·cos 36°) mm. */
    public function testRoundAStarItGoesIntoEveryHollow(): void
    {
        $line = self::around(Shapes::star(260, 5, 40.0, 120.0), 0.25, 0.0);
        $edge = sqrt(10.0 ** 2 + 30.0 ** 2 - 2.0 * 10.0 * 30.0 * cos(deg2rad(36.0)));
        self::assertEqualsWithDelta(10.0 * $edge, $line->lengthMm, 0.03 * 10.0 * $edge);
        self::assertGreaterThanOrEqual(8, $line->corners);
    }

    public function testAHoleIsNotCutAndASpeckIsAPartOfItsOwn(): void
    {
        $ring = Shapes::mask(
            200,
            200,
            static fn(float $x, float $y): bool => (hypot($x - 100, $y - 100) <= 80 &&
                hypot($x - 100, $y - 100) >= 50) ||
                hypot($x - 12, $y - 12) <= 2,
        );
        $line = self::around($ring, 0.25, 0.0);
        self::assertSame(2, $line->parts());
        self::assertEqualsWithDelta(2.0 * \M_PI * (20.0 + 0.5), $line->lengthMm, 2.6);
    }

    public function testWhatLiesInAHoleComesAlongWithTheRing(): void
    {
        $target = Shapes::mask(
            200,
            200,
            static fn(float $x, float $y): bool => ($d = hypot($x - 100, $y - 100)) <= 20 || ($d >= 50 && $d <= 80),
        );
        $line = self::around($target, 0.25, 1.0);
        self::assertCount(1, $line->loops);
        self::assertEqualsWithDelta(2.0 * \M_PI * 21.0, $line->lengthMm, 2.0);
    }

    public function testPartsThatLieApartAreCutApartUntilTheMarginJoinsThem(): void
    {
        $two = Shapes::mask(
            200,
            100,
            static fn(float $x, float $y): bool => hypot($x - 50, $y - 50) <= 30 || hypot($x - 150, $y - 50) <= 30,
        );
        self::assertCount(2, self::around($two, 0.25, 1.0)->loops);
        // 40 pixels of 0.25 mm lie between them: from 5 mm on the margins meet.
        self::assertCount(1, self::around($two, 0.25, 5.5)->loops);
    }

    public function testWhatIsTooIntricateGetsAnEasierLine(): void
    {
        $star = Shapes::star(320, 24, 100.0, 140.0);
        $line = self::around($star, 0.25, 0.5);
        $easier = self::easier($star, 0.25, 0.5);
        self::assertSame(CutEffort::Hard, $line->effort());
        self::assertLessThan($line->corners, $easier->corners);
        self::assertLessThan($line->lengthMm, $easier->lengthMm);
    }

    public function testTheEasierLineNeverCutsIntoThePicture(): void
    {
        $star = Shapes::star(160, 7, 30.0, 70.0);
        foreach (self::easier($star, 0.5, 1.0)->loops[0] as [$x, $y]) {
            $pixel = (int) floor($y / 0.5) * 160 + (int) floor($x / 0.5);
            self::assertNotSame("\1", $x < 0.0 || $y < 0.0 || $x >= 80.0 || $y >= 80.0 ? "\0" : $star->set[$pixel]);
        }
    }

    /** Nothing of the picture lies outside, nor nearer to the line than the margin less a tenth. */
    #[TestWith([0.0])]
    #[TestWith([2.0])]
    #[TestWith([5.0])]
    public function testTheMarginIsKeptAtEverySize(float $margin): void
    {
        $star = Shapes::star(400, 9, 60.0, 180.0);
        foreach (Slice::of([40.0, 90.0, 260.0], 3) as $width) {
            $line = CutLine::around(new DrawnCoverage($star), Size::mm($width, $width), $margin);
            self::assertNull(SelfCrossing::of($line->loops[0]));
            $mm = $width / 400.0;
            $least = \INF;
            for ($i = 0; $i < 400 * 400; $i += 7) {
                if ("\1" === $star->set[$i]) {
                    $least = min($least, Contour::distance($line->loops[0], [($i % 400) * $mm, intdiv($i, 400) * $mm]));
                }
            }
            self::assertGreaterThan($margin - 0.1 - $mm, $least, 'a pixel more, as it is measured from pixels');
        }
    }

    public function testLoosePartsAreCountedAndACordHoldsThemTogether(): void
    {
        $three = Shapes::mask(
            300,
            100,
            static fn(float $x, float $y): bool => hypot(fmod($x, 100.0) - 50, $y - 50) <= 30,
        );
        $line = self::around($three, 0.25, 1.0);
        self::assertSame(3, $line->parts());
        $whole = $line->onceRound();
        self::assertSame(1, $whole->parts());
        // Two straight sides of 50 mm, and a circle of 8.5 mm in all.
        self::assertEqualsWithDelta(100.0 + 2.0 * \M_PI * 8.5, $whole->lengthMm, 2.0);
        foreach ($line->loops as $loop) {
            foreach ($loop as $point) {
                self::assertTrue(
                    Contour::holds($whole->loops[0], $point) || Contour::distance($whole->loops[0], $point) < 0.01,
                );
            }
        }
    }

    /** A frame has its margin on every side: 2(a + b) + 8m. */
    public function testAFrameIsCutAlongItself(): void
    {
        $line = CutLine::alongFrame(Size::mm(100.0, 50.0), 3.0);
        self::assertEqualsWithDelta(324.0, $line->lengthMm, 1e-9);
        self::assertSame(4, $line->corners);
    }

    /** Wider than half a metre there are too many points: they are fewer, and the line is still there. */
    public function testABannerIsMeasuredMoreCoarsely(): void
    {
        $line = CutLine::around(new DrawnCoverage(Shapes::disc(100, 40.0)), Size::mm(2000.0, 2000.0), 5.0);
        self::assertEqualsWithDelta(2.0 * \M_PI * 805.0, $line->lengthMm, 0.03 * $line->lengthMm);
    }

    private static function around(Mask $seen, float $mm, float $margin): CutLine
    {
        return CutLine::around(new DrawnCoverage($seen), Size::mm($seen->width * $mm, $seen->height * $mm), $margin);
    }

    private static function easier(Mask $seen, float $mm, float $margin): CutLine
    {
        return CutLine::easierAround(
            new DrawnCoverage($seen),
            Size::mm($seen->width * $mm, $seen->height * $mm),
            $margin,
        );
    }

    public function testAroundNothingThereIsNoLine(): void
    {
        $line = self::around(Mask::fromBits(5, 5, str_repeat("\0", 25)), 1.0, 2.0);
        self::assertSame([], $line->loops);
        self::assertSame(CutEffort::Easy, $line->effort());
    }
}
