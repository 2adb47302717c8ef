<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Pattern;
use Wubbin\Core\Blank\PatternKind;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\RefusedEdit;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Sheet\MarkKind;
use Wubbin\Core\Tests\Artwork\Shapes;
use Wubbin\Core\Tests\Orchard;

/** Where a picture lies on its blank: pockets, holes, traced edges, sleeves, alignment. */
final class PlaceChecksTest extends TestCase
{
    /** @param array<string, mixed> $placement */
    private static function on(
        BlankSize $size,
        string $kind,
        array $placement,
        string $route = 'light-film',
    ): TransferPlan {
        $planner = new Planner(Orchard::catalogue()->withSizes([$size->id => $size]));
        $job = Orchard::jobOf($route, ['blank' => ['kind' => $kind, 'size' => $size->id], 'placement' => $placement]);

        return $planner->plan($job, Orchard::shelf(), Orchard::pictures(), new House())->transfers[0];
    }

    private static function pocketed(): BlankSize
    {
        return Orchard::catalogue()->blanks['shirt']->sizes['M']->copiedAs(
            Record::of([
                'id' => 'own',
                'label' => 'Ours',
                'chest_mm' => 500,
                'length_mm' => 720,
                'zones' => [
                    [
                        'label' => 'pocket',
                        'side' => 'front',
                        'right_mm' => 95.0,
                        'below_mm' => 140.0,
                        'width_mm' => 110.0,
                        'height_mm' => 130.0,
                        'hole' => false,
                    ],
                ],
            ]),
        );
    }

    public function testAPictureOverAPocketIsToldOf(): void
    {
        $check = Orchard::check(
            self::on(self::pocketed(), 'shirt', ['side_mm' => 240, 'below_mm' => 80]),
            'place.clear',
        );
        self::assertSame(Severity::Warn, $check?->severity);
        self::assertStringContainsString('pocket', $check->message->text);
        self::assertSame(
            Severity::Pass,
            Orchard::check(
                self::on(self::pocketed(), 'shirt', ['side_mm' => 100, 'right_mm' => -80, 'below_mm' => 80]),
                'place.clear',
            )?->severity,
        );
    }

    /** Trade: dots at hole centres are printed to align by; mirrored as the picture is. */
    public function testHolesUnderAPictureAreDottedOnItsSheet(): void
    {
        $lid = Orchard::catalogue()->blanks['metal']->sizes['box-lid'];
        $plan = self::on(
            $lid->copiedAs(Record::of(['id' => 'own', 'label' => 'Lid', 'width_mm' => 120, 'height_mm' => 95])),
            'metal',
            ['side_mm' => 110, 'below_mm' => 4],
            'toner-metal',
        );
        self::assertStringContainsString('holes', Orchard::check($plan, 'place.clear')->message->text ?? '');
        $dots = array_values(
            array_filter(
                $plan->arrangement->sheet->marks ?? [],
                static fn($mark): bool => MarkKind::Dot === $mark->kind,
            ),
        );
        self::assertCount(4, $dots);
        $picture = $plan->arrangement->sheet->picture ?? throw new \LogicException('It fits.');
        self::assertTrue($plan->arrangement->sheet->mirrored);
        // The first hole is 52 mm left of the middle: on the mirrored sheet to the right.
        self::assertEqualsWithDelta($picture->xMm + 55.0 + 52.0, $dots[0]->rect->xMm + 0.5, 1e-6);
        self::assertEqualsWithDelta($picture->yMm + 8.0 - 4.0, $dots[0]->rect->yMm + 0.5, 1e-6);
    }

    private static function apron(): BlankSize
    {
        return Orchard::catalogue()->blanks['apron']->sizes['apron']->copiedAs(
            Record::of([
                'id' => 'own',
                'label' => 'Ours',
                'outlines' => ['front' => ['points' => '0 0 200 0 300 400 -100 400', 'overscan_mm' => 10.0]],
            ]),
        );
    }

