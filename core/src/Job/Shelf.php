<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Base;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Guard;
use Wubbin\Core\Route\Iron;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;

/** What a shop has, by id, in the order it is offered. */
final readonly class Shelf
{
    public const FORMAT = 'wubbin-shelf';
    public const VERSION = 1;

    /**
     * @param array<string, Medium>  $media
     * @param array<string, Marking> $markings
     * @param array<string, Iron>    $irons
     * @param array<string, Base>    $bases
     * @param array<string, Guard>   $guards
     */
    private function __construct(
        public array $media,
        public array $markings,
        public array $irons,
        public array $bases,
        public array $guards,
    ) {
    }

    /** A shop that has one of everything Wubbin knows: what a job file is planned for when no shelf is given. */
    public static function everything(Catalogue $catalogue): self
    {
        return new self($catalogue->media, $catalogue->markings, $catalogue->irons, $catalogue->bases, $catalogue->guards);
    }

    public static function nothing(): self
    {
        return new self([], [], [], [], []);
    }

    /**
     * Ids of what the shop has from the catalogue, and the shop's own irons with their measured plates.
     *
     * @throws BadRecord for an id the catalogue does not have, or an iron that cannot be
     */
    public static function fromRecord(Record $record, Catalogue $catalogue): self
    {
        $irons = [];
        foreach ($record->records('irons') as $iron) {
            $irons[$iron->string('id')] = Iron::fromRecord($iron, Provenance::person());
        }

        return new self(
            self::pick($record, 'media', $catalogue->media),
            self::pick($record, 'markings', $catalogue->markings),
            $irons,
            self::pick($record, 'bases', $catalogue->bases),
            self::pick($record, 'guards', $catalogue->guards),
        );
    }

    /** The same shelf with the sheets of this size offered, and taken, first. */
    public function preferring(PaperSize $paper): self
    {
        $media = $this->media;
        uasort($media, static fn (Medium $a, Medium $b): int => ($b->paper === $paper) <=> ($a->paper === $paper));

        return new self($media, $this->markings, $this->irons, $this->bases, $this->guards);
    }

    /**
     * @return array{format: string, version: int, media: list<string>, markings: list<string>, bases: list<string>,
     *     guards: list<string>, irons: list<array{id: string, label: string, plate_width_mm: float, plate_length_mm: float, dots: int, steam: bool}>}
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
            'irons' => array_values(array_map(static fn (Iron $iron): array => [
                'id' => $iron->id,
                'label' => $iron->label,
                'plate_width_mm' => $iron->plate->widthMm,
                'plate_length_mm' => $iron->plate->heightMm,
                'dots' => $iron->dots,
                'steam' => $iron->steam,
            ], $this->irons)),
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
