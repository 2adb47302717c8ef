<?php

declare(strict_types=1);

namespace Wubbin\Tests\Storage;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\CsvFile;

final class CsvFileTest extends TestCase
{
    /** @return CsvFile<array<string, string>> */
    private function read(string $text): CsvFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'wubbin-csv');
        file_put_contents($path, $text);
        try {
            return CsvFile::read(
                $path,
                ['name', 'count', 'note'],
                ['name'],
                static fn(array $cells): array => 'bad' === $cells['name']
                    ? throw BadRecord::at('name', 'It is bad.')
                    : $cells,
            );
        } finally {
            unlink($path);
        }
    }

    /**
     * RFC 4180: quotes doubled, commas and line ends within them; columns in any order; a byte order mark is passed
     * over.
     */
    public function testATable(): void
    {
        $rows = $this->read("\xEF\xBB\xBFnote,name\r\n\"a \"\"good\"\" one,\ntwice\",mug\r\n\r\n,shirt\r\n")->whole();
        self::assertSame(
            [['note' => "a \"good\" one,\ntwice", 'name' => 'mug'], ['note' => '', 'name' => 'shirt']],
            array_values($rows),
        );
    }

    /** A cell that looks like a formula goes out with an apostrophe, and comes in without. */
    public function testFormulasAreDefusedAndComeBack(): void
    {
        $to = fopen('php://memory', 'w+');
        self::assertNotFalse($to);
        CsvFile::write($to, ['name', 'count'], [['=1+1', '-5'], ["'quoted", '+x']]);
        rewind($to);
        $text = (string) stream_get_contents($to);
        self::assertSame("name,count\r\n'=1+1,-5\r\n'quoted,'+x\r\n", $text);
        self::assertSame(
            [['name' => '=1+1', 'count' => '-5'], ['name' => "'quoted", 'count' => '+x']],
            array_values($this->read($text)->whole()),
        );
    }

    public function testWrongLinesAreNamedAndTheRestIsRead(): void
    {
        $file = $this->read("name,count\nmug,1\nbad,2\nshirt\nbag,4\n");
        self::assertSame([2, 5], array_keys($file->rows));
        self::assertSame(
            [[3, 'name'], [4, 'file']],
            array_map(static fn(array $one): array => [$one['line'], $one['column']], $file->wrong),
        );
        $this->expectExceptionMessage('2 of 4 lines are wrong, so nothing was stored.');
        $file->whole();
    }

    public function testOnlyTheFirstWrongLinesAreNamed(): void
    {
        try {
            $this->read("name\n" . str_repeat("bad\n", 50))->whole();
            self::fail('It was taken in.');
        } catch (Refusal $e) {
            self::assertStringContainsString('50 of 50', $e->getMessage());
            self::assertSame(10, substr_count($e->getMessage(), 'Line '));
        }
    }

    #[TestWith(['', 'name is missing'])]
    #[TestWith(["count\n1\n", 'name is missing'])]
    #[TestWith(["name,price\nmug,1\n", 'There is no column “price”'])]
    #[TestWith(["name,name\nmug,mug\n", 'A column is there twice'])]
    public function testWhatIsNoSuchTable(string $text, string $why): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($why);
        $this->read($text);
    }

    #[TestWith([';'])]
    #[TestWith(["\t"])]
    public function testWhatPartsTheCellsIsSeen(string $separator): void
    {
        $rows = $this->read("name{$separator}count\n\"a{$separator} b\"{$separator}2,5\n")->rows;
        self::assertSame(['name' => "a{$separator} b", 'count' => '2,5'], $rows[2]);
    }

    #[TestWith(['UTF-16LE', "\xFF\xFE"])]
    #[TestWith(['UTF-16BE', "\xFE\xFF"])]
    public function testATableInUtf16IsRead(string $encoding, string $mark): void
    {
        $text = mb_convert_encoding("name\tcount\nKörbe\t3\n", $encoding, 'UTF-8');
        self::assertSame(['name' => 'Körbe', 'count' => '3'], $this->read($mark . $text)->rows[2]);
    }

    public function testWhatIsNotUtf8IsToldByLine(): void
    {
        self::assertSame('This is not UTF-8.', $this->read("name\nm\xFCg\n")->wrong[0]['message']);
    }

    public function testTooManyLinesAreRefused(): void
    {
        $this->expectExceptionMessage('20 000 lines');
        $this->read("name\n" . str_repeat("mug\n", 20_001));
    }
}
