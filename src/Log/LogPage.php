<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;

/** Some entries of the logbook, the latest first. */
#[OA\Schema]
final readonly class LogPage
{
    /**
     * @param list<LogEntry> $entries
     * @param array<string, list<string>> $choices
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: LogEntry::class))] public array $entries,
        #[OA\Property(description: 'How many there are')] public int $total,
        #[OA\Property(description: 'How many a page has at the most')] public int $page,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')),
                description: 'Values to narrow by, by column',
            ),
        ]
        public array $choices,
    ) {}
}
