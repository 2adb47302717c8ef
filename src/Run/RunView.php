<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\BenchStep;
use Wubbin\Core\Run\Outcome;
use Wubbin\Session\StoredRun;
use Wubbin\Storage\Instant;

/** A bench session as its screen needs it: the frozen plan, what is at hand, and the server's clock. */
#[OA\Schema]
final readonly class RunView
{
    /**
     * @param array<string, mixed> $plan
     * @param list<BenchStepView> $steps
     * @param list<HandView> $hands
     */
    private function __construct(
        public string $id,
        public string $job,
        public string $name,
        #[OA\Property(ref: './plan.schema.json', type: 'object')] public array $plan,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BenchStepView::class))] public array $steps,
        public int $pieces,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
                description: 'What tells a piece from others, by its number; empty where all are alike',
            ),
        ]
        public object $names,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(ref: HandView::class),
                description: 'What needs hands next in front',
            ),
        ]
        public array $hands,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string', enum: ['good', 'redo', 'spoiled']),
            ),
        ]
        public object $outcomes,
        public bool $finished,
        #[OA\Property(description: 'The job has been changed since this session began')] public bool $stale,
        #[OA\Property(description: 'The press that could be undone')] public ?LastPress $last,
        #[
            OA\Property(format: 'date-time', description: 'The server’s clock, for screens whose own is wrong'),
        ]
        public string $now,
    ) {}

    /** @param list<HandView> $hands */
    public static function fromRun(
        StoredRun $run,
        BenchState $state,
        array $hands,
        bool $stale,
        \DateTimeImmutable $now,
    ): self {
        $sequence = $run->sequence();
        $last = $state->last;

        return new self(
            $run->id,
            $run->job,
            $run->name,
            $run->document,
            array_map(
                static fn(BenchStep $step): BenchStepView => new BenchStepView(
                    $step->stepId,
                    $step->pieces,
                    $step->shared,
                    $step->timed,
                    $step->seconds,
                ),
                $sequence->steps,
            ),
            $run->pieces->count(),
            (object) $run->names(),
            $hands,
            (object) array_map(static fn(Outcome $outcome): string => $outcome->value, $state->outcomes()),
            $state->finished(),
            $stale,
            null === $last
                ? null
                : new LastPress(press: $last->press, position: $last->position, type: $last->type->value),
            Instant::write($now),
        );
    }
}
