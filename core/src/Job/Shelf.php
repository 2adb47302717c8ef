<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Support;

/** What a shop has, by id, in the order it is offered. */
final readonly class Shelf
{
    public const FORMAT = 'wubbin-shelf';
    public const VERSION = 1;

    /**
     * @param array<string, Medium>     $media
     * @param array<string, Marking>    $markings
     * @param array<string, HeatSource> $heat
     * @param array<string, Support>    $bases
     * @param array<string, Support>    $guards
     * @param array<string, Support>    $covers
     */
    private function __construct(
        public array $media,
        public array $markings,
        public array $heat,
        public array $bases,
        public array $guards,
        public array $covers,
    ) {
    }

    /** A shop that has one of everything Wubbin knows: what a job file is planned for when no shelf is given. */
    public static function everything(Catalogue $catalogue): self
    {
        return new self($catalogue->media, $catalogue->markings, $catalogue->heat, $catalogue->bases, $catalogue->guards, $catalogue->covers);
    }

    public static function nothing(): self
    {
        return new self([], [], [], [], [], []);
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

        return new self(
            self::pick($record, 'media', $catalogue->media),
            self::pick($record, 'markings', $catalogue->markings),
            $heat,
            self::pick($record, 'bases', $catalogue->bases),
            self::pick($record, 'guards', $catalogue->guards),
            self::pick($record, 'covers', $catalogue->covers),
        );
    }

    /** The same shelf with the sheets of this size offered, and taken, first. */
    public function preferring(PaperSize $paper): self
    {
        $media = $this->media;
        uasort($media, static fn (Medium $a, Medium $b): int => ($b->paper === $paper) <=> ($a->paper === $paper));

        return new self($media, $this->markings, $this->heat, $this->bases, $this->guards, $this->covers);
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
        );
    }

    /** @return array{format: string, version: int, media: list<string>, markings: list<string>, bases: list<string>, guards: list<string>, covers: list<string>, heat: list<array<string, mixed>>} */
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
            'heat' => array_values(array_map(static fn (HeatSource $source): array => $source->toRecord(), $this->heat)),
        ];
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
