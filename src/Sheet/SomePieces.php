<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Plan;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Session\NamesLeft;

/** So many pieces of a job, or of one of its sizes and colours. */
#[OA\Schema(required: ['pieces'])]
final readonly class SomePieces
{
    /** @param list<int>|null $names */
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
        #[
            OA\Property(
                type: 'array',
                nullable: true,
                items: new OA\Items(type: 'integer'),
                description: 'Where each piece has a name: which of the list, from 1; null for those that are left',
            ),
        ]
        public ?array $names = null,
    ) {}

    /**
     * @param list<int> $left those of the list that no print lies there for, from 0
     *
     * @return non-empty-list<int> those of the list that are meant, from 0
     *
     * @throws Refusal naming the field
     */
    public function namesOf(Job $job, array $left): array
    {
        if (null === $this->names) {
            $names = array_slice(NamesLeft::ofShare($job, $left, $this->share), 0, max(0, $this->pieces));

            return [] === $names
                ? throw InvalidInput::field('pieces', 'The sheets of all these pieces are made.')
                : $names;
        }
        $names = [];
        foreach ($this->names as $name) {
            if ($name < 1 || $name > $job->quantity) {
                throw InvalidInput::field('names', 'Choose names of the list.');
            }
            $names[] = $name - 1;
        }

        return [] === $names ? throw InvalidInput::field('names', 'Choose names of the list.') : $names;
    }

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
