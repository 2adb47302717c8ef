<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\EventType;
use Wubbin\Core\Run\Outcome;
use Wubbin\Http\Problem;

/** What a person did at the bench, as the page sends it. */
#[OA\Schema(required: ['id', 'position', 'type'])]
final readonly class Press
{
    /** @param list<Defect> $defects */
    private function __construct(
        #[OA\Property(description: 'A new UUID, made by the page')]
        public string $id,
        #[OA\Property(description: 'The step that was on the screen')]
        public int $position,
        #[OA\Property(type: 'string', enum: ['started', 'done', 'judged'])]
        public EventType $type,
        #[OA\Property(type: 'string', enum: ['good', 'redo', 'spoiled'], nullable: true)]
        public ?Outcome $outcome,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $defects,
        #[OA\Property]
        public string $note,
        #[OA\Property(type: 'string', nullable: true, description: 'SHA-256 of an uploaded photo')]
        public ?string $photo,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        $photo = $record->stringOrNull('photo');
        if (null !== $photo && 1 !== preg_match('/^[0-9a-f]{64}$/', $photo)) {
            throw Problem::field('photo', 'This photo is not in the store. Upload it first.');
        }
        $defects = array_map(
            static fn (string $defect): Defect => Defect::tryFrom($defect) ?? throw Problem::field('defects', sprintf('“%s” is not one of the things that can go wrong here.', mb_substr($defect, 0, 40))),
            $record->strings('defects'),
        );

        return new self(
            mb_substr($record->string('id'), 0, 64),
            $record->integer('position'),
            $record->enum('type', EventType::class),
            $record->has('outcome') ? $record->enum('outcome', Outcome::class) : null,
            $defects,
            JobFile::note($record->stringOrNull('note') ?? ''),
            $photo,
        );
    }
}
