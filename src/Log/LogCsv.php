<?php

declare(strict_types=1);

namespace Wubbin\Log;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Log\CsvRow;
use Wubbin\Core\Log\PressSetting;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Run\Mark;
use Wubbin\Refusal\Refusal;
use Wubbin\Session\StepTime;
use Wubbin\Session\StoredDefect;
use Wubbin\Session\StoredEntry;
use Wubbin\Storage\CsvFile;
use Wubbin\Storage\Instant;
use Wubbin\Storage\WriteTurn;

/** The logbook as a table: RFC 4180, UTF-8. */
final readonly class LogCsv
{
    public function __construct(
        private EntityManagerInterface $entities,
        private WriteTurn $turn,
        private LogSearch $search,
        private Catalogue $catalogue,
    ) {}

    /** @param resource $to */
    public function write(LogFilter $filter, $to): void
    {
        CsvFile::write($to, CsvRow::COLUMNS, $this->lines($filter));
    }

    /** @return iterable<list<string>> */
    private function lines(LogFilter $filter): iterable
    {
        foreach ($this->search->each($filter) as $entry) {
            $done = Record::of($entry->done);
            $facts = $done->recordOrNull('facts') ?? Record::of([]);
            $number = static fn(?float $value): string => null === $value ? '' : (string) $value;
            $detail = LogDetail::fromEntry($entry, [], []);
            $taken = array_filter(
                array_map(
                    static fn(StepTime $step): ?float => 'heat' === $step->kind ? $step->taken : null,
                    $detail->times,
                ),
                is_float(...),
            );
            yield [
                $entry->at,
                $entry->name,
                (string) $entry->piece,
                $entry->outcome->value,
                CsvRow::defects(
                    array_map(static fn(array $mark): Mark => Mark::fromRecord(Record::of($mark)), $entry->marks),
                ),
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
        }
    }

    /**
     * Takes all lines in, or none.
     *
     * @return array{added: int, known: int} lines that were there already are left as they are
     *
     * @throws Refusal naming the lines that are wrong
     */
    public function read(string $path): array
    {
        $routes = array_keys($this->catalogue->routes);
        $file = CsvFile::read(
            $path,
            CsvRow::COLUMNS,
            CsvRow::NEEDED,
            static fn(array $cells): CsvRow => CsvRow::read($cells, $routes),
        );
        $rows = [];
        foreach ($file->whole() as $line => $row) {
            $rows[$file->keys[$line]] = $row;
        }

        return $this->turn->take(fn(): array => $this->store($rows));
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
            $source = 'csv-' . substr($key, 0, 60);
            $known->bindValue(1, $source);
            if (false !== $known->executeQuery()->fetchOne()) {
                continue;
            }
            $facts = Record::of($row->facts);
            $text = static fn(string $of): string => $facts->stringOrNull($of) ?? '';
            $entry = new StoredEntry(
                $source,
                Instant::write($row->at),
                '',
                $row->name,
                $row->piece,
                $row->outcome,
                $row->marks,
                $row->note,
                $row->route,
                $text('medium'),
                $text('printer'),
                $text('heat'),
                $text('blank'),
                [
                    'facts' => array_filter($row->facts, static fn(mixed $value): bool => null !== $value),
                    'seconds_done' => $row->secondsDone,
                ],
                PressSetting::of($facts)->key(),
            );
            $entry->washes = $row->washes;
            $entry->failed = $row->failed;
            $this->entities->persist($entry);
            foreach (
                array_unique(array_map(static fn(Mark $mark): string => $mark->defect->value, $row->marks))
                as $defect
            ) {
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
