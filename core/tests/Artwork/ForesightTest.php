<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\ColourWord;
use Wubbin\Core\Artwork\Fate;
use Wubbin\Core\Artwork\Foresight;
use Wubbin\Core\Artwork\Palette;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Lab;

/** Clear ink over cloth. What practitioners say of it is common practice, no source. */
final class ForesightTest extends TestCase
{
    public function testOnWhiteEverythingStaysAsItIs(): void
    {
        $foresight = self::on('#ffffff');
        foreach ($foresight->parts as $part) {
            self::assertSame($part['colour']->toHex(), $part['seen']->toHex());
            self::assertSame(Fate::Stays, $part['fate']);
        }
        self::assertSame(0.0, $foresight->lost());
    }

    /** “On dark cloth nothing of a clear film shows: there is no white ink.” What does is nearly black. */
    #[TestWith(['#1f4d2b'])]
    #[TestWith(['#1d2b45'])]
    public function testOnDarkClothNothingStaysAsItIs(string $cloth): void
    {
        $foresight = self::on($cloth);
        self::assertSame(0.0, $foresight->shareOf(Fate::Stays));
        self::assertGreaterThanOrEqual(0.4, $foresight->lost(), 'white and yellow at least');
    }

    public function testOnBlackClothEverythingIsLost(): void
    {
        self::assertEqualsWithDelta(1.0, self::on('#111111')->lost(), 1e-9);
    }

    /** Twice the least difference that is told apart is seen by everybody: such a colour never counts as lost. */
    public function testWhatStandsOffTheClothNeverVanishes(): void
    {
        foreach (['#1f4d2b', '#1d2b45', '#a8906a', '#c8102e', '#f2e6a0', '#808080'] as $cloth) {
            foreach (self::on($cloth)->parts as $part) {
                if (Lab::of($part['seen'])->difference(Lab::of(Colour::hex($cloth))) > 15.0) {
                    self::assertNotSame(Fate::Vanishes, $part['fate'], $part['word'] . ' on ' . $cloth);
                }
            }
        }
    }

    /** White letters on a red board, on yellow cloth: the letters become yellow, and can be read. */
    public function testWhatLiesWithinAnotherColourIsSeenByIt(): void
    {
        self::assertSame(Fate::Shifts, self::letters([[0.0, 0.5, 0.5], [1.0, 0.0, 0.0]]));
        self::assertSame(Fate::Vanishes, self::letters([[0.0, 0.0, 1.0], [0.0, 0.0, 1.0]]));
    }

    /** @param list<list<float>> $borders */
    private static function letters(array $borders): Fate
    {
        return Foresight::forPalette(
            Palette::ofColours([[Colour::hex('#c8102e'), 0.8], [Colour::hex('#ffffff'), 0.2]], $borders),
            Colour::hex('#f2d43a'),
        )->parts[1]['fate'];
    }

    public function testTwoGreensAreToldLightAndDark(): void
    {
        self::assertSame(
            ['dark green', 'red', 'light green'],
            ColourWord::each([Colour::hex('#1f4d2b'), Colour::hex('#c8102e'), Colour::hex('#7bc47f')]),
        );
        self::assertSame(['green', 'green'], ColourWord::each([Colour::hex('#2e8b57'), Colour::hex('#2e8b55')]));
        $twice = Foresight::forPalette(
            Palette::ofColours([[Colour::hex('#2e8b57'), 0.5], [Colour::hex('#2e8b55'), 0.5]]),
            Colour::hex('#ffffff'),
        );
        self::assertSame('Green stays.', $twice->inWords());
        self::assertEqualsWithDelta([1.0], array_column($twice->byWord(), 'share'), 1e-9);
    }

    /** “Black stays, light colours sink”: on a middle tone. */
    public function testOnAMiddleToneBlackStaysAndLightColoursSink(): void
    {
        $fates = [];
        foreach (self::on('#a8906a')->parts as $part) {
            $fates[$part['colour']->toHex()] = $part['fate'];
        }
        self::assertSame(Fate::Stays, $fates['#111111']);
        self::assertSame(Fate::Vanishes, $fates['#ffffff']);
        self::assertSame(Fate::Vanishes, $fates['#f2e6a0']);
    }

    /** Light through two filters: 0.5 of what 0.5 lets through is 0.25. */
    public function testInkIsAFilterInLinearLight(): void
    {
        $half = Colour::ofLinear(0.5, 0.5, 0.5);
        self::assertEqualsWithDelta(0.25, Foresight::over($half, $half)->luminance(), 0.005);
        self::assertSame('#1f4d2b', Foresight::over(Colour::hex('#ffffff'), Colour::hex('#1f4d2b'))->toHex());
        self::assertSame('#000000', Foresight::over(Colour::hex('#000000'), Colour::hex('#ffffff'))->toHex());
    }

    public function testItIsSaidInWords(): void
    {
        self::assertSame('White, red, black, yellow and green stay.', self::on('#ffffff')->inWords());
        self::assertSame('White, red, black, yellow and green vanish.', self::on('#111111')->inWords());
        self::assertStringEndsWith('black stays.', self::on('#a8906a')->inWords());
    }

    #[TestWith(['#000000', 'black'])]
    #[TestWith(['#ffffff', 'white'])]
    #[TestWith(['#808080', 'grey'])]
    #[TestWith(['#c8102e', 'red'])]
    #[TestWith(['#ff0000', 'red'])]
    #[TestWith(['#f58220', 'orange'])]
    #[TestWith(['#ffd700', 'yellow'])]
    #[TestWith(['#2e8b57', 'green'])]
    #[TestWith(['#1f4d2b', 'green'])]
    #[TestWith(['#40e0d0', 'turquoise'])]
    #[TestWith(['#1e4fd8', 'blue'])]
    #[TestWith(['#6a35ab', 'purple'])]
    #[TestWith(['#f4a6c0', 'pink'])]
    #[TestWith(['#5b3a1e', 'brown'])]
    public function testAColourHasAPlainWord(string $hex, string $word): void
    {
        self::assertSame($word, ColourWord::of(Colour::hex($hex)));
    }

    private static function on(string $cloth): Foresight
    {
        return Foresight::forPalette(
            Palette::ofColours([
                [Colour::hex('#ffffff'), 0.2],
                [Colour::hex('#c8102e'), 0.3],
                [Colour::hex('#111111'), 0.2],
                [Colour::hex('#f2e6a0'), 0.2],
                [Colour::hex('#2e8b57'), 0.1],
            ]),
            Colour::hex($cloth),
        );
    }
}
