<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Blank;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\LineStyle;
use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Tests\Orchard;

final class BlankTest extends TestCase
{
    /** @return iterable<string, array{BlankKind, BlankSize}> */
    public static function sizes(): iterable
    {
        foreach (Orchard::catalogue()->blanks as $kind) {
            foreach ($kind->sizes as $size) {
                yield $kind->id.' '.$size->id => [$kind, $size];
            }
        }
    }

    #[DataProvider('sizes')]
    public function testTheDrawingIsTrueToItsMeasures(BlankKind $kind, BlankSize $size): void
    {
        $outline = $size->drawing[0];
        self::assertTrue($outline->closed);
        self::assertSame(LineStyle::Visible, $outline->style);
        $bottom = max([0.0, ...array_column($outline->points, 1)]);
        self::assertSame($size->heightMm, $bottom, 'as long as measured, from its upper edge');
        $hem = array_column(array_filter($outline->points, static fn (array $p): bool => $p[1] === $bottom), 0);
        self::assertEqualsWithDelta($size->widthMm, max([0.0, ...$hem]) - min([0.0, ...$hem]), 1e-9, 'as wide as measured');
    }

    #[DataProvider('sizes')]
    public function testTheDrawingIsTheSameOnBothSides(BlankKind $kind, BlankSize $size): void
    {
        $points = $size->drawing[0]->points;
        $mirrored = array_map(static fn (array $p): array => [-$p[0], $p[1]], $points);
        usort($points, static fn (array $a, array $b): int => $a <=> $b);
        usort($mirrored, static fn (array $a, array $b): int => $a <=> $b);
        self::assertEqualsWithDelta($points, $mirrored, 0.011);
    }

    #[DataProvider('sizes')]
    public function testThePrintAreaLiesOnTheBlankAndInItsMiddle(BlankKind $kind, BlankSize $size): void
    {
        self::assertLessThanOrEqual($size->widthMm, $size->printArea->size->widthMm);
        self::assertGreaterThanOrEqual(0.0, $size->printArea->yMm);
        self::assertLessThanOrEqual($size->heightMm, $size->printArea->bottom());
        self::assertEqualsWithDelta(0.0, $size->printArea->xMm + $size->printArea->right(), 1e-9);
    }

    /** Source: the circle, circumference = π × diameter. */
    #[DataProvider('sizes')]
    public function testARoundBlankIsUnrolledToItsCircumference(BlankKind $kind, BlankSize $size): void
    {
        self::assertSame(Shape::Round === $kind->shape, null !== $size->diameterMm);
        if (null !== $size->diameterMm) {
            self::assertEqualsWithDelta(\M_PI * $size->diameterMm, $size->widthMm, 0.01);
        }
    }

    public function testAMugsHandleIsKeptClear(): void
    {
        $mug = Orchard::catalogue()->blanks['mug']->sizes['mug-ordinary'];
        self::assertEqualsWithDelta(35.0, $mug->widthMm - $mug->printArea->size->widthMm, 0.01);
    }

    public function testChildrensSizesAreKnownAsSuch(): void
    {
        $sizes = Orchard::catalogue()->blanks['shirt']->sizes;
        self::assertTrue($sizes['child-9']->forChild());
        self::assertFalse($sizes['M']->forChild());
    }

    /** Common practice, no source: white and very light cloth for clear film, mid tones with a warning, dark ones not. */
    #[TestWith(['#ffffff', Tone::White])]
    #[TestWith(['#f4ecd8', Tone::White])]
    #[TestWith(['#bcd6e6', Tone::VeryLight])]
    #[TestWith(['#d9a441', Tone::Mid])]
    #[TestWith(['#1f4d2b', Tone::Dark])]
    #[TestWith(['#111111', Tone::Dark])]
    public function testTones(string $hex, Tone $tone): void
    {
        self::assertSame($tone, Orchard::catalogue()->tones->toneOf(Colour::hex($hex)));
    }
}
