<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Work\Place;

/**
 * A task of a session in its place, with all that it is known by when the plan it came from is gone: one step for the
 * pieces that are in it together.
 */
final readonly class BenchStep implements \JsonSerializable
{
    /**
     * @param list<int> $pieces that it is done for, from 1
     * @param bool $shared it is done to sheets, or for all: what becomes of a single piece is not told by it
     * @param float $seconds that its clock runs, or that it usually takes
     * @param bool $asks something is asked before its heat comes on
     * @param list<BenchNeed> $after
     * @param float $handsS of these seconds, those of hands
     * @param int $count sheets or pieces that pass through the hands
     * @param int $transfer which picture of the job it is done with, from 0
     * @param bool $vapour it opens a solvent, a spray or a varnish
     * @param list<list<int>> $sheets pieces that each sheet is for, where sheets are printed
     * @param bool $asksAgain some of it with every piece
     */
    public function __construct(
        public string $stepId,
        public StepKind $kind,
        public array $pieces,
        public bool $shared,
        public bool $timed,
        public float $seconds,
        public bool $asks = false,
        public array $after = [],
        public float $handsS = 0.0,
        public int $count = 1,
        public ?Takes $takes = null,
        public int $transfer = 0,
        public bool $vapour = false,
        public array $sheets = [],
        public bool $asksAgain = false,
    ) {}

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('step'),
            $record->enum('kind', StepKind::class),
            $record->integers('pieces'),
            $record->boolean('shared'),
            $record->boolean('timed'),
            $record->number('seconds'),
            $record->boolean('asks'),
            array_map(BenchNeed::fromRecord(...), $record->records('after')),
            $record->number('hands_s'),
            $record->integer('count'),
            new Takes(
                $record->stringOrNull('machine'),
                $record->numberOrNull('celsius'),
                $record->has('place') ? $record->enum('place', Place::class) : null,
            ),
            $record->integer('transfer'),
            // Sessions from before that was kept were never held back.
            $record->has('vapour') && $record->boolean('vapour'),
            $record->has('sheets')
                ? array_map(static fn(Record $one): array => $one->integers('pieces'), $record->records('sheets'))
                : [],
            $record->has('asks_again') && $record->boolean('asks_again'),
        );
    }

    /** Something is pressed or heated, so that one can look under a corner, and go on a little longer. */
    public function heats(): bool
    {
        return $this->timed &&
            in_array($this->kind, [StepKind::Heat, StepKind::Tack, StepKind::Fuse, StepKind::Burnish], true);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'step' => $this->stepId,
            'kind' => $this->kind->value,
            'pieces' => $this->pieces,
            'shared' => $this->shared,
            'timed' => $this->timed,
            'seconds' => $this->seconds,
            'asks' => $this->asks,
            'asks_again' => $this->asksAgain,
            'after' => $this->after,
            'hands_s' => $this->handsS,
            'count' => $this->count,
            'machine' => $this->takes?->machine,
            'celsius' => $this->takes?->celsius,
            'place' => $this->takes?->place?->value,
            'transfer' => $this->transfer,
            'vapour' => $this->vapour,
            'sheets' => array_map(static fn(array $pieces): array => ['pieces' => $pieces], $this->sheets),
        ];
    }
}
