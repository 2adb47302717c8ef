<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Phrase;

/** Jobs that go under the same heat source at the same setting: what is set once is used for all of them. */
#[OA\Schema]
final readonly class ReadyHeat
{
    /** @param list<ReadyJob> $jobs in the order of the day */
    public function __construct(
        public string $source,
        #[
            OA\Property(ref: './plan.schema.json#/$defs/Phrase', description: 'What it is set to'),
        ]
        public Phrase $setting,
        #[OA\Property(type: 'number', nullable: true, description: 'What that is in °C')] public ?float $celsius,
        public array $jobs,
    ) {}
}
