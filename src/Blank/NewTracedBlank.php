<?php

declare(strict_types=1);

namespace Wubbin\Blank;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\FileStore;

/** A blank of the shop's own whose outline was traced, front and back together. */
#[OA\Schema]
final readonly class NewTracedBlank
{
    /** @param array<string, TraceMarks> $sides */
    private function __construct(
        public string $id,
        #[OA\Property(description: 'Id of the one that it is a copy of')] public string $like,
        public string $label,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: TraceMarks::class),
                description: 'By side; a side that is not there is the other one turned over',
            ),
        ]
        public array $sides,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->id('id'),
            $record->string('like'),
            $record->name('label'),
            array_map(TraceMarks::fromRecord(...), $record->recordMap('sides')),
        );
    }

    /**
     * As the shelf writes it down.
     *
     * @return array<string, mixed>
     *
     * @throws Refusal naming what is wrong
     */
    public function toRecord(FileStore $files, QuantityParser $parser): array
    {
        if ('' === $this->label) {
            throw InvalidInput::field('label', 'Give it a name.');
        }
        if ([] === $this->sides) {
            throw InvalidInput::field('points', 'Trace one side at least.');
        }

        return [
            'id' => $this->id,
            'like' => $this->like,
            'label' => $this->label,
            'outlines' => array_map(
                static fn(TraceMarks $marks): array => $marks->traced($files, $parser)->edge->toRecord(),
                $this->sides,
            ),
        ];
    }
}
