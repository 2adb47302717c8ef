<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\AtHand;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\BenchStep;
use Wubbin\Session\StoredRun;
use Wubbin\Storage\Instant;

/** One thing that a person could turn to at the bench: a step that may be done, or a clock that runs. */
#[OA\Schema]
final readonly class HandView
{
    public string $run;
    #[OA\Property(description: 'Of the job')]
    public string $name;
    #[
        OA\Property(
            type: 'integer',
            nullable: true,
            description: 'The first of those at hand, or the one that is judged; null for what is done for all',
        ),
    ]
    public ?int $piece;
    /** @var list<int> */
    #[
        OA\Property(
            type: 'array',
            items: new OA\Items(type: 'integer'),
            description: 'Pieces that it is done to in one go',
        ),
    ]
    public array $together;
    /** @var list<string> */
    #[
        OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string'),
            description: 'What tells these pieces from others; none where all are alike',
        ),
    ]
    public array $who;
    #[OA\Property(description: 'Sheets or pieces that pass through the hands')]
    public int $count;
    public int $pieces;
    public int $position;
    public bool $timed;
    #[OA\Property(description: 'That its clock is meant to run')]
    public float $seconds;
    #[
        OA\Property(
            type: 'string',
            format: 'date-time',
            nullable: true,
            description: 'When its clock was started, or went on; null while it has not been',
        ),
    ]
    public ?string $since;
    #[OA\Property(description: 'Seconds that had gone by then')]
    public float $before;
    #[OA\Property(description: 'False while it is paused')]
    public bool $running;
    #[OA\Property(description: 'Its last step is done: how did it come out?')]
    public bool $judging;
    /** @var list<string> */
    #[
        OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string'),
            description: 'What must be true before its heat comes on, where that was not asked yet',
        ),
    ]
    public array $questions;
    #[OA\Property(description: 'One may look under a corner')]
    public bool $heats;
    #[
        OA\Property(
            type: 'integer',
            nullable: true,
            description: 'The step that may be heated on a little, now or once more',
        ),
    ]
    public ?int $again;
    #[OA\Property(description: 'Of its piece’s steps, from 1')]
    public int $number;
    public int $of;
    #[
        OA\Property(
            type: 'string',
            nullable: true,
            description: 'Job whose heat is on: nothing that burns is opened beside it',
        ),
    ]
    public ?string $held;
    /** @var list<list<int>> */
    #[
        OA\Property(
            type: 'array',
            items: new OA\Items(type: 'array', items: new OA\Items(type: 'integer')),
            description: 'Where sheets are printed: the pieces that each is for',
        ),
    ]
    public array $sheets;

    /** @param array<string, mixed> $step as the session's plan has it */
    private function __construct(
        StoredRun $run,
        AtHand $hand,
        BenchState $state,
        #[OA\Property(ref: './plan.schema.json#/$defs/Step', type: 'object')] public array $step,
    ) {
        $sequence = $run->sequence();
        $piece = $hand->step->shared ? null : $hand->judging ?? ($hand->pieces[0] ?? null);
        $own =
            null === $piece
                ? array_keys(array_filter($sequence->steps, static fn(BenchStep $one): bool => $one->shared))
                : $sequence->positionsOf($piece);
        $heated = array_filter(
            array_intersect($own, array_keys($state->taken)),
            static fn(int $position): bool => $sequence->steps[$position]->heats(),
        );

        $this->run = $run->id;
        $this->name = $run->name;
        $this->piece = $piece;
        $this->together = $hand->pieces;
        $this->who = array_values(
            array_intersect_key($run->names(), array_flip(null === $hand->judging ? $hand->pieces : [$hand->judging])),
        );
        $this->count = $hand->step->count;
        $this->pieces = $run->pieces->count();
        $this->position = $hand->position;
        $this->timed = $hand->step->timed;
        $this->seconds = $hand->clock->seconds ?? $hand->step->seconds;
        $this->since = null === $hand->clock ? null : Instant::write($hand->clock->since);
        $this->before = $hand->clock->before ?? 0.0;
        $this->running = $hand->clock->running ?? false;
        $this->judging = null !== $hand->judging;
        $this->questions = $state->asks($hand->position)
            ? Record::of($step)->strings($state->first($hand->position) ? 'questions' : 'questions_again')
            : [];
        $this->heats = $hand->step->heats();
        $this->again =
            null !== $hand->clock && $hand->step->heats() ? $hand->position : ([] === $heated ? null : max($heated));
        $this->number = (int) array_search($hand->position, $own, true) + 1;
        $this->of = count($own);
        $this->held = $hand->held;
        $this->sheets = $hand->step->sheets;
    }

    public static function fromHand(StoredRun $run, AtHand $hand, BenchState $state): self
    {
        return new self($run, $hand, $state, $run->step($hand->step->stepId));
    }
}
