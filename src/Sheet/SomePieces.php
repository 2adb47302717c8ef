<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Plan\Plan;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** So many pieces of a job, or of one of its sizes and colours. */
#[OA\Schema(required: ['pieces'])]
final readonly class SomePieces
{
    public function __construct(
        public int $pieces,
        #[
            OA\Property(
                type: 'integer',
                nullable: true,
                description: 'Which of the job’s sizes and colours, from 0; null where all are alike',
            ),
        ]
        public ?int $share = null,
    ) {}

    /** @throws Refusal naming the field */
    public function of(Plan $plan): Plan
    {
        $part =
            null === $this->share
                ? $plan
                : $plan->shares[$this->share]->plan ??
                    throw InvalidInput::field('share', 'Choose one of those offered.');
        if ($this->pieces < 1 || $this->pieces > $part->quantity) {
            throw InvalidInput::field('pieces', sprintf('From 1 to %d pieces.', $part->quantity));
        }

        return $part->ofPieces($this->pieces);
    }
}
