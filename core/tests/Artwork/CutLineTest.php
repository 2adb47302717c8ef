<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\CutEffort;
use Wubbin\Core\Artwork\CutLine;
use Wubbin\Core\Artwork\Mask;

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
        $line = CutLine::around(Shapes::disc(240, 100.0), 0.25, $margin);
        self::assertCount(1, $line->loops);
        self::assertEqualsWithDelta(2.0 * \M_PI * (25.0 + $margin), $line->lengthMm, 0.012 * $line->lengthMm);
        foreach ($line->loops[0] as [$x, $y]) {
            self::assertEqualsWithDelta(
                25.0 + $margin,
                hypot($x - 30.0, $y - 30.0),
                0.25,
                'within a pixel of the circle',
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
        $line = CutLine::around(
            Shapes::mask(100, 100, static fn(float $x, float $y): bool => abs($x - 50) <= 40 && abs($y - 50) <= 40),
            0.5,
            $margin,
        );
        self::assertEqualsWithDelta($length, $line->lengthMm, 0.015 * $length);
    }

    /** A star of 5 points between 10 and 30 mm has 10 edges of √(10² + 30² − 2·10·30·cos 36°) mm. */
    public function testRoundAStarItGoesIntoEveryHollow(): void
    {
        $line = CutLine::around(Shapes::star(260, 5, 40.0, 120.0), 0.25, 0.0);
        $edge = sqrt(10.0 ** 2 + 30.0 ** 2 - 2.0 * 10.0 * 30.0 * cos(deg2rad(36.0)));
        self::assertEqualsWithDelta(10.0 * $edge, $line->lengthMm, 0.03 * 10.0 * $edge);
        self::assertGreaterThanOrEqual(8, $line->corners);
    }

    public function testAHoleIsNotCutAndASpeckIsLeftOut(): void
    {
        $ring = Shapes::mask(
            200,
            200,
            static fn(float $x, float $y): bool => (hypot($x - 100, $y - 100) <= 80 &&
                hypot($x - 100, $y - 100) >= 50) ||
                hypot($x - 12, $y - 12) <= 2,
        );
        $line = CutLine::around($ring, 0.25, 0.0);
        self::assertCount(1, $line->loops);
        self::assertEqualsWithDelta(2.0 * \M_PI * 20.0, $line->lengthMm, 1.5);
    }

    public function testWhatLiesInAHoleComesAlongWithTheRing(): void
    {
        $target = Shapes::mask(
            200,
            200,
            static fn(float $x, float $y): bool => ($d = hypot($x - 100, $y - 100)) <= 20 || ($d >= 50 && $d <= 80),
        );
        $line = CutLine::around($target, 0.25, 1.0);
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
        self::assertCount(2, CutLine::around($two, 0.25, 1.0)->loops);
        // 40 pixels of 0.25 mm lie between them: from 5 mm on the margins meet.
        self::assertCount(1, CutLine::around($two, 0.25, 5.5)->loops);
    }

    public function testWhatIsTooIntricateGetsAnEasierLine(): void
    {
        $star = Shapes::star(320, 24, 100.0, 140.0);
        $line = CutLine::around($star, 0.25, 0.5);
        $easier = CutLine::easierAround($star, 0.25, 0.5);
        self::assertSame(CutEffort::Hard, $line->effort());
        self::assertLessThan($line->corners, $easier->corners);
        self::assertLessThan($line->lengthMm, $easier->lengthMm);
    }

    public function testTheEasierLineNeverCutsIntoThePicture(): void
    {
        $star = Shapes::star(160, 7, 30.0, 70.0);
        foreach (CutLine::easierAround($star, 0.5, 1.0)->loops[0] as [$x, $y]) {
            $pixel = (int) floor($y / 0.5) * 160 + (int) floor($x / 0.5);
            self::assertNotSame("\1", $x < 0.0 || $y < 0.0 || $x >= 80.0 || $y >= 80.0 ? "\0" : $star->set[$pixel]);
        }
    }

    public function testAroundNothingThereIsNoLine(): void
    {
        $line = CutLine::around(Mask::fromBits(5, 5, str_repeat("\0", 25)), 1.0, 2.0);
        self::assertSame([], $line->loops);
        self::assertSame(CutEffort::Easy, $line->effort());
    }
}
