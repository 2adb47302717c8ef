<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Appearance;
use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\Foresight;
use Wubbin\Core\Artwork\Mask;
use Wubbin\Core\Artwork\Palette;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Artwork\Strokes;
use Wubbin\Core\Blank\Pattern;
use Wubbin\Core\Blank\PatternKind;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Lab;
use Wubbin\Core\Plan\Look;
use Wubbin\Core\Tests\Orchard;

final class AppearanceTest extends TestCase
{
    /** Ink over cloth is a filter in linear light: the product of what each lets through. */
    #[TestWith(['#c8321f', '#1f4d2b'])]
    #[TestWith(['#3f8f3a', '#f4ecd8'])]
    #[TestWith(['#ffffff', '#123456'])]
    public function testInkOverClothIsWhatForesightSees(string $ink, string $cloth): void
    {
        $seen = Appearance::over('', Colour::hex($cloth), 0.0, 0.0, false)->of(Colour::hex($ink));
        self::assertSame(Foresight::over(Colour::hex($ink), Colour::hex($cloth))->toHex(), $seen->toHex());
    }

    public function testOpaqueInkAndADrawingStayAsTheyAre(): void
    {
        self::assertSame('#c8321f', Appearance::over('', null, 0.0, 0.0, false)->of(Colour::hex('#c8321f'))->toHex());
        self::assertSame('#c8321f', Appearance::asDrawn()->of(Colour::hex('#c8321f'))->toHex());
    }

    /** Dull is nearer to grey and to middle lightness, and no other colour. */
    #[TestWith(['#c8321f'])]
    #[TestWith(['#1d5fd0'])]
    #[TestWith(['#3f8f3a'])]
    public function testOnTheSheetColoursAreDullerButStillThemselves(string $hex): void
    {
        $vivid = Lab::of(Colour::hex($hex));
        $dull = Lab::of(Appearance::onTheSheet('', 0.6)->of(Colour::hex($hex)));
        self::assertLessThan(hypot($vivid->a, $vivid->b), hypot($dull->a, $dull->b));
        self::assertEqualsWithDelta(atan2($vivid->b, $vivid->a), atan2($dull->b, $dull->a), 0.6, 'its hue');
    }

    /** A printer with black alone keeps the luminance of a colour (IEC 61966-2-1) and nothing else of it. */
    #[TestWith(['#c8321f'])]
    #[TestWith(['#1d5fd0'])]
    #[TestWith(['#ffffff'])]
    public function testBlackAloneMakesGreysOfColours(string $hex): void
    {
        $grey = Appearance::asDrawn()->inGreys('')->of(Colour::hex($hex));
        self::assertSame([$grey->red, $grey->red], [$grey->green, $grey->blue]);
        self::assertEqualsWithDelta(1.0, $grey->contrastWith(Colour::hex($hex)), 0.02);
    }

    public function testASheetThatIsUsedAsItIsStaysWhite(): void
    {
        self::assertSame('#ffffff', Appearance::asDrawn()->inWhite('')->of(Colour::hex('#c8321f'))->toHex());
    }

    public function testMilkyTissueIsPaler(): void
    {
        $milky = Appearance::before('', '', 0.6);
        self::assertGreaterThan(Colour::hex('#c8321f')->lightness(), $milky->of(Colour::hex('#c8321f'))->lightness());
        self::assertLessThan(4.0, $milky->of(Colour::hex('#000000'))->contrastWith($milky->of(Colour::hex('#ffffff'))));
    }

    /** @return list<string> */
    private static function ids(Look $look): array
    {
        return array_map(static fn(Appearance $one): string => $one->id, $look->appearances);
    }

    private static function look(string $route, string $over = '{}'): Look
    {
        $disc = Shapes::bitmap(
            60,
            60,
            static fn(int $x, int $y): string => hypot($x - 30, $y - 30) < 20 ? 'c8321fff' : '00000000',
        );
        $picture = Shapes::picture($disc, PictureKind::Raster);
        /** @var array<string, mixed> $changes */
        $changes = json_decode($over, true, 16, \JSON_THROW_ON_ERROR);

        return Orchard::plan(Orchard::jobOf($route, $changes), $picture)->placing->look ??
            throw new \LogicException('It was looked at.');
    }

