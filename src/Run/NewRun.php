<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Record;

#[OA\Schema(required: ['id', 'pieces'])]
final readonly class NewRun
{
    private function __construct(
        #[OA\Property(description: 'A new UUID, made by the page')] public string $id,
        public int $pieces,
        #[
            OA\Property(
                type: 'integer',
                nullable: true,
                description: 'Which of the job’s sizes and colours, from 0; null where all are alike',
            ),
        ]
        public ?int $share,
        #[
            OA\Property(
                type: 'integer',
                nullable: true,
                description: 'Pieces that were left when it was offered: where somebody has begun meanwhile, it is not',
            ),
        ]
        public ?int $left,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->id('id'),
            $record->integer('pieces'),
            $record->has('share') ? $record->integer('share') : null,
            $record->has('left') ? $record->integer('left') : null,
        );
    }
}
