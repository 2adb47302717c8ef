<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sheet;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Sheet\WrapTemplate;
use Wubbin\Core\Tests\Orchard;

final class WrapTemplateTest extends TestCase
{
    private static function mug(float $rim, float $foot, float $height): BlankSize
    {
        return BlankSize::fromRecord(
            Record::of([
                'id' => 'x',
                'label' => 'x',
                'rim_diameter_mm' => $rim,
                'foot_diameter_mm' => $foot,
                'height_mm' => $height,
                'top_mm' => 5.0,
                'foot_mm' => 5.0,
                'handle_mm' => 0.0,
            ]),
            Shape::Round,
        );
    }

    /** The area of a cone’s wall is π(r₁ + r₂)s, and the flaps 10 mm at their wider end. */
    #[TestWith([90.0, 62.0, 110.0])]
    #[TestWith([60.0, 80.0, 140.0])]
    #[TestWith([140.0, 120.0, 150.0])]
    public function testThePartsTogetherAreTheWall(float $rim, float $foot, float $height): void
    {
        $template = WrapTemplate::forSize(self::mug($rim, $foot, $height), PaperSize::A4->size());
        $slant = hypot($height, ($rim - $foot) / 2.0);
        $flap = (10.0 * $slant * ($rim + $foot)) / 2.0 / max($rim, $foot);
        $wall = ((\M_PI * ($rim + $foot)) / 2.0) * $slant;
        $area = array_sum(array_map(static fn($part): float => abs(Contour::area($part->outline)), $template->parts));
        self::assertEqualsWithDelta($wall + count($template->parts) * $flap, $area, 0.002 * $wall);
    }

    public function testEveryPartLiesOnItsPage(): void
    {
        $template = WrapTemplate::forSize(self::mug(200.0, 160.0, 150.0), PaperSize::A4->size());
        self::assertGreaterThan(1, count($template->parts));
        foreach ($template->parts as $part) {
            $box = Contour::box($part->outline);
            self::assertGreaterThanOrEqual(5.9, min($box->xMm, $box->yMm));
            self::assertLessThanOrEqual($part->page->widthMm - 5.9, $box->right());
            self::assertLessThanOrEqual($part->page->heightMm - 19.9, $box->bottom());
            self::assertStringContainsString('of ' . count($template->parts), $part->label);
        }
    }

    public function testAnOrdinaryMugGoesOnOneSheetWithItsFrontMarked(): void
    {
        $parts = WrapTemplate::forSize(
            Orchard::catalogue()->blanks['mug']->sizes['mug-ordinary'],
            PaperSize::A4->size(),
        )->parts;
        self::assertCount(1, $parts);
        self::assertCount(3, $parts[0]->upright);
        self::assertEqualsWithDelta(\M_PI * 82.0 + 10.0, Contour::box($parts[0]->outline)->size->widthMm, 0.1);
        self::assertNotSame([], $parts[0]->area);
    }

    public function testAFlatThingHasNone(): void
    {
        $this->expectException(BadRecord::class);
        WrapTemplate::forSize(Orchard::catalogue()->blanks['tote']->sizes['tote'], PaperSize::A4->size());
    }

    public function testWhatIsTooHighForThePaperIsRefused(): void
    {
        $this->expectException(BadRecord::class);
        WrapTemplate::forSize(self::mug(80.0, 70.0, 500.0), PaperSize::A4->size());
    }
}