    /**
     * Common practice, no source: sublimation is dull on paper, tissue is milky before it melts.
     *
     * @param list<string> $moments
     */
    #[TestWith(['light-film', ['drawn', 'worn']])]
    #[TestWith(['sublimation', ['drawn', 'sheet', 'worn']])]
    #[TestWith(['tissue-wax', ['drawn', 'before', 'worn']])]
    #[TestWith(['handmade-wax', ['drawn', 'before', 'worn']])]
    public function testEachRouteHasItsMoments(string $route, array $moments): void
    {
        self::assertSame($moments, self::ids(self::look($route)));
    }

    /** Common practice, no source: raw wood gives a worn look, painted wood a full one. */
    public function testRawWoodLooksWornAndPaintedWoodFull(): void
    {
        $gaps = static fn(string $material): float => self::look(
            'liner-wood',
            '{"blank":{"material":"' . $material . '"}}',
        )->appearances[1]->gaps;
        self::assertSame(0.0, $gaps('painted-wood'));
        self::assertGreaterThan(0.05, $gaps('raw-wood'));
    }

    public function testGlossShinesAndMatteDoesNot(): void
    {
        $shines = static fn(string $finish): bool => self::look('light-film', '{"finish":"' . $finish . '"}')
            ->appearances[1]->gloss;
        self::assertTrue($shines('gloss'));
        self::assertFalse($shines('matte'));
    }

    public function testPatternedClothShowsThroughClearFilm(): void
    {
        $pattern = '{"blank":{"pattern":{"kind":"stripes","colour":"#101830","repeat_mm":12}}}';
        $look = self::look('light-film', $pattern);
        self::assertEqualsWithDelta(0.5, $look->foreseen?->lost() ?? 0.0, 0.02, 'on half of the cloth it is gone');
        self::assertNotNull($look->jsonSerialize()['on_second']);
        self::assertSame(0.0, self::look('dark-film', $pattern)->foreseen?->lost() ?? 0.0);
    }

    #[TestWith([0.5])]
    #[TestWith([301.0])]
    public function testAPatternThatCannotBeIsRefused(float $repeat): void
    {
        $this->expectException(BadRecord::class);
        Pattern::fromKind(PatternKind::Checks, Colour::hex('#101830'), $repeat);
    }

    /**
     * Half white, half black, on black cloth: both are lost; what is not ink counts as neither.
     */
    public function testTheMapTellsWhereItIsLost(): void
    {
        $bitmap = Shapes::bitmap(20, 10, static fn(int $x): string => $x < 10 ? 'ffffffff' : '000000ff');
        $ink = Mask::fromBits(20, 10, str_repeat(str_repeat("\0", 5) . str_repeat("\1", 15), 10));
        $map = self::map($bitmap, $ink, '#111111');
        self::assertSame(str_repeat("\0\0\0\0\0\2\2\2\2\2", 1), substr($map, 0, 10), 'white on black is gone');
        self::assertSame("\2", $map[12], 'and black on black');
        self::assertSame(
            str_repeat("\0", 10),
            substr(self::map($bitmap, Mask::fromBits(20, 10, str_repeat("\1", 200)), '#ffffff'), 10, 10),
            'black on white stays',
        );
    }

    private static function map(Bitmap $bitmap, Mask $ink, string $cloth): string
    {
        $palette = Palette::fromBitmap($bitmap, $ink);

        return Foresight::map($palette, $palette->labels($bitmap, $ink), Colour::hex($cloth));
    }

    /** A comb: a spine of 30 pixels with teeth of 4; only the teeth are finer than a twenty-fifth of its width. */
    public function testWhatIsFinerIsTheTeethOfAComb(): void
    {
        $bitmap = Shapes::bitmap(
            200,
            120,
            static fn(int $x, int $y): string => $y < 30 || $x % 20 < 4 ? '000000ff' : '00000000',
        );
        $ink = Shapes::ink($bitmap->opaque());
        $finer = Strokes::finer($ink, 0.04);
        self::assertSame("\0", $finer->set[10 * 200 + 100], 'the spine holds');
        self::assertSame("\1", $finer->set[80 * 200 + 101], 'a tooth does not');
        self::assertSame(0, Strokes::finer($ink, 0.005)->count());
    }
}
