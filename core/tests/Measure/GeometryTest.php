<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Measure\UnreadableQuantity;

final class GeometryTest extends TestCase
{
    /**
     * Source: ISO 216 (A4, A5, A6) and ANSI Y14.1 (Letter, 8.5 × 11 in), from memory.
     *
     * @return iterable<string, array{PaperSize, float, float}>
     */
    public static function papers(): iterable
    {
        yield 'A4' => [PaperSize::A4, 210.0, 297.0];
        yield 'A3' => [PaperSize::A3, 297.0, 420.0];
        yield '11 × 17 in' => [PaperSize::Tabloid, 279.4, 431.8];
        yield 'A5' => [PaperSize::A5, 148.0, 210.0];
        yield 'A6' => [PaperSize::A6, 105.0, 148.0];
        yield '13 × 19 in' => [PaperSize::Supertabloid, 330.2, 482.6];
        yield 'Letter' => [PaperSize::Letter, 215.9, 279.4];
    }

    #[DataProvider('papers')]
    public function testPaperSizesAreTheStandards(PaperSize $paper, float $width, float $height): void
    {
        self::assertEqualsWithDelta($width, $paper->size()->widthMm, 1e-9);
        self::assertEqualsWithDelta($height, $paper->size()->heightMm, 1e-9);
    }

    /** Source: ISO 216, each size is the one before it halved across, rounded down to a millimetre; sides as 1 : √2. */
    public function testAPapersHalveAndKeepTheirShape(): void
    {
        foreach (
            [[PaperSize::A3, PaperSize::A4], [PaperSize::A4, PaperSize::A5], [PaperSize::A5, PaperSize::A6]]
            as [$larger, $smaller]
        ) {
            self::assertSame(floor($larger->size()->heightMm / 2.0), $smaller->size()->widthMm);
            self::assertSame($larger->size()->widthMm, $smaller->size()->heightMm);
        }
        self::assertEqualsWithDelta(\M_SQRT2, PaperSize::A4->size()->heightMm / PaperSize::A4->size()->widthMm, 0.001);
    }

    #[TestWith([0.0, 10.0])]
    #[TestWith([10.0, -1.0])]
    #[TestWith([\NAN, 10.0])]
    #[TestWith([10.0, \INF])]
    public function testASizeWithoutExtentIsRefused(float $width, float $height): void
    {
        $this->expectException(UnreadableQuantity::class);
        Size::mm($width, $height);
    }

    public function testGrowingTurningAndFitting(): void
    {
        $size = Size::mm(100.0, 50.0);
        self::assertSame(106.0, $size->grown(3.0)->widthMm);
        self::assertSame(56.0, $size->grown(3.0)->heightMm);
        self::assertSame(50.0, $size->turned()->widthMm);
        self::assertSame(5000.0, $size->areaMm2());
        self::assertTrue($size->fitsIn(Size::mm(100.0, 50.0)));
        self::assertTrue($size->fitsIn(Size::mm(99.995, 50.0)), 'a hundredth is forgiven');
        self::assertFalse($size->fitsIn(Size::mm(50.0, 100.0)), 'as it lies, not turned');
    }

    public function testRectanglesInsideEachOther(): void
    {
        $area = Rect::mm(-150.0, 60.0, 300.0, 400.0);
        self::assertSame(150.0, $area->right());
        self::assertSame(460.0, $area->bottom());
        self::assertTrue(Rect::mm(-150.0, 60.0, 300.0, 400.0)->within($area));
        self::assertFalse(Rect::mm(-151.0, 60.0, 100.0, 100.0)->within($area));
        self::assertFalse(Rect::mm(100.0, 100.0, 51.0, 10.0)->within($area));
        self::assertFalse(Rect::mm(0.0, 59.0, 10.0, 10.0)->within($area));
        self::assertFalse(Rect::mm(0.0, 450.0, 10.0, 11.0)->within($area));
        $grown = $area->grown(5.0);
        self::assertSame(
            [-155.0, 55.0, 310.0, 410.0],
            [$grown->xMm, $grown->yMm, $grown->size->widthMm, $grown->size->heightMm],
        );
    }

    public function testTwoRectanglesShareWhatBothCover(): void
    {
        $shared = Rect::mm(0, 0, 100, 50)->overlap(Rect::mm(80, -10, 40, 40));
        self::assertNotNull($shared);
        self::assertEqualsWithDelta(
            [80.0, 0.0, 20.0, 30.0],
            [$shared->xMm, $shared->yMm, $shared->size->widthMm, $shared->size->heightMm],
            1e-9,
        );
        self::assertNull(Rect::mm(0, 0, 100, 50)->overlap(Rect::mm(100, 0, 40, 40)), 'edge to edge is no overlap');
        self::assertNull(Rect::mm(0, 0, 100, 50)->overlap(Rect::mm(0, 51, 40, 40)));
        self::assertNotNull(Rect::mm(0, 0, 100, 50)->overlap(Rect::mm(230, 0, 40, 40)->movedBy(-200)));
    }
}
