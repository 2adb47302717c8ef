<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * A household iron. The plate's width is taken across at its widest and its length from heel to point, in mm.
 */
final readonly class Iron
{
    public const LEAST_PLATE_MM = 40.0;
    public const MOST_PLATE_MM = 400.0;

    /** @param int<1, 3> $dots of its hottest setting */
    private function __construct(
        public string $id,
        public string $label,
        public Size $plate,
        public int $dots,
        public bool $steam,
        public Provenance $provenance,
    ) {
    }

    /** @throws BadRecord for a plate outside 40 to 400 mm, or dots outside 1 to 3 */
    public static function fromRecord(Record $record, Provenance $provenance): self
    {
        foreach (['plate_width_mm', 'plate_length_mm'] as $side) {
            $mm = $record->number($side);
            if ($mm < self::LEAST_PLATE_MM || $mm > self::MOST_PLATE_MM) {
                throw BadRecord::at($side, UnreadableQuantity::outOfRange('A plate’s side', '40 mm (1.6 in)', '400 mm (15.7 in)')->getMessage());
            }
        }
        $dots = $record->integer('dots');
        if ($dots < 1 || $dots > 3) {
            throw BadRecord::at('dots', 'An iron has one, two or three dots.');
        }

        return new self(
            $record->string('id'),
            $record->string('label'),
            Size::mm($record->number('plate_width_mm'), $record->number('plate_length_mm')),
            $dots,
            $record->boolean('steam'),
            $provenance,
        );
    }
}