    /** @param array<string, mixed> $placement */
    #[TestWith([['side_mm' => 100, 'below_mm' => 150], Severity::Pass, 'lies on the piece'])]
    #[TestWith([['side_mm' => 100, 'right_mm' => 150, 'below_mm' => 20], Severity::Warn, 'lies off the piece'])]
    #[TestWith([['side_mm' => 535, 'below_mm' => -11], Severity::Pass, 'covers the piece'])]
    #[TestWith([['side_mm' => 510, 'below_mm' => -1], Severity::Warn, 'white rim'])]
    public function testAPictureLiesOnATracedPieceOrCoversIt(array $placement, Severity $severity, string $words): void
    {
        $check = Orchard::check(self::on(self::apron(), 'apron', $placement, 'sublimation'), 'place.edge');
        self::assertSame($severity, $check?->severity, $check->message->text ?? '');
        self::assertStringContainsString($words, $check->message->text);
    }

    public function testTheWidthThatCoversItIsOffered(): void
    {
        $check = Orchard::check(
            self::on(self::apron(), 'apron', ['side_mm' => 510, 'below_mm' => -1], 'sublimation'),
            'place.edge',
        );
        $width = (float) ($check->fix->changes['width'] ?? 0);
        self::assertSame(
            Severity::Pass,
            Orchard::check(
                self::on(self::apron(), 'apron', ['side_mm' => $width, 'below_mm' => -10.1], 'sublimation'),
                'place.edge',
            )?->severity,
        );
    }

    /** @param array{float, float} $place */
    #[TestWith(['left', [-30.0, 80.0]])]
    #[TestWith(['right', [30.0, 80.0]])]
    #[TestWith(['centre', [0.0, 80.0]])]
    #[TestWith(['top', [0.0, 60.0]])]
    #[TestWith(['middle', [0.0, 165.0]])]
    #[TestWith(['bottom', [0.0, 270.0]])]
    public function testAPictureIsAlignedInItsPrintArea(string $to, array $place): void
    {
        // 240 × 190 mm in 300 × 400 mm, from 60 mm down.
        $placement = Orchard::edited(['align' => $to])->transfers[0]->placement;
        self::assertSame($place, [$placement->rightMm, $placement->belowMm]);
    }

    public function testNoOtherWayOfAligningIsKnown(): void
    {
        $this->expectException(RefusedEdit::class);
        Orchard::edited(['align' => 'diagonally']);
    }

    public function testAPatternIsChosenChangedAndTakenOff(): void
    {
        $dotted = Orchard::edit(Orchard::edited(['pattern' => 'dots']), [
            'pattern_colour' => '#aa0000',
            'repeat' => '2 cm',
        ]);
        self::assertEquals(Pattern::fromKind(PatternKind::Dots, Colour::hex('#aa0000'), 20.0), $dotted->blank->pattern);
        self::assertEquals($dotted, JobFile::read(Record::of(JobFile::write($dotted))));
        self::assertNull(Orchard::edit($dotted, ['pattern' => ''])->blank->pattern);
        self::assertSame(Severity::Warn, Orchard::check(Orchard::plan($dotted), 'blank.pattern')?->severity);
        $this->expectException(RefusedEdit::class);
        Orchard::edit($dotted, ['repeat' => '2 m']);
    }

    /**
     * A comb on a route whose gaps are of 2 mm: its teeth are told to a pixel, so that they count as 5 of 400 or more.
     */
    public function testFineWorkOnARouteWithGapsIsToldOf(): void
    {
        $comb = Shapes::bitmap(400, 200, static fn(int $x): string => $x % 20 < 6 ? '000000ff' : '00000000');
        $picture = Shapes::picture($comb, PictureKind::Raster);
        $at = static fn(float $width, string $material) => Orchard::check(
            Orchard::plan(
                Orchard::jobOf('liner-wood', [
                    'blank' => ['material' => $material],
                    'placement' => ['side_mm' => $width],
                ]),
                $picture,
            ),
            'picture.gaps',
        );
        self::assertNull($at(260.0, 'raw-wood'), 'teeth of 3.9 mm');
        self::assertSame(Severity::Note, $at(130.0, 'raw-wood')?->severity, 'teeth of 1.9 mm');
        self::assertNull($at(130.0, 'painted-wood'));
    }
}
