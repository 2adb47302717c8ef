<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;

/** Pieces that were handed over in one go. */
#[OA\Schema]
final readonly class HandoverView
{
    public function __construct(
        public string $id,
        public int $number,
        #[OA\Property(format: 'date-time')] public string $at,
        public int $pieces,
        public string $note,
    ) {}

    public static function of(StoredHandover $handover): self
    {
        return new self($handover->id, $handover->number, $handover->at, array_sum($handover->pieces), $handover->note);
    }
}
