<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Record;

/** How a printer stands in a shop: its trays, the largest sheet it takes, and where it mirrors. */
final readonly class Printer
{
    public const MOST_TRAYS = 6;

    /** A printer for A4 takes Letter too, which is 6 mm wider; in mm on each side. */
    private const WIDER_MM = 3.0;

    /** @param non-empty-list<Tray> $trays the usual one first */
    public function __construct(public MirrorsIn $mirrors, public PaperSize $largest, public array $trays) {}

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $trays = array_map(Tray::fromRecord(...), $record->records('trays'));
        $ids = array_map(static fn(Tray $tray): string => $tray->id, $trays);
        if ([] === $trays || count($trays) > self::MOST_TRAYS) {
            throw BadRecord::at('trays', sprintf('A printer has 1 to %d trays.', self::MOST_TRAYS));
        }
        if (count(array_unique($ids)) < count($ids)) {
            throw BadRecord::at('trays', 'This tray is there twice.');
        }

        return new self($record->enum('mirrors', MirrorsIn::class), $record->enum('largest', PaperSize::class), $trays);
    }

    /** As it comes out of its box: one tray that nobody has tried yet. */
    public static function untried(PaperSize $largest): self
    {
        return new self(MirrorsIn::File, $largest, [new Tray('tray', 'the tray', false, null)]);
    }

    public function takes(PaperSize $paper): bool
    {
        return $paper->size()->fitsIn($this->largest->size()->grown(self::WIDER_MM));
    }

    public function tray(string $id): ?Tray
    {
        foreach ($this->trays as $tray) {
            if ($tray->id === $id) {
                return $tray;
            }
        }

        return null;
    }

    /** The tray that a sheet goes into: what does not like to be bent into the first with a straight path. */
    public function trayFor(bool $stiff): Tray
    {
        foreach ($stiff ? $this->trays : [] as $tray) {
            if ($tray->straight) {
                return $tray;
            }
        }

        return $this->trays[0];
    }

    /** With what a feed test has shown of one of its trays. */
    public function tested(string $tray, Feed $feed): self
    {
        return new self(
            $this->mirrors,
            $this->largest,
            array_map(static fn(Tray $one): Tray => $one->id === $tray ? $one->fedLike($feed) : $one, $this->trays),
        );
    }

    /** @return array{mirrors: string, largest: string, trays: list<array<string, mixed>>} */
    public function toRecord(): array
    {
        return [
            'mirrors' => $this->mirrors->value,
            'largest' => $this->largest->value,
            'trays' => array_map(static fn(Tray $tray): array => $tray->toRecord(), $this->trays),
        ];
    }
}
