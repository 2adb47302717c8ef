<?php

declare(strict_types=1);

namespace Wubbin\Log;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Log\CsvRow;
use Wubbin\Core\Log\Setting;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Run\Mark;
use Wubbin\Http\Problem;
use Wubbin\Storage\Instant;

/** The logbook as a table: RFC 4180, UTF-8. */
final readonly class LogCsv
{
    private const MOST_LINES = 20000;

    /** So many wrong lines are named before the rest is only counted. */
    private const MOST_NAMED = 10;

    public function __construct(private EntityManagerInterface $entities, private LogSearch $search, private Catalogue $catalogue)
    {
    }

    /** @param resource $to */
    public function write(LogFilter $filter, $to): void
    {
        fputcsv($to, CsvRow::COLUMNS, escape: '', eol: "\r\n");
        foreach ($this->search->each($filter) as $entry) {
            $done = Record::of($entry->done);
            $facts = $done->recordOrNull('facts') ?? Record::of([]);
            $number = static fn (?float $value): string => null === $value ? '' : (string) $value;
            $detail = LogDetail::of($entry, [], []);
            $taken = array_filter(array_map(static fn (StepTime $step): ?float => 'heat' === $step->kind ? $step->taken : null, $detail->times), is_float(...));
            $cells = [
                $entry->at,
                $entry->name,
                (string) $entry->piece,
                $entry->outcome->value,
                CsvRow::defects(array_map(static fn (array $mark): Mark => Mark::fromRecord(Record::of($mark)), $entry->marks)),
                $entry->note,
                $entry->route,
                $entry->medium,
                $entry->printer,
                $entry->heat,
                $entry->blank,
                $number($facts->numberOrNull('setting_c')),
                $number($facts->numberOrNull('dwell_s')),
                $number($done->numberOrNull('seconds_done') ?? ([] === $taken ? null : min($taken))),
                $facts->stringOrNull('pressure') ?? '',
                $facts->stringOrNull('base') ?? '',
                $facts->stringOrNull('peel') ?? '',
                null === $entry->washes ? '' : (string) $entry->washes,
                $entry->failed ? 'yes' : 'no',
            ];
            fputcsv($to, array_map(CsvRow::safe(...), $cells), escape: '', eol: "\r\n");
        }
    }

    /**
     * Takes all lines in, or none.
     *
     * @return array{added: int, known: int} lines that were there already are left as they are
     *
     * @throws Problem naming the lines that are wrong
     */
    public function read(string $path): array
    {
        $file = fopen($path, 'r');
        if (false === $file) {
            throw Problem::field('file', 'The file cannot be read.');
        }
        try {
            $rows = $this->rows($file);
        } finally {
            fclose($file);
        }

        return $this->entities->wrapInTransaction(fn (): array => $this->store($rows));
    }

    /**
     * @param resource $file
     *
     * @return array<string, CsvRow> by what tells a line from all others
     */
    private function rows($file): array
    {
        $bom = fread($file, 3);
        if ("\xEF\xBB\xBF" !== $bom) {
            rewind($file);
        }
        $head = $this->head($file);
        $routes = array_keys($this->catalogue->routes);
        $rows = $wrong = [];
        $lines = $bad = 0;
        while (is_array($cells = fgetcsv($file, escape: ''))) {
            ++$lines;
            if ([null] === $cells) {
                continue;
            }
            if ($lines > self::MOST_LINES) {
                throw Problem::field('file', sprintf('More than %s lines at once are too many: divide the file.', number_format(self::MOST_LINES, 0, '', ' ')));
            }
            try {
                $text = array_map(strval(...), $cells);
                if (!mb_check_encoding(implode('', $text), 'UTF-8')) {
                    throw BadRecord::at('file', 'This is not UTF-8.');
                }
                if (count($text) !== count($head)) {
                    throw BadRecord::at('file', sprintf('%d cells, where the first line has %d.', count($text), count($head)));
                }
                $rows[hash('sha256', implode("\x1f", $text))] = CsvRow::read(array_combine($head, $text), $routes);
            } catch (BadRecord $e) {
                ++$bad;
                if (count($wrong) < self::MOST_NAMED) {
                    $wrong[] = sprintf('Line %d, %s: %s', $lines + 1, $e->field, $e->getMessage());
                }
            }
        }
        if ([] !== $wrong) {
            throw Problem::field('file', sprintf("%d of %d lines are wrong; nothing was taken in.\n%s", $bad, $lines, implode("\n", $wrong)));
        }

        return $rows;
    }

    /**
     * @param resource $file
     *
     * @return list<string>
     */
    private function head($file): array
    {
        $head = fgetcsv($file, escape: '');
        $head = is_array($head) ? array_map(static fn (?string $cell): string => trim((string) $cell), $head) : [];
        $unknown = array_diff($head, CsvRow::COLUMNS);
        $missing = array_diff(CsvRow::NEEDED, $head);
        if ([] !== $missing) {
            throw Problem::field('file', sprintf('The first line names the columns. %s missing.', implode(', ', $missing).(1 === count($missing) ? ' is' : ' are')));
        }
        if ([] !== $unknown) {
            throw Problem::field('file', sprintf('There is no column “%s”. They are %s.', mb_scrub(mb_substr(array_values($unknown)[0], 0, 40)), implode(', ', CsvRow::COLUMNS)));
        }
        if (count(array_unique($head)) < count($head)) {
            throw Problem::field('file', 'A column is there twice.');
        }

        return $head;
    }

    /**
     * @param array<string, CsvRow> $rows
     *
     * @return array{added: int, known: int}
     */
    private function store(array $rows): array
    {
        $added = 0;
        $connection = $this->entities->getConnection();
        $known = $connection->prepare('SELECT 1 FROM log_entry WHERE source = ?');
        foreach ($rows as $key => $row) {
            $source = 'csv-'.substr($key, 0, 60);
            $known->bindValue(1, $source);
            if (false !== $known->executeQuery()->fetchOne()) {
                continue;
            }
            $facts = Record::of($row->facts);
            $text = static fn (string $of): string => $facts->stringOrNull($of) ?? '';
            $entry = new StoredEntry($source, Instant::write($row->at), '', $row->name, $row->piece, $row->outcome, $row->marks, $row->note, $row->route, $text('medium'), $text('printer'), $text('heat'), $text('blank'), ['facts' => array_filter($row->facts, static fn (mixed $value): bool => null !== $value), 'seconds_done' => $row->secondsDone], Setting::of($facts)->key());
            $entry->washes = $row->washes;
            $entry->failed = $row->failed;
            $this->entities->persist($entry);
            foreach (array_unique(array_map(static fn (Mark $mark): string => $mark->defect->value, $row->marks)) as $defect) {
                $this->entities->persist(new StoredDefect($entry, $defect));
            }
            if (0 === ++$added % 500) {
                $this->entities->flush();
                $this->entities->clear();
            }
        }
        $this->entities->flush();

        return ['added' => $added, 'known' => count($rows) - $added];
    }
}
