<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** The picture again and again, so far from middle to middle: a pattern. */
final readonly class Repeated implements ReadyStep
{
    public const MOST = 400;

    private function __construct(
        public int $columns,
        public int $rows,
        public float $acrossMm,
        public float $downMm,
        public bool $staggered,
        public bool $closes,
    ) {}

    /**
     * @param bool $closes how many and how far apart across follows from the way round
     *
     * @throws BadRecord naming the field
     */
    public static function of(
        int $columns,
        int $rows,
        float $acrossMm,
        float $downMm,
        bool $staggered,
        bool $closes = false,
    ): self {
        if ($columns < 1 || $rows < 1 || $columns * $rows > self::MOST) {
            throw BadRecord::at('columns', 'A pattern has the picture from 1 to 400 times.');
        }
        foreach (['across_mm' => $acrossMm, 'down_mm' => $downMm] as $field => $mm) {
            if ($mm < 1.0 || $mm > 1000.0) {
                throw BadRecord::at($field, 'Write a distance from 1 mm to 1000 mm (39 in).');
            }
        }

        return new self($columns, $rows, $acrossMm, $downMm, $staggered, $closes);
    }

    /** The same round a piece, where it is to close round it. */
    public function round(float $aroundMm): self
    {
        [$times, $apart] = self::closing($aroundMm, $this->acrossMm);

        return $this->closes ? self::of($times, $this->rows, $apart, $this->downMm, $this->staggered, true) : $this;
    }

    /**
     * The distance nearest to the one wanted at which whole pictures close round a piece.
     *
     * @param float $aroundMm the way round
     *
     * @return array{int, float} how many, and from middle to middle in mm
     */
    public static function closing(float $aroundMm, float $wantedMm): array
    {
        $times = max(1, (int) round($aroundMm / $wantedMm));

        return [$times, $aroundMm / $times];
    }

    public static function fromRecord(Record $record): self
    {
        return self::of(
            $record->integer('columns'),
            $record->integer('rows'),
            $record->number('across_mm'),
            $record->number('down_mm'),
            $record->boolean('staggered'),
            $record->boolean('closes'),
        );
    }

    public function toRecord(): array
    {
        return [
            'do' => 'repeat',
            'columns' => $this->columns,
            'rows' => $this->rows,
            'across_mm' => $this->acrossMm,
            'down_mm' => $this->downMm,
            'staggered' => $this->staggered,
            'closes' => $this->closes,
        ];
    }

    /** @return list<array{float, float}> how far each lies from the first, in mm */
    public function shifts(): array
    {
        $shifts = [];
        for ($row = 0; $row < $this->rows; ++$row) {
            for ($column = 0; $column < $this->columns; ++$column) {
                $shifts[] = [
                    ($column + ($this->staggered && 1 === $row % 2 ? 0.5 : 0.0)) * $this->acrossMm,
                    $row * $this->downMm,
                ];
            }
        }

        return $shifts;
    }

    /** About the middle of the first. */
    public function box(Rect $now): Rect
    {
        $shifts = $this->shifts();

        return Box::about(
            $now,
            $now->size->widthMm + max([0.0, ...array_column($shifts, 0)]),
            $now->size->heightMm + max([0.0, ...array_column($shifts, 1)]),
        );
    }
}
