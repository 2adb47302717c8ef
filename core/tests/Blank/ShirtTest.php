<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Blank;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Blank\LineStyle;
use Wubbin\Core\Blank\ShirtDrawing;
use Wubbin\Core\Blank\ShirtSize;
use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Tests\Orchard;

final class ShirtTest extends TestCase
{
    /** @return iterable<string, array{ShirtSize}> */
    public static function sizes(): iterable
    {
        foreach (Orchard::catalogue()->shirtSizes as $id => $size) {
            yield $id => [$size];
        }
    }

    #[DataProvider('sizes')]
    public function testTheDrawingIsTrueToItsMeasures(ShirtSize $size): void
    {
        $outline = ShirtDrawing::of($size)[0];
        self::assertTrue($outline->closed);
        self::assertSame(LineStyle::Visible, $outline->style);
        $bottom = max([0.0, ...array_column($outline->points, 1)]);
        self::assertSame($size->lengthMm, $bottom, 'as long as measured, from the collar seam');
        $hem = array_column(array_filter($outline->points, static fn (array $p): bool => $p[1] === $bottom), 0);
        self::assertEqualsWithDelta($size->chestMm, max([0.0, ...$hem]) - min([0.0, ...$hem]), 1e-9, 'as wide as measured');
    }

    #[DataProvider('sizes')]
    public function testTheDrawingIsTheSameOnBothSides(ShirtSize $size): void
    {
        $points = ShirtDrawing::of($size)[0]->points;
        $mirrored = array_map(static fn (array $p): array => [-$p[0], $p[1]], $points);
        usort($points, static fn (array $a, array $b): int => $a <=> $b);
        usort($mirrored, static fn (array $a, array $b): int => $a <=> $b);
        self::assertEqualsWithDelta($points, $mirrored, 0.011);
    }

    #[DataProvider('sizes')]
    public function testThePrintAreaLiesOnTheShirt(ShirtSize $size): void
    {
        self::assertLessThan($size->chestMm, $size->printArea->size->widthMm);
        self::assertLessThan($size->lengthMm, $size->printArea->bottom());
        self::assertEqualsWithDelta(0.0, $size->printArea->xMm + $size->printArea->right(), 1e-9, 'centred');
    }

    public function testChildrensSizesAreKnownAsSuch(): void
    {
        $sizes = Orchard::catalogue()->shirtSizes;
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
        self::assertSame($tone, Orchard::catalogue()->routes['light-film']->tones->toneOf(Colour::hex($hex)));
    }
}
