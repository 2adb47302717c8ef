<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Tests\Artwork\Shapes;
use Wubbin\Core\Tests\Orchard;

/** Checks that need the picture's own pixels. What the trade says of them is common practice, no source. */
final class LookChecksTest extends TestCase
{
    public function testABackgroundIsToldWithItsColourAndItsShare(): void
    {
        $check = self::check('picture.background', self::disc('c8102eff', 'ffffffff'));
        self::assertStringContainsString(
            '50 % of the picture is white background. Nothing is printed there',
            self::say($check),
        );
        self::assertStringContainsString(
            'Is the blue round it a background? It takes up 50 % of the picture, and is printed.',
            self::say(self::check('picture.background', self::disc('ffffffff', '1e4fd8ff'))),
        );
        self::assertNull(
            self::check(
                'picture.background',
                self::disc('ffffffff', '1e4fd8ff'),
                Orchard::edit(Orchard::job(), ['shows' => 'field']),
            ),
            'the person has answered',
        );
        self::assertNull(self::check('picture.background', self::disc('c8102eff', '00000000')));
    }

    /** A font that is not here, or pages that are left out: the ticket says so, not only whoever uploaded it. */
    public function testWhatOfItsFileWasNotTakenIsTold(): void
    {
        $picture = static fn(?string $note): Picture => Picture::fromFile(
            str_repeat('a', 64),
            'a.pdf',
            PictureKind::Vector,
            300.0,
            200.0,
            true,
            note: $note,
        );
        $check = Orchard::check(
            Orchard::plan(Orchard::job(), $picture('Only the first of its 3 pages is used.')),
            'picture.file',
        );
        self::assertSame(Severity::Note, $check?->severity);
        self::assertSame('Only the first of its 3 pages is used.', $check->message->text);
        self::assertNull(Orchard::check(Orchard::plan(Orchard::job(), $picture(null)), 'picture.file'));
    }

    public function testAWhitePictureIsToldToPrintNothing(): void
    {
        $check = self::check('picture.white', self::disc('ffffffff', '00000000'));
        self::assertSame(Severity::Warn, $check?->severity);
        self::assertNull(self::check('picture.white', self::disc('e8d8c0ff', '00000000')));
    }

    /** Over several sheets it is cut along the joins, and falls into their parts alone. */
    public function testAPictureOverSeveralSheetsIsNotToldToFallApart(): void
    {
        $two = Shapes::bitmap(
            200,
            200,
            static fn(int $x, int $y): string => hypot(($x % 100) - 50, $y - 100) <= 30 ? 'c8102eff' : '00000000',
        );
        $large = Orchard::edit(Orchard::job(), ['width' => '290 mm']);
        self::assertNotNull(Orchard::plan($large, Shapes::picture($two))->arrangement->tiling);
        self::assertNull(self::check('picture.parts', $two, $large));
        self::assertNotNull(self::check('picture.parts', $two, Orchard::edit($large, ['width' => '150 mm'])));
    }

    public function testOnOpaqueFilmWhatIsLeftStaysOnAsAPatch(): void
    {
        self::assertStringContainsString(
            'What you do not cut away stays on the piece',
            self::say(
                self::check('picture.background', self::disc('c8102eff', 'ffffffff'), Orchard::jobOf('dark-film')),
            ),
        );
    }

    /** A mono laser gives black: that is seen before printing. */
    public function testAPrinterWithBlackAloneIsTold(): void
    {
        $job = Orchard::edit(Orchard::jobOf('liner-fabric'), ['marking' => 'laser-mono']);
        self::assertNotNull(self::check('picture.greys', self::disc('c8102eff', 'ffffffff'), $job));
        self::assertNull(self::check('picture.greys', self::disc('202020ff', 'ffffffff'), $job));
        $colour = Orchard::edit(Orchard::jobOf('liner-fabric'), ['marking' => 'laser-colour']);
        self::assertNull(self::check('picture.greys', self::disc('c8102eff', 'ffffffff'), $colour));
    }

    /** Lines of 2 of 400 pixels are 0.2 mm on a picture of 40 mm; a liner holds 0.5 mm on wood. */
    public function testLinesFinerThanTheRouteHoldsAreWarnedOf(): void
    {
        $comb = self::lines(2, 400);
        $check = self::check('picture.lines', $comb, Orchard::jobOf('liner-wood', ['placement' => ['side_mm' => 40]]));
        self::assertSame(Severity::Warn, $check?->severity);
        self::assertStringContainsString('This route can show 0.5 mm', self::say($check));
        self::assertSame(
            Severity::Pass,
            self::check('picture.lines', $comb, Orchard::jobOf('toner-metal', ['placement' => ['side_mm' => 80]]))
                ?->severity,
            'metal holds tenths of a millimetre',
        );
    }

