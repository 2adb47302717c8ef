<?php

declare(strict_types=1);

namespace Wubbin\Sums;

use OpenApi\Attributes as OA;
use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Sums\Worked;

/** What follows from the figures of a quick sum. */
#[OA\Schema]
final readonly class WorkedView
{
    /** @param list<array{label: string, value: Phrase}> $lines */
    private function __construct(
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['label', 'value'],
                    properties: [
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'value', ref: './plan.schema.json#/$defs/Phrase'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $lines,
        #[OA\Property(ref: './drawing.schema.json', nullable: true)] public ?Drawing $drawing,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: './plan.schema.json#/$defs/Phrase'),
                description: 'What the fields would say that nothing was typed in',
            ),
        ]
        public object $follows,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
                description: 'Changes that begin a job with these figures; empty where it makes none',
            ),
        ]
        public object $job,
    ) {}

    public static function of(Worked $worked): self
    {
        return new self($worked->lines, $worked->drawing, (object) $worked->follows, (object) ($worked->job ?? []));
    }
}
