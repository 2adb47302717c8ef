<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/** What was pressed so far in a rehearsal, and its own clock: the page keeps all of it, and nothing is stored. */
#[OA\Schema]
final readonly class RehearsalWish
{
    public const MOST = 2000;

    /**
     * @param list<Press> $presses
     * @param list<float> $at
     */
    private function __construct(
        #[
            OA\Property(type: 'array', maxItems: self::MOST, items: new OA\Items(ref: Press::class)),
        ]
        public array $presses,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'number'),
                description: 'When each was pressed, in seconds of the rehearsal’s clock since it began',
            ),
        ]
        public array $at,
        #[OA\Property(description: 'What that clock says now, in seconds')] public float $now_s,
    ) {}

    /** @throws BadRecord where times are missing, or there are too many presses */
    public static function fromRecord(Record $record): self
    {
        $presses = array_map(Press::fromRecord(...), $record->records('presses'));
        $raw = $record->raw()['at'] ?? null;
        $at = [];
        foreach (is_array($raw) ? $raw : [] as $seconds) {
            $at[] = is_int($seconds) || is_float($seconds) ? (float) $seconds : 0.0;
        }
        if (count($at) !== count($presses) || count($at) > self::MOST) {
            throw BadRecord::at('at', 'Each press has its time, and there are not too many.');
        }

        return new self($presses, $at, max(0.0, $record->number('now_s')));
    }
}