    public function testAFixMakesItLargeEnoughForItsLines(): void
    {
        $picture = self::lines(4, 400);
        $job = Orchard::jobOf('paper-wood', ['placement' => ['side_mm' => 90]]);
        $width = (float) (self::check('picture.lines', $picture, $job)->fix->changes['width'] ?? '0');
        // 4 of 400 pixels are 1 mm at 100 mm; a pixel less at most is seen, and then 134 mm are wanted.
        self::assertThat($width, self::logicalAnd(self::greaterThanOrEqual(100.0), self::lessThanOrEqual(134.0)));
        self::assertSame(
            Severity::Pass,
            self::check('picture.lines', $picture, Orchard::edit($job, ['width' => $width . ' mm']))?->severity,
        );
    }

    public function testAPhotographHasNoLinesToMeasure(): void
    {
        self::assertNull(
            self::check(
                'picture.lines',
                Shapes::bitmap(
                    80,
                    80,
                    static fn(int $x, int $y): string => sprintf(
                        '%02x%02x%02xff',
                        ($x * 37) % 256,
                        ($y * 53) % 256,
                        ($x * $y) % 256,
                    ),
                ),
            ),
        );
    }

    public function testAnIntricateOutlineIsSaidToBeHardToCut(): void
    {
        $star = Shapes::star(320, 24, 100.0, 140.0);
        $bitmap = Shapes::bitmap(
            320,
            320,
            static fn(int $x, int $y): string => "\1" === $star->set[$y * 320 + $x] ? '1f4d2bff' : '00000000',
        );
        self::assertStringContainsString(
            'hard to cut',
            self::say(
                self::check(
                    'picture.outline',
                    $bitmap,
                    Orchard::edit(Orchard::job(['placement' => ['side_mm' => 80]]), ['figure.trim' => '0 mm']),
                ),
            ),
        );
        self::assertNull(self::check('picture.outline', self::disc('1f4d2bff', '00000000')));
    }

    /** “High-contrast pictures and patterns that survive gaps”, for what is burnished onto wax. */
    public function testAPalePictureIsWarnedOfWhereGapsAreUsual(): void
    {
        $pale = self::disc('e8c9a0ff', '00000000');
        self::assertSame(
            Severity::Warn,
            self::check('picture.contrast', $pale, Orchard::jobOf('burnish-wax'))?->severity,
        );
        self::assertNull(
            self::check('picture.contrast', self::disc('222222ff', '00000000'), Orchard::jobOf('burnish-wax')),
        );
        self::assertNull(self::check('picture.contrast', $pale), 'film has no gaps');
    }

    public function testWhatReadsTheSameUpsideDownIsToBeMarked(): void
    {
        self::assertStringContainsString(
            'upside down',
            self::say(self::check('picture.upside-down', self::disc('1f4d2bff', '00000000'))),
        );
    }

    /** On a dark shirt clear film loses everything; on opaque film nothing. */
    public function testColoursThatAreLostOnTheClothAreToldInWords(): void
    {
        $picture = self::disc('c8102eff', '00000000');
        $check = self::check('picture.colours', $picture, Orchard::job(['blank' => ['colour' => '#111111']]));
        self::assertSame(Severity::Warn, $check?->severity);
        self::assertSame('On black: red vanishes. 100 % of the picture is lost.', self::say($check));
        $green = self::check('picture.colours', $picture, Orchard::job(['blank' => ['colour' => '#1f4d2b']]));
        self::assertSame('On dark green: red changes its look.', self::say($green));
        self::assertSame(Severity::Warn, $green?->severity, 'most of it is other than meant');
        self::assertNull(self::check('picture.colours', $picture, Orchard::jobOf('dark-film')));
        self::assertNull(self::check('picture.colours', $picture), 'on white nothing changes');
    }

    public function testTraitsSurviveTheirRecord(): void
    {
        $traits = Traits::of(self::disc('c8102eff', 'ffffffff'));
        $again = Traits::fromRecord(Record::of(json_decode((string) json_encode($traits->toRecord()), true)));
        self::assertSame(json_encode($traits->toRecord()), json_encode($again->toRecord()));
    }

    /** A disc of radius 40 of 100 on clear ground: at 240 mm wide the circle has 96 mm, and the margin more. */
    public function testTheCutLineKeepsTheMarginThatIsWanted(): void
    {
        $picture = Shapes::picture(self::disc('c8102eff', '00000000'));
        foreach ([[240.0, 3.0], [240.0, 15.0], [240.0, 1.0], [80.0, 2.0]] as [$width, $margin]) {
            $radius = $picture->cutLine(Size::mm($width, $width), $margin)->lengthMm / (2.0 * \M_PI);
            self::assertThat(
                $radius - 0.4 * $width - $margin,
                self::logicalAnd(self::greaterThan(-0.1), self::lessThan(0.5 + $width / 100.0)),
                'a pixel of the drawing more',
            );
        }
    }

    /** A background that is still there is printed, so it is cut along its frame and counts as ink. */
    public function testABackgroundIsNotGoneBeforeItIsTakenAway(): void
    {
        $there = Shapes::picture(self::disc('c8102eff', '1e4fd8ff'));
        self::assertEqualsWithDelta(4.0 * 106.0, $there->cutLine(Size::mm(100.0, 100.0), 3.0)->lengthMm, 0.01);
        $gone = Shapes::picture(self::disc('c8102eff', '00000000'));
        self::assertGreaterThan(1.5 * ($gone->traits?->coverage(true) ?? 0.0), $there->traits?->coverage(true) ?? 0.0);
    }

