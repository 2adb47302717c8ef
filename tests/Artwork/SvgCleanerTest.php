<?php

declare(strict_types=1);

namespace Wubbin\Tests\Artwork;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Wubbin\Artwork\SvgCleaner;
use Wubbin\Artwork\SvgInspector;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Tests\Support\Pictures;

/** Drawings as programs of twenty years have written them: sound, though not to the letter. */
final class SvgCleanerTest extends TestCase
{
    private const RECT = '<rect width="10" height="5" fill="#c8102e"/>';

    /** @return iterable<string, array{string}> */
    public static function sound(): iterable
    {
        $xmlns = 'xmlns="http://www.w3.org/2000/svg"';
        $png = base64_encode(Pictures::quarters(4, 4)->getImageBlob());
        yield 'as it should be' => ["<svg $xmlns>" . self::RECT . '</svg>'];
        yield 'no namespace' => ['<svg width="10" height="5">' . self::RECT . '</svg>'];
        yield 'a prefix that nobody declared' => [
            "<svg $xmlns><defs><path id=\"a\"/></defs><use xlink:href=\"#a\"/>" . self::RECT . '</svg>',
        ];
        yield 'packed' => [(string) gzencode("<svg $xmlns>" . self::RECT . '</svg>')];
        yield 'entities for addresses' => [
            '<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd" [' .
            '<!ENTITY ns_svg "http://www.w3.org/2000/svg"> <!ENTITY ns_own "urn:own"> ]>' .
            '<svg xmlns="&ns_svg;" xmlns:i="&ns_own;">' .
            self::RECT .
            '</svg>',
        ];
        yield 'a picture of no type' => [
            "<svg $xmlns xmlns:xlink=\"http://www.w3.org/1999/xlink\">" .
            "<image width=\"4\" height=\"4\" xlink:href=\"data:;base64,$png\"/>" .
            self::RECT .
            '</svg>',
        ];
        yield 'a picture of another type than it says' => [
            "<svg $xmlns><image width=\"4\" height=\"4\" href=\"data:image/jpg;base64,$png\"/>" . self::RECT . '</svg>',
        ];
    }

    #[DataProvider('sound')]
    public function testItIsTaken(string $file): void
    {
        $clean = (new SvgCleaner())->clean($file);
        (new SvgInspector())->inspect($clean->svg);
        self::assertSame([], $clean->leftOut);
        $drawn = new Process(['rsvg-convert', '--width=10'], null, null, $clean->svg);
        $drawn->mustRun();
        $image = new \Imagick();
        $image->readImageBlob($drawn->getOutput());
        self::assertSame('srgb(200,16,46)', $image->getImagePixelColor(8, 3)->getColorAsString());
    }

    public function testPrivateDataIsLeftOutAndThatIsSaid(): void
    {
        $clean = (new SvgCleaner())->clean(
            '<svg><switch><foreignObject requiredExtensions="urn:private" width="1" ' .
                'height="1"><x/></foreignObject><g>' .
                self::RECT .
                '</g></switch></svg>',
        );
        (new SvgInspector())->inspect($clean->svg);
        self::assertStringContainsString(self::RECT, $clean->svg);
        self::assertCount(1, $clean->leftOut);
    }

    /** @return iterable<string, array{string}> */
    public static function unsound(): iterable
    {
        yield 'entities that grow' => [
            '<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg xmlns="http://www.w3.org/2000/svg">&b;</svg>',
        ];
        yield 'an entity from a file' => ['<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/hostname">]><svg>&a;</svg>'];
        yield 'entities of markup' => ['<!DOCTYPE svg [<!ENTITY a "<script/>">]><svg>&a;</svg>'];
        yield 'a page inside it' => ['<svg><foreignObject width="9" height="9"><b>words</b></foreignObject></svg>'];
        yield 'a script' => ['<svg><script>1</script></svg>'];
        yield 'a type that is none' => [
            '<svg><image href="data:text/html;base64,PGI+d29yZHM8L2I+PGI+d29yZHM8L2I+"/></svg>',
        ];
        yield 'packed and cut off' => [
            substr((string) gzencode('<svg>' . str_repeat(self::RECT, 99) . '</svg>'), 0, 60),
        ];
        yield 'another file' => ['<svg><image href="neighbour.png"/></svg>'];
    }

    #[DataProvider('unsound')]
    public function testWhatIsNotAllowedStaysSo(string $file): void
    {
        $this->expectException(InvalidInput::class);
        (new SvgInspector())->inspect((new SvgCleaner())->clean($file)->svg);
    }

    /** A few hundred bytes that unpack to more than is read. */
    public function testAFileThatSwellsWhenItIsUnpackedIsRefused(): void
    {
        $bomb = (string) gzencode('<svg>' . str_repeat(' ', 70 << 20) . '</svg>', 9);
        $this->expectException(InvalidInput::class);
        (new SvgCleaner())->clean($bomb);
    }
}
