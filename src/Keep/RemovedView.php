<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use OpenApi\Attributes as OA;
use Wubbin\Storage\Instant;
use Wubbin\Storage\RemovedKind;
use Wubbin\Storage\RemovedThing;

/** Something that was deleted and can be taken back. */
#[OA\Schema]
final readonly class RemovedView
{
    private function __construct(
        #[OA\Property(enum: RemovedKind::class)] public string $kind,
        public string $id,
        public string $label,
        #[OA\Property(format: 'date-time')] public string $at,
        #[OA\Property(format: 'date-time', description: 'From then on it is gone for good')] public string $until,
    ) {}

    public static function of(RemovedThing $thing): self
    {
        $until = Instant::read($thing->at)->modify('+' . Removal::KEPT_DAYS . ' days');

        return new self($thing->kind->value, $thing->id, $thing->label, $thing->at, Instant::write($until));
    }
}
