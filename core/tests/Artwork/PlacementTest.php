<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Tests\Orchard;

final class PlacementTest extends TestCase
{
    public function testOneSideIsGivenAndTheOtherFollows(): void
    {
        $wide = self::placement(SizedBy::Width, 240.0)->sizeOf(Orchard::picture(2400.0, 1900.0));
        self::assertSame([240.0, 190.0], [$wide->widthMm, $wide->heightMm]);
        $high = self::placement(SizedBy::Height, 190.0)->sizeOf(Orchard::picture(2400.0, 1900.0));
        self::assertSame([240.0, 190.0], [$high->widthMm, $high->heightMm]);
    }

    public function testThePictureHangsFromItsUpperEdgeRoundItsMiddle(): void
    {
        $rect = self::placement(SizedBy::Width, 240.0, 10.0, 80.0)->rectOf(Orchard::picture(2400.0, 1900.0));
        self::assertSame(
            [-110.0, 80.0, 240.0, 190.0],
            [$rect->xMm, $rect->yMm, $rect->size->widthMm, $rect->size->heightMm],
        );
    }

    #[TestWith([0.0, 0.0])]
    #[TestWith([4.9, 0.0])]
    #[TestWith([2000.1, 0.0])]
    #[TestWith([100.0, 1000.1])]
    #[TestWith([100.0, -1000.1])]
    public function testSizesAndPlacesWithoutSenseAreRefused(float $side, float $right): void
    {
        $this->expectException(UnreadableQuantity::class);
        self::placement(SizedBy::Width, $side, $right);
    }

    /** Pixels divided by inches: 2400 pixels on ten inches are 240 an inch. */
    public function testEffectiveResolution(): void
    {
        $picture = Orchard::picture(2400.0, 1900.0);
        self::assertEqualsWithDelta(240.0, $picture->effectiveDpi(Size::mm(254.0, 201.0)) ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(304.8, $picture->widestAt(200.0) ?? 0.0, 1e-9);
        $drawing = Orchard::picture(kind: PictureKind::Vector);
        self::assertNull($drawing->effectiveDpi(Size::mm(254.0, 201.0)));
        self::assertNull($drawing->widestAt(200.0));
    }

    public function testAPictureSurvivesItsRecord(): void
    {
        $picture = Orchard::picture();
        self::assertEquals($picture, Picture::fromRecord(Record::of($picture->toRecord())));
    }

    public function testAPictureWithoutSizeIsRefused(): void
    {
        $this->expectException(BadRecord::class);
        Orchard::picture(0.0);
    }

    private static function placement(SizedBy $by, float $side, float $right = 0.0, float $below = 80.0): Placement
    {
        return Placement::fromMeasures($by, Length::mm($side), Length::mm($right), Length::mm($below));
    }
}
