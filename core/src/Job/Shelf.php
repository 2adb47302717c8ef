<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Printer;
use Wubbin\Core\Route\Support;

/**
 * What a shop has, by id, in the order it is offered. Its own entries are copies of built-in ones that behave as these
 * do; taken off the shelf they are kept, so that old jobs still know what they went by.
 *
 * @phpstan-type OwnThings array<string, array<string, Medium|Marking|Support|BlankSize>>
 */
final readonly class Shelf
{
    public const FORMAT = 'wubbin-shelf';
    public const VERSION = 1;

    /**
     * @param array<string, Medium> $media
     * @param array<string, Marking> $markings
     * @param array<string, HeatSource> $heat
     * @param array<string, Support> $bases
     * @param array<string, Support> $guards
     * @param array<string, Support> $covers
     * @param array<string, BlankSize> $blanks of its own; those that Wubbin knows can always be had
     * @param array<string, Printer> $printers by marking, where one was set up
     * @param OwnThings $own by kind: the shop's own entries, on the shelf or retired from it
     */
    private function __construct(
        public array $media,
        public array $markings,
        public array $heat,
        public array $bases,
        public array $guards,
        public array $covers,
        public array $blanks,
        public array $printers,
        public PaperStock $paper,
        private array $own,
    ) {}

    /** A shop that has one of everything Wubbin knows: what a job file is planned for when no shelf is given. */
    public static function everything(Catalogue $catalogue): self
    {
        return new self(
            $catalogue->sheets->media,
            $catalogue->sheets->markings,
            $catalogue->heat->sources,
            $catalogue->supports->bases,
            $catalogue->supports->guards,
            $catalogue->supports->covers,
            [],
            [],
            PaperStock::nothing(),
            [],
        );
    }

    public static function nothing(): self
    {
        return new self([], [], [], [], [], [], [], [], PaperStock::nothing(), []);
    }

    /**
     * Ids of what the shop has from the catalogue, and the shop's own heat sources with their measured plates.
     *
     * @throws BadRecord for an id the catalogue does not have, or a heat source that cannot be
     */
    public static function fromRecord(Record $record, Catalogue $catalogue): self
    {
        $heat = [];
        foreach ($record->records('heat') as $source) {
            $heat[$source->string('id')] = HeatSource::fromRecord($source, Provenance::person());
        }

        $given = $record->recordOrNull('own');
        $own = [
            'media' => self::copies($given, 'media', $catalogue->sheets->media),
            'markings' => self::copies($given, 'markings', $catalogue->sheets->markings),
            'bases' => self::copies($given, 'bases', $catalogue->supports->bases),
            'guards' => self::copies($given, 'guards', $catalogue->supports->guards),
            'covers' => self::copies($given, 'covers', $catalogue->supports->covers),
            'blanks' => self::copies($given, 'blanks', $catalogue->sizes()),
        ];

        $printers = array_map(Printer::fromRecord(...), $record->recordMap('printers'));
        $markings = self::pick($record, 'markings', $catalogue->sheets->markings + $own['markings']);
        foreach ($printers as $id => $printer) {
            if (isset($markings[$id])) {
                $markings[$id] = $markings[$id]->setUpAs($printer);
            }
        }

        return new self(
            self::pick($record, 'media', $catalogue->sheets->media + $own['media']),
            $markings,
            $heat,
            self::pick($record, 'bases', $catalogue->supports->bases + $own['bases']),
            self::pick($record, 'guards', $catalogue->supports->guards + $own['guards']),
            self::pick($record, 'covers', $catalogue->supports->covers + $own['covers']),
            $record->has('blanks') ? self::pick($record, 'blanks', $own['blanks']) : [],
            $printers,
            $record->has('paper') ? PaperStock::fromRecord($record->record('paper')) : PaperStock::nothing(),
            $own,
        );
    }

    /** The same shelf with the sheets of this size offered, and taken, first. */
    public function preferring(PaperSize $paper): self
    {
        $media = $this->media;
        uasort($media, static fn(Medium $a, Medium $b): int => ($b->paper === $paper) <=> ($a->paper === $paper));

        return new self(
            $media,
            $this->markings,
            $this->heat,
            $this->bases,
            $this->guards,
            $this->covers,
            $this->blanks,
            $this->printers,
            $this->paper,
            $this->own,
        );
    }

    /**
     * The same shelf with so many sheets of each medium.
     *
     * @param array<string, int> $sheets
     */
    public function counting(array $sheets): self
    {
        return new self(
            $this->media,
            $this->markings,
            $this->heat,
            $this->bases,
            $this->guards,
            $this->covers,
            $this->blanks,
            $this->printers,
            $this->paper->counting($sheets),
            $this->own,
        );
    }

    /** Whether it has, or once had, something of its own under this id. */
    public function knows(string $kind, string $id): bool
    {
        return isset($this->own[$kind][$id]) || ('heat' === $kind && isset($this->heat[$id]));
    }

    /** What Wubbin knows, and the blanks of the shop's own: retired ones too, since old jobs are made on them. */
    public function stocked(Catalogue $catalogue): Catalogue
    {
        /** @var array<string, BlankSize> $own */
        $own = $this->own['blanks'] ?? [];

        return [] === $own ? $catalogue : $catalogue->withSizes($own);
    }

    /** The same shelf with these things put on it as well. */
    public function with(?Medium $medium = null, ?Marking $marking = null, ?HeatSource $heat = null): self
    {
        return new self(
            $this->media + (null === $medium ? [] : [$medium->id => $medium]),
            $this->markings + (null === $marking ? [] : [$marking->id => $marking]),
            $this->heat + (null === $heat ? [] : [$heat->id => $heat]),
            $this->bases,
            $this->guards,
            $this->covers,
            $this->blanks,
            $this->printers,
            $this->paper,
            $this->own,
        );
    }

    /**
     * @return array{
     *     format: string, version: int, media: list<string>, markings: list<string>, bases: list<string>,
     *     guards: list<string>, covers: list<string>, blanks: list<string>,
     *     printers?: array<string, array<string, mixed>>, paper: array<string, mixed>,
     *     heat: list<array<string, mixed>>, own: array<string, list<array<string, mixed>>>
     * }
     */
    public function toRecord(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'media' => array_keys($this->media),
            'markings' => array_keys($this->markings),
            'bases' => array_keys($this->bases),
            'guards' => array_keys($this->guards),
            'covers' => array_keys($this->covers),
            'blanks' => array_keys($this->blanks),
            // An empty list would be written as one, not as an empty map.
            ...[] === $this->printers
                ? []
                : [
                    'printers' => array_map(
                        static fn(Printer $printer): array => $printer->toRecord(),
                        $this->printers,
                    ),
                ],
            'paper' => $this->paper->toRecord(),
            'heat' => array_values(array_map(static fn(HeatSource $source): array => $source->toRecord(), $this->heat)),
            'own' => array_map(
                static fn(array $things): array => array_values(
                    array_map(static fn(Medium|Marking|Support|BlankSize $thing): array => $thing->toRecord(), $things),
                ),
                $this->own,
            ),
        ];
    }

    /**
     * @template T of Medium|Marking|Support|BlankSize
     *
     * @param array<string, T> $known
     *
     * @return array<string, T>
     */
    private static function copies(?Record $own, string $kind, array $known): array
    {
        $copies = [];
        foreach ($own?->records($kind) ?? [] as $record) {
            $like =
                $known[$record->string('like')] ??
                throw BadRecord::at(
                    'own.' . $kind,
                    sprintf('Wubbin knows nothing called “%s” to behave as.', $record->string('like')),
                );
            $id = $record->string('id');
            if (isset($known[$id]) || isset($copies[$id])) {
                throw BadRecord::at('own.' . $kind, 'This id is there twice.');
            }
            /** @var T $copy */
            $copy = $like->copiedAs($record);
            $copies[$id] = $copy;
        }

        return $copies;
    }

    /**
     * @template T
     *
     * @param array<string, T> $known
     *
     * @return array<string, T>
     */
    private static function pick(Record $record, string $key, array $known): array
    {
        $picked = [];
        foreach ($record->strings($key) as $id) {
            $picked[$id] = $known[$id] ?? throw BadRecord::at($key, sprintf('Wubbin knows nothing called “%s”.', $id));
        }

        return $picked;
    }
}
