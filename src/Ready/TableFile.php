<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/**
 * The first table of a file that people keep lists in: CSV, an Office Open XML workbook (ECMA-376, part 1, 18) or an
 * OpenDocument table (OASIS 1.2, part 1, 9). Only text is read; no formula is reckoned.
 */
final readonly class TableFile
{
    public const MOST_ROWS = 10001;
    private const MOST_COLUMNS = 20;

    /** Of one part of a workbook, unpacked, in bytes. */
    private const LARGEST_PART = 64_000_000;

    /**
     * @return list<list<string>> rows of cells, all of them trimmed; rows without any text left out
     *
     * @throws Refusal naming the field `file`
     */
    public static function rows(string $path): array
    {
        $head = (string) file_get_contents($path, false, null, 0, 4);
        $rows = [];
        foreach (str_starts_with($head, "PK\x03\x04") ? self::packed($path) : self::commaSeparated($path) as $row) {
            $cells = array_map(
                static fn(string $cell): string => trim((string) preg_replace('/[\s\p{Cc}]+/u', ' ', $cell)),
                array_slice($row, 0, self::MOST_COLUMNS),
            );
            if ('' !== implode('', $cells)) {
                $rows[] = $cells;
            }
            if (count($rows) > self::MOST_ROWS) {
                throw InvalidInput::field('file', 'This table has more than 10 000 rows.');
            }
        }

        return [] === $rows ? throw InvalidInput::field('file', 'There is no text in this table.') : $rows;
    }

    /** @return iterable<list<string>> */
    private static function commaSeparated(string $path): iterable
    {
        $text = (string) file_get_contents($path);
        $text = match (true) {
            str_starts_with($text, "\xef\xbb\xbf") => substr($text, 3),
            str_starts_with($text, "\xff\xfe"), str_starts_with($text, "\xfe\xff") => mb_convert_encoding(
                $text,
                'UTF-8',
                'UTF-16',
            ),
            default => mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252'),
        };
        if (str_contains($text, "\0")) {
            throw InvalidInput::field('file', 'This is not a table. Save it as CSV, .xlsx or .ods.');
        }
        // What stands in quotes holds no separators.
        $first = (string) preg_replace('/"[^"]*"/', '', substr($text, 0, 10000));
        $counts = [
            ';' => substr_count($first, ';'),
            "\t" => substr_count($first, "\t"),
            ',' => substr_count($first, ','),
        ];
        arsort($counts);
        $file = fopen('php://temp', 'w+');
        if (false === $file) {
            throw new \RuntimeException('There is no room to read a table.');
        }
        fwrite($file, $text);
        rewind($file);
        while (is_array($row = fgetcsv($file, null, array_key_first($counts), '"', ''))) {
            yield array_map(static fn(?string $cell): string => $cell ?? '', $row);
        }
    }

    /** @return iterable<list<string>> */
    private static function packed(string $path): iterable
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
            throw InvalidInput::field('file', 'This file is damaged. Export it again.');
        }
        try {
            if (false !== $zip->locateName('content.xml')) {
                yield from self::openDocument(self::part($zip, 'content.xml'));

                return;
            }
            $strings =
                false === $zip->locateName('xl/sharedStrings.xml')
                    ? []
                    : self::sharedStrings(self::part($zip, 'xl/sharedStrings.xml'));
            yield from self::workbook(self::part($zip, self::firstSheet($zip)), $strings);
        } finally {
            $zip->close();
        }
    }

    private static function firstSheet(\ZipArchive $zip): string
    {
        for ($i = 1; $i <= 50; ++$i) {
            if (false !== $zip->locateName('xl/worksheets/sheet' . $i . '.xml')) {
                return 'xl/worksheets/sheet' . $i . '.xml';
            }
        }
        throw InvalidInput::field('file', 'There is no table in this file. Save it as CSV, .xlsx or .ods.');
    }

    private static function part(\ZipArchive $zip, string $name): \XMLReader
    {
        $stat = $zip->statName($name);
        if (false === $stat || $stat['size'] > self::LARGEST_PART) {
            throw InvalidInput::field('file', 'This table is too large. Save the names alone.');
        }
        $xml = (string) $zip->getFromName($name, self::LARGEST_PART);
        if (str_contains(substr($xml, 0, 4096), '<!DOCTYPE')) {
            throw InvalidInput::field('file', 'This file is damaged. Export it again.');
        }
        $reader = \XMLReader::XML($xml, null, \LIBXML_NONET | \LIBXML_NOERROR | \LIBXML_NOWARNING);

        return $reader instanceof \XMLReader
            ? $reader
            : throw InvalidInput::field('file', 'This file is damaged. Export it again.');
    }

    /** @return list<string> */
    private static function sharedStrings(\XMLReader $xml): array
    {
        $strings = [];
        while ($xml->read()) {
            if (\XMLReader::ELEMENT === $xml->nodeType && 'si' === $xml->localName) {
                $strings[] = $xml->readString();
            }
        }

        return $strings;
    }

    /**
     * @param list<string> $strings
     *
     * @return iterable<list<string>>
     */
    private static function workbook(\XMLReader $xml, array $strings): iterable
    {
        $row = [];
        while ($xml->read()) {
            if (\XMLReader::END_ELEMENT === $xml->nodeType && 'row' === $xml->localName) {
                yield self::filled($row);
                $row = [];
            }
            if (\XMLReader::ELEMENT === $xml->nodeType && 'c' === $xml->localName) {
                $at = self::column((string) $xml->getAttribute('r'), count($row));
                $kind = $xml->getAttribute('t');
                $text = '';
                $cell = $xml->isEmptyElement ? null : $xml->expand();
                foreach ($cell instanceof \DOMElement ? $cell->childNodes : [] as $child) {
                    $text .= in_array($child->localName, ['v', 'is'], true) ? $child->textContent : '';
                }
                $row[$at] = 's' === $kind ? $strings[(int) $text] ?? '' : $text;
            }
        }
    }

    /** Of “C7”: 2. */
    private static function column(string $reference, int $otherwise): int
    {
        if (1 !== preg_match('/^([A-Z]{1,3})\d+$/', $reference, $found)) {
            return $otherwise;
        }
        $column = 0;
        foreach (str_split($found[1]) as $letter) {
            $column = 26 * $column + ord($letter) - 64;
        }

        return $column - 1;
    }

    /**
     * @param array<int, string> $row by column
     *
     * @return list<string>
     */
    private static function filled(array $row): array
    {
        $cells = [];
        for ($i = 0, $last = min(self::MOST_COLUMNS, [] === $row ? 0 : max(array_keys($row)) + 1); $i < $last; ++$i) {
            $cells[] = $row[$i] ?? '';
        }

        return $cells;
    }

    /** @return iterable<list<string>> */
    private static function openDocument(\XMLReader $xml): iterable
    {
        while ($xml->read()) {
            if (\XMLReader::END_ELEMENT === $xml->nodeType && 'table' === $xml->localName) {
                return;
            }
            if (\XMLReader::ELEMENT === $xml->nodeType && 'table-row' === $xml->localName && !$xml->isEmptyElement) {
                $row = $xml->expand();
                $cells = [];
                foreach ($row instanceof \DOMElement ? $row->childNodes : [] as $cell) {
                    if (
                        $cell instanceof \DOMElement &&
                        in_array($cell->localName, ['table-cell', 'covered-table-cell'], true)
                    ) {
                        $times = max(1, (int) $cell->getAttribute('table:number-columns-repeated'));
                        $text = [];
                        foreach ($cell->childNodes as $part) {
                            if ('p' === $part->localName) {
                                $text[] = $part->textContent;
                            }
                        }
                        for ($i = 0; $i < $times && count($cells) < self::MOST_COLUMNS; ++$i) {
                            $cells[] = implode(' ', $text);
                        }
                    }
                }
                yield $cells;
            }
        }
    }
}
