<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Record;

/** An iron as it is typed in; the page gives it its id, so that sending it twice adds it once. */
#[OA\Schema(required: ['id', 'label', 'width', 'length', 'dots', 'steam'])]
final readonly class NewIron
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'The plate across, as typed: “115 mm”, “4 1/2 in”')]
        public string $width,
        #[OA\Property(description: 'The plate from heel to point, as typed')]
        public string $length,
        #[OA\Property]
        public int $dots,
        #[OA\Property]
        public bool $steam,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        return new self(mb_substr($record->string('id'), 0, 64), $record->string('label'), $record->string('width'), $record->string('length'), $record->integer('dots'), $record->boolean('steam'));
    }
}
