<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Origin;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobEdit;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Tests\Orchard;

/** A picture that was made of another keeps its place on the piece. */
final class OriginTest extends TestCase
{
    public function testWhatIsLeftLiesWithinTheFirstAndTheFirstAroundIt(): void
    {
        $origin = Origin::fromPicture('a', 0.25, 0.1, 0.5, 0.8);
        $first = Rect::mm(-100, 80, 200, 100);
        $left = $origin->within($first);
        self::assertEqualsWithDelta(
            [-50.0, 90.0, 100.0, 80.0],
            [$left->xMm, $left->yMm, $left->size->widthMm, $left->size->heightMm],
            1e-9,
        );
        $again = $origin->around($left);
        self::assertEqualsWithDelta(
            [-100.0, 80.0, 200.0, 100.0],
            [$again->xMm, $again->yMm, $again->size->widthMm, $again->size->heightMm],
            1e-9,
        );
    }

    public function testOnTheShirtItStaysWhereItWasAndComesBackToThere(): void
    {
        $whole = Orchard::picture(2000.0, 1000.0);
        $cut = Picture::fromFile(
            str_repeat('b', 64),
            'branch.png',
            PictureKind::Raster,
            1000.0,
            800.0,
            true,
            null,
            Origin::fromPicture($whole->sha256, 0.25, 0.1, 0.5, 0.8),
        );
        $pictures = [$whole->sha256 => $whole, $cut->sha256 => $cut];
        $edit = static fn(Job $job, string $artwork): Job => JobEdit::apply(
            $job,
            ['artwork' => $artwork],
            new QuantityParser(),
            Orchard::catalogue(),
            $pictures,
        );
        $job = Orchard::job(['placement' => ['side_mm' => 200, 'right_mm' => 10]]);
        $was = $job->transfers[0]->placement->rectOf($whole);
        $after = $edit($job, $cut->sha256);
        $is = $after->transfers[0]->placement->rectOf($cut);
        self::assertEqualsWithDelta(
            [$was->xMm + 50.0, $was->yMm + 10.0, 100.0, 80.0],
            [$is->xMm, $is->yMm, $is->size->widthMm, $is->size->heightMm],
            1e-9,
        );
        $back = $edit($after, $whole->sha256)->transfers[0]->placement->rectOf($whole);
        self::assertEqualsWithDelta(
            [$was->xMm, $was->yMm, $was->size->widthMm],
            [$back->xMm, $back->yMm, $back->size->widthMm],
            1e-9,
        );
    }

    public function testItSurvivesItsRecord(): void
    {
        $origin = Origin::fromPicture('a', 0.25, 0.1, 0.5, 0.8);
        self::assertEquals($origin, Origin::fromRecord(Record::of($origin->toRecord())));
    }

    #[TestWith([0.0, 0.0, 0.0, 1.0])]
    #[TestWith([-0.1, 0.0, 0.5, 0.5])]
    #[TestWith([0.6, 0.0, 0.5, 1.0])]
    public function testWhatIsLeftMustLieWithin(float $x, float $y, float $width, float $height): void
    {
        $this->expectException(BadRecord::class);
        Origin::fromPicture('a', $x, $y, $width, $height);
    }
}
