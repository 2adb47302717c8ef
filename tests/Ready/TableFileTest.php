<?php

declare(strict_types=1);

namespace Wubbin\Tests\Ready;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Ready\TableFile;
use Wubbin\Refusal\Refusal;

final class TableFileTest extends TestCase
{
    private string $file = '';

    protected function setUp(): void
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'wubbin-table');
    }

    protected function tearDown(): void
    {
        unlink($this->file);
    }

    /** @param array<string, string> $parts */
    private function zip(array $parts): void
    {
        $zip = new \ZipArchive();
        $zip->open($this->file, \ZipArchive::OVERWRITE);
        foreach ($parts as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();
    }

    /** @return iterable<string, array{string}> */
    public static function written(): iterable
    {
        yield 'commas' => ["Name,Size\nRowan,M\n\n\"Wood, Juniper\",L\n"];
        yield 'semicolons, a mark, Windows breaks' => ["\xef\xbb\xbfName;Size\r\nRowan;M\r\nWood, Juniper;L\r\n"];
        yield 'tabs' => ["Name\tSize\nRowan\tM\nWood, Juniper\tL"];
        yield 'UTF-16' => [mb_convert_encoding("\u{feff}Name;Size\nRowan;M\nWood, Juniper;L", 'UTF-16LE', 'UTF-8')];
    }

    #[DataProvider('written')]
    public function testCommaSeparatedTextIsReadHoweverItIsWritten(string $text): void
    {
        file_put_contents($this->file, $text);
        self::assertSame([['Name', 'Size'], ['Rowan', 'M'], ['Wood, Juniper', 'L']], TableFile::rows($this->file));
    }

    public function testLettersOfAnOldFileAreTold(): void
    {
        file_put_contents($this->file, "Zo\xeb;M");
        self::assertSame([['Zoë', 'M']], TableFile::rows($this->file));
    }

    public function testABreakInACellIsASpace(): void
    {
        file_put_contents($this->file, "\"Juniper\nWood\",M");
        self::assertSame([['Juniper Wood', 'M']], TableFile::rows($this->file));
    }

    /** A workbook as ECMA-376 has it: shared strings, strings in place, numbers, a cell left out. */
    public function testAWorkbookIsRead(): void
    {
        $ns = 'xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"';
        $this->zip([
            'xl/sharedStrings.xml' => "<sst {$ns}><si><t>Name</t></si><si><r><t>Row</t></r><r><t>an</t></r></si></sst>",
            'xl/worksheets/sheet1.xml' =>
                "<worksheet {$ns}><sheetData>" .
                '<row r="1"><c r="A1" t="s"><v>0</v></c><c r="C1" t="inlineStr"><is><t>Size</t></is></c></row>' .
                '<row r="2"><c r="A2" t="s"><v>1</v></c><c r="B2"/><c r="C2"><v>42</v></c></row>' .
                '</sheetData></worksheet>',
        ]);
        self::assertSame([['Name', '', 'Size'], ['Rowan', '', '42']], TableFile::rows($this->file));
    }

    /** A table as OpenDocument 1.2 has it: repeated cells, several paragraphs, a second table that is not read. */
    public function testAnOpenDocumentIsRead(): void
    {
        $this->zip([
            'mimetype' => 'application/vnd.oasis.opendocument.spreadsheet',
            'content.xml' =>
                '<office:document-content xmlns:office="urn:o" xmlns:table="urn:t" xmlns:text="urn:x"><office:body>' .
                '<table:table><table:table-row><table:table-cell><text:p>Rowan</text:p></table:table-cell>' .
                '<table:table-cell table:number-columns-repeated="2"/><table:table-cell><text:p>M</text:p>' .
                '<text:p>navy</text:p></table:table-cell></table:table-row></table:table><table:table>' .
                '<table:table-row><table:table-cell><text:p>no</text:p></table:table-cell></table:table-row>' .
                '</table:table></office:body></office:document-content>',
        ]);
        self::assertSame([['Rowan', '', '', 'M navy']], TableFile::rows($this->file));
    }

    /** @return iterable<string, array{array<string, string>|string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => [''];
        yield 'no table in it' => [['readme.txt' => 'x']];
        yield 'half a file' => ["PK\x03\x04garbage"];
        yield 'no text' => ["\0\0\0\1"];
        yield 'an entity that grows' => [['content.xml' => '<!DOCTYPE a [<!ENTITY b "xx">]><a>&b;</a>']];
    }

    /** @param array<string, string>|string $content */
    #[DataProvider('unreadable')]
    public function testWhatIsNoTableIsRefusedInASentence(array|string $content): void
    {
        is_array($content) ? $this->zip($content) : file_put_contents($this->file, $content);
        $this->expectException(Refusal::class);
        TableFile::rows($this->file);
    }
}