    /** Nothing places loose parts: they are counted, and one cut round all of them is offered. */
    public function testPartsThatFallApartAreCounted(): void
    {
        $two = Shapes::bitmap(
            200,
            100,
            static fn(int $x, int $y): string => hypot(($x % 100) - 50, $y - 50) <= 30 ? 'c8102eff' : '00000000',
        );
        $check = self::check('picture.parts', $two);
        self::assertStringContainsString('it falls into 2 loose parts', self::say($check));
        self::assertSame(['cut' => 'whole'], $check?->fix?->changes);
        $whole = Orchard::edit(Orchard::job(), ['cut' => 'whole']);
        self::assertNull(self::check('picture.parts', $two, $whole));
        $lines = Orchard::plan($whole, Shapes::picture($two))->arrangement->sheet->marks[0]->lines ?? [];
        self::assertCount(1, $lines);
        $frame = Orchard::edit(Orchard::job(), ['cut' => 'frame']);
        self::assertSame([], Orchard::plan($frame, Shapes::picture($two))->arrangement->sheet->marks[0]->lines ?? null);
    }

    /**
     * A picture on clear ground is cut along its outline, mirrored as its sheet is; one that fills its rectangle along
     * that.
     */
    public function testTheSheetIsTrimmedAlongTheOutline(): void
    {
        $half = Shapes::bitmap(
            200,
            100,
            static fn(int $x, int $y): string => hypot($x - 50, $y - 50) <= 40 ? 'c8102eff' : '00000000',
        );
        $sheet = self::planOf($half)->arrangement->sheet;
        self::assertNotNull($sheet);
        $lines = $sheet->marks[0]->lines;
        self::assertCount(1, $lines);
        $middle = (min(array_column($lines[0], 0)) + max(array_column($lines[0], 0))) / 2.0;
        self::assertTrue($sheet->mirrored);
        self::assertEqualsWithDelta(
            $sheet->picture->right() - 60.0,
            $middle,
            1.0,
            'what is left on the picture is right on its sheet',
        );
        $hinged = Orchard::plan(Orchard::jobOf('paper-wood'), Shapes::picture($half));
        $tabbed = Contour::box($hinged->arrangement->sheet->marks[0]->lines[0] ?? [[0.0, 0.0]]);
        self::assertEqualsWithDelta(
            33.0,
            ($hinged->arrangement->sheet->picture->yMm ?? 0.0) + (180.0 * 10.0) / 200.0 - $tabbed->yMm,
            1.2,
            'a tab of 30 mm for tape stands above the outline, which lies 3 mm off the picture',
        );
        $full = Shapes::bitmap(200, 100, static fn(): string => 'c8102eff');
        self::assertSame([], self::planOf($full)->arrangement->sheet->marks[0]->lines ?? null);
    }

    /** Scissors go 15 mm a second: 2π · 99 mm round the disc, and 20 s to take it up and down. */
    public function testCuttingTakesAsLongAsItsLine(): void
    {
        $cut = static fn(Bitmap $bitmap): float => array_values(
            array_filter(self::planOf($bitmap)->steps, static fn(Step $step): bool => StepKind::Cut === $step->kind),
        )[0]->duration->seconds;
        $disc = $cut(self::disc('c8102eff', '00000000'));
        self::assertEqualsWithDelta(20.0 + (2.0 * \M_PI * 99.0) / 15.0, $disc, 1.0);
        self::assertGreaterThan($disc, $cut(Shapes::bitmap(100, 100, static fn(): string => 'c8102eff')));
    }

    private static function planOf(Bitmap $bitmap): TransferPlan
    {
        return Orchard::plan(null, Shapes::picture($bitmap));
    }

    private static function check(string $id, Bitmap $bitmap, ?Job $job = null): ?Check
    {
        $picture = Shapes::picture($bitmap);

        return Orchard::check(Orchard::plan($job, $picture), $id);
    }

    private static function say(?Check $check): string
    {
        return null === $check ? '' : (new UnitFormat())->phrase($check->message);
    }

    private static function disc(string $ink, string $ground): Bitmap
    {
        return Shapes::bitmap(
            100,
            100,
            static fn(int $x, int $y): string => hypot($x - 49.5, $y - 49.5) <= 40 ? $ink : $ground,
        );
    }

    /** Black upright lines of a thickness, far apart, beside a block. */
    private static function lines(int $thick, int $size): Bitmap
    {
        return Shapes::bitmap(
            $size,
            $size,
            static fn(int $x, int $y): string => $x > 10 &&
            $y > 10 &&
            $y < $size - 10 &&
            ($x < 60 || ($x > 80 && $x % 20 < $thick))
                ? '111111ff'
                : 'ffffffff',
        );
    }
}
