<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;

/** A band of one colour above and below the picture that goes on beyond it, as far as all round a candle. */
final readonly class Band implements ReadyStep
{
    private function __construct(
        public float $lengthMm,
        public float $lineMm,
        public float $gapMm,
        public Colour $colour,
        public bool $above,
        public bool $below,
    ) {}

    /** @throws BadRecord naming the field */
    public static function of(
        float $lengthMm,
        float $lineMm,
        float $gapMm,
        Colour $colour,
        bool $above,
        bool $below,
    ): self {
        if ($lengthMm < 5.0 || $lengthMm > 2000.0) {
            throw BadRecord::at('length_mm', 'Write a length from 5 mm (0.2 in) to 2000 mm (78 in).');
        }
        if ($lineMm < 0.1 || $lineMm > 100.0) {
            throw BadRecord::at('line_mm', 'Write a width from 0.1 mm to 100 mm (4 in).');
        }
        if ($gapMm < -200.0 || $gapMm > 200.0) {
            throw BadRecord::at('gap_mm', 'Write a distance up to 200 mm (8 in).');
        }
        if (!$above && !$below) {
            throw BadRecord::at('above', 'Put the band above the picture, below it, or both.');
        }

        return new self($lengthMm, $lineMm, $gapMm, $colour, $above, $below);
    }

    /**
     * How long a band may be that closes round a piece.
     *
     * @param float $aroundMm the way round
     *
     * @throws BadRecord where it is longer than that
     */
    public function refuseLongerThan(float $aroundMm): void
    {
        if ($this->lengthMm > $aroundMm + 0.05) {
            throw BadRecord::at(
                'length_mm',
                sprintf(
                    'This band is longer than the way round, which is %s mm.',
                    rtrim(rtrim(number_format($aroundMm, 1), '0'), '.'),
                ),
            );
        }
    }

    public static function fromRecord(Record $record): self
    {
        return self::of(
            $record->number('length_mm'),
            $record->number('line_mm'),
            $record->number('gap_mm'),
            Framed::colour($record),
            $record->boolean('above'),
            $record->boolean('below'),
        );
    }

    public function toRecord(): array
    {
        return [
            'do' => 'band',
            'length_mm' => $this->lengthMm,
            'line_mm' => $this->lineMm,
            'gap_mm' => $this->gapMm,
            'colour' => $this->colour->toHex(),
            'above' => $this->above,
            'below' => $this->below,
        ];
    }

    /** @return list<Rect> where its lines lie */
    public function lines(Rect $now): array
    {
        $left = $now->xMm + ($now->size->widthMm - $this->lengthMm) / 2.0;

        return [
            ...$this->above
                ? [Rect::mm($left, $now->yMm - $this->gapMm - $this->lineMm, $this->lengthMm, $this->lineMm)]
                : [],
            ...$this->below ? [Rect::mm($left, $now->bottom() + $this->gapMm, $this->lengthMm, $this->lineMm)] : [],
        ];
    }

    public function box(Rect $now): Rect
    {
        foreach ($this->lines($now) as $line) {
            $now = $now->around($line);
        }

        return $now;
    }
}
