<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/**
 * Reads a table, RFC 4180 in UTF-8 or UTF-16, its cells parted by commas, semicolons or tabs, whose first line names
 * its columns in any order. Every line is looked at, and what
 * is wrong with it is told by line and column.
 *
 * @template-covariant T
 */
final readonly class CsvFile
{
    private const MOST_LINES = 20000;

    /** So many wrong lines are named in a message before the rest is only counted. */
    private const MOST_NAMED = 10;

    /** What a spreadsheet would take for a formula begins so. */
    private const FORMULA = '/^[=+\-@\t\r]/';

    /**
     * @param array<int, T> $rows that can be read, by line
     * @param list<array{line: int, column: string, message: string}> $wrong
     * @param array<int, string> $keys what tells a line from all others
     */
    private function __construct(public array $rows, public array $wrong, public int $lines, public array $keys) {}

    /**
     * @template R
     *
     * @param list<string> $columns
     * @param list<string> $needed columns that must be there
     * @param callable(array<string, string>): R $read a line by its columns; what is wrong with it is a BadRecord
     *                                                 naming the column
     *
     * @return self<R>
     *
     * @throws Refusal where it is no such table at all
     */
    public static function read(string $path, array $columns, array $needed, callable $read): self
    {
        $file = self::open($path);
        try {
            $separator = self::separator($file, $columns);
            $head = self::head($file, $separator, $columns, $needed);
            $rows = $wrong = $keys = [];
            $lines = 0;
            while (is_array($cells = fgetcsv($file, separator: $separator, escape: ''))) {
                ++$lines;
                if ([null] === $cells) {
                    continue;
                }
                if ($lines > self::MOST_LINES) {
                    throw InvalidInput::field(
                        'file',
                        sprintf(
                            'More than %s lines at once are too many. Divide the file.',
                            number_format(self::MOST_LINES, 0, '', ' '),
                        ),
                    );
                }
                try {
                    $text = array_map(strval(...), $cells);
                    $rows[$lines + 1] = $read(self::cells($head, $text));
                    $keys[$lines + 1] = hash('sha256', implode("\x1f", $text));
                } catch (BadRecord $e) {
                    $wrong[] = ['line' => $lines + 1, 'column' => $e->field, 'message' => $e->getMessage()];
                }
            }
        } finally {
            fclose($file);
        }

        return new self($rows, $wrong, $lines, $keys);
    }

    /**
     * All lines, or none.
     *
     * @return array<int, T>
     *
     * @throws Refusal naming the lines that are wrong
     */
    public function whole(): array
    {
        if ([] === $this->wrong) {
            return $this->rows;
        }
        $named = array_map(
            static fn(array $one): string => sprintf('Line %d, %s: %s', $one['line'], $one['column'], $one['message']),
            array_slice($this->wrong, 0, self::MOST_NAMED),
        );

        throw InvalidInput::field(
            'file',
            sprintf(
                "%d of %d lines are wrong, so nothing was stored.\n%s",
                count($this->wrong),
                $this->lines,
                implode("\n", $named),
            ),
        );
    }

    /**
     * @param resource $to
     * @param list<string> $columns
     * @param iterable<list<string>> $rows
     */
    public static function write($to, array $columns, iterable $rows): void
    {
        fputcsv($to, $columns, escape: '', eol: "\r\n");
        foreach ($rows as $row) {
            fputcsv($to, array_map(self::safe(...), $row), escape: '', eol: "\r\n");
        }
    }

    /** A cell that no spreadsheet takes for a formula. */
    private static function safe(string $text): string
    {
        return 1 === preg_match(self::FORMULA, $text) && !is_numeric($text) ? "'" . $text : $text;
    }

    /**
     * @param list<string> $head
     * @param list<string> $text
     *
     * @return array<string, string>
     */
    private static function cells(array $head, array $text): array
    {
        if (!mb_check_encoding(implode('', $text), 'UTF-8')) {
            throw BadRecord::at('file', 'This is not UTF-8.');
        }
        if (count($text) !== count($head)) {
            throw BadRecord::at('file', sprintf('%d cells, where the first line has %d.', count($text), count($head)));
        }

        // An apostrophe that was put before what looked like a formula is taken off again.
        return array_combine(
            $head,
            array_map(
                static fn(string $cell): string => str_starts_with($cell, "'") &&
                1 === preg_match(self::FORMULA, substr($cell, 1))
                    ? substr($cell, 1)
                    : trim($cell),
                $text,
            ),
        );
    }

    /**
     * The table in UTF-8, at its first cell. Spreadsheets also write UTF-16, which they announce by a mark.
     *
     * @return resource
     */
    private static function open(string $path)
    {
        $file = fopen($path, 'r');
        if (false === $file) {
            throw InvalidInput::field('file', 'The file cannot be read.');
        }
        $mark = (string) fread($file, 3);
        $wide = match (substr($mark, 0, 2)) {
            "\xFF\xFE" => 'UTF-16LE',
            "\xFE\xFF" => 'UTF-16BE',
            default => null,
        };
        if (null === $wide) {
            fseek($file, "\xEF\xBB\xBF" === $mark ? 3 : 0);

            return $file;
        }
        fseek($file, 2);
        $text = mb_convert_encoding((string) stream_get_contents($file), 'UTF-8', $wide);
        fclose($file);
        $file = fopen('php://temp', 'w+');
        if (false === $file) {
            throw new \RuntimeException('Nothing can be stored in memory.');
        }
        fwrite($file, $text);
        rewind($file);

        return $file;
    }

    /**
     * What parts the cells: whichever makes most columns of the first line known ones. Where commas mark decimals,
     * spreadsheets write semicolons.
     *
     * @param resource $file left where it was
     * @param list<string> $columns
     */
    private static function separator($file, array $columns): string
    {
        $at = (int) ftell($file);
        $line = (string) fgets($file);
        fseek($file, $at);
        $known = [];
        foreach ([',', ';', "\t"] as $separator) {
            $cells = array_map(
                static fn(?string $cell): string => trim((string) $cell),
                str_getcsv($line, $separator, escape: ''),
            );
            $known[$separator] = count(array_intersect($cells, $columns));
        }

        return (string) array_search(max($known), $known, true);
    }

    /**
     * @param resource $file
     * @param list<string> $columns
     * @param list<string> $needed
     *
     * @return list<string>
     */
    private static function head($file, string $separator, array $columns, array $needed): array
    {
        $head = fgetcsv($file, separator: $separator, escape: '');
        $head = is_array($head) ? array_map(static fn(?string $cell): string => trim((string) $cell), $head) : [];
        $unknown = array_values(array_diff($head, $columns));
        $missing = array_diff($needed, $head);
        if ([] !== $missing) {
            throw InvalidInput::field(
                'file',
                sprintf(
                    'The first line names the columns. %s missing.',
                    implode(', ', $missing) . (1 === count($missing) ? ' is' : ' are'),
                ),
            );
        }
        if ([] !== $unknown) {
            throw InvalidInput::field(
                'file',
                sprintf(
                    'There is no column “%s”. They are %s.',
                    mb_scrub(mb_substr($unknown[0], 0, 40)),
                    implode(', ', $columns),
                ),
            );
        }
        if (count(array_unique($head)) < count($head)) {
            throw InvalidInput::field('file', 'A column is there twice.');
        }

        return $head;
    }
}
