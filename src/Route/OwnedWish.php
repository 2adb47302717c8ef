<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/** The answers about something that people own, all of them: none is that the shop does not have it. */
#[OA\Schema]
final readonly class OwnedWish
{
    /** @param list<string> $answers */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $answers,
    ) {}

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return new self($record->strings('answers'));
    }
}
