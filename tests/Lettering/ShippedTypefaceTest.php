<?php

declare(strict_types=1);

namespace Wubbin\Tests\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Wubbin\Core\Lettering\Align;
use Wubbin\Core\Lettering\Face;
use Wubbin\Core\Lettering\TextStyle;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Size;
use Wubbin\Lettering\Typefaces;

final class ShippedTypefaceTest extends TestCase
{
    private static function typefaces(): Typefaces
    {
        return new Typefaces(dirname(__DIR__, 2), new ArrayAdapter());
    }

    /** @return iterable<string, array{Face}> */
    public static function faces(): iterable
    {
        foreach (Face::cases() as $face) {
            yield $face->value => [$face];
        }
    }

    /** Against FreeType by ImageMagick: the same file, the same word, its ink as wide and as high. */
    #[DataProvider('faces')]
    public function testAWordIsDrawnAsAnotherProgramDrawsIt(Face $face): void
    {
        $text = 'Hamburg';
        $fitted = self::typefaces()
            ->fitter($face)
            ->fit($text, Size::mm(400.0, 200.0), TextStyle::of($face, Colour::hex('#000000'), 40.0, 5.0));
        $box = $fitted->outline->box();
        self::assertNotNull($box);
        $file = (new \ReflectionProperty(self::typefaces()->get($face), 'file'))->getValue(
            self::typefaces()->get($face),
        );
        $draw = new \ImagickDraw();
        $draw->setFont(is_string($file) ? $file : '');
        $draw->setFontSize(200.0);
        $image = new \Imagick();
        $image->newImage(3000, 800, 'white');
        $image->annotateImage($draw, 300.0, 400.0, 0.0, $text);
        $image->trimImage(0.0);
        self::assertEqualsWithDelta(
            $image->getImageWidth() / $image->getImageHeight(),
            $box->size->widthMm / $box->size->heightMm,
            // FreeType sets no kerning of its own accord: a few in a hundred, most where letters are joined.
            0.04 * ($box->size->widthMm / $box->size->heightMm),
        );
    }

    #[DataProvider('faces')]
    public function testCapitalsAreAsHighAsIsSaid(Face $face): void
    {
        $fitted = self::typefaces()
            ->fitter($face)
            ->fit(
                'HH',
                Size::mm(400.0, 200.0),
                TextStyle::of($face, Colour::hex('#000000'), 40.0, 5.0, 1, Align::Left),
            );
        self::assertSame(40.0, $fitted->capitalMm);
        // Handwriting goes a little below its line.
        self::assertEqualsWithDelta(40.0, $fitted->outline->box()?->size->heightMm, 0.5);
        $stem = self::typefaces()->get($face)->stem();
        self::assertGreaterThan(0.05, $stem);
        self::assertLessThan(0.35, $stem);
    }

    #[DataProvider('faces')]
    public function testAccentedNamesAreWhole(Face $face): void
    {
        [$plain, $accented, $other] = self::typefaces()
            ->fitter($face)
            ->fitAll(
                ['Zoe', 'Zoë', '王小明'],
                Size::mm(400.0, 200.0),
                TextStyle::of($face, Colour::hex('#000000'), 40.0, 5.0),
            );
        self::assertSame([], $accented->missing);
        self::assertCount(count($plain->outline->loops(0.1)) + 2, $accented->outline->loops(0.1));
        self::assertSame(['王', '小', '明'], $other->missing);
    }
}
