<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\BenchStep;
use Wubbin\Core\Run\Outcome;
use Wubbin\Storage\Instant;

/** A bench session as its screen needs it: the frozen plan, the steps in order, where it stands, and the server's clock. */
#[OA\Schema(required: ['id', 'job', 'name', 'plan', 'steps', 'pieces', 'position', 'started', 'judging', 'outcomes', 'finished', 'stale', 'now'])]
final readonly class RunView
{
    /**
     * @param array<string, mixed> $plan
     * @param list<BenchStepView>  $steps
     */
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $job,
        #[OA\Property]
        public string $name,
        #[OA\Property(ref: './plan.schema.json', type: 'object')]
        public array $plan,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BenchStepView::class))]
        public array $steps,
        #[OA\Property]
        public int $pieces,
        #[OA\Property(description: 'Of the step at hand, from 0; the number of steps when all is done')]
        public int $position,
        #[OA\Property(type: 'string', format: 'date-time', nullable: true, description: 'When its clock was started')]
        public ?string $started,
        #[OA\Property(type: 'integer', nullable: true, description: 'The piece whose outcome is asked for')]
        public ?int $judging,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', enum: ['good', 'redo', 'spoiled']))]
        public object $outcomes,
        #[OA\Property]
        public bool $finished,
        #[OA\Property(description: 'The job has been changed since this session began')]
        public bool $stale,
        #[OA\Property(format: 'date-time', description: 'The server’s clock, for screens whose own is wrong')]
        public string $now,
    ) {
    }

    public static function of(StoredRun $run, BenchState $state, bool $stale): self
    {
        return new self(
            $run->id,
            $run->job,
            $run->name,
            $run->document,
            array_map(static fn (BenchStep $step): BenchStepView => new BenchStepView($step->stepId, $step->piece, $step->timed, $step->seconds), $run->sequence()->steps),
            $run->pieces->count(),
            $state->position,
            null === $state->startedAt ? null : Instant::write($state->startedAt),
            $state->judging,
            (object) array_map(static fn (Outcome $outcome): string => $outcome->value, $state->outcomes),
            $state->finished,
            $stale,
            Instant::now(),
        );
    }
}
