<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Route\Once;
use Wubbin\Core\Route\Scope;
use Wubbin\Core\Route\StepKind;

/**
 * One thing to do, with the cue to watch for.
 *
 * `timed` steps have a duration that matters and run on the clock; of the others the duration is only what hands
 * usually need. `area` counts the places of the iron from 1, `transfer` the pictures of the job from 0.
 */
final readonly class Step implements \JsonSerializable
{
    /**
     * @param list<string> $cautions
     * @param list<string> $questions what must be true before it is begun, asked once for all pieces
     */
    public function __construct(
        public string $id,
        public StepKind $kind,
        public Scope $scope,
        public Phrase $title,
        public Phrase $cue,
        public Duration $duration,
        public bool $timed,
        public Provenance $provenance,
        public ?int $area = null,
        public array $cautions = [],
        public ?Once $once = null,
        public int $transfer = 0,
        public array $questions = [],
    ) {}

    /** The same step for another picture of the job; ids stay different. */
    public function of(int $transfer): self
    {
        return 0 === $transfer
            ? $this
            : new self(
                $this->id . '-of-' . ($transfer + 1),
                $this->kind,
                $this->scope,
                $this->title,
                $this->cue,
                $this->duration,
                $this->timed,
                $this->provenance,
                $this->area,
                $this->cautions,
                $this->once,
                $transfer,
                $this->questions,
            );
    }

    /** @param list<string> $questions */
    public function asking(array $questions): self
    {
        return new self(
            $this->id,
            $this->kind,
            $this->scope,
            $this->title,
            $this->cue,
            $this->duration,
            $this->timed,
            $this->provenance,
            $this->area,
            $this->cautions,
            $this->once,
            $this->transfer,
            $questions,
        );
    }

    /** Whether doing one of them is doing the other. */
    public function sameAs(self $other): bool
    {
        return $this->kind === $other->kind &&
            $this->title->sameAs($other->title) &&
            $this->cue->sameAs($other->cue) &&
            $this->duration->seconds === $other->duration->seconds;
    }

    /**
     * Time for this many pieces made in one go.
     *
     * @param int<1, max> $pieces
     */
    public function durationFor(int $pieces): Duration
    {
        return match ($this->scope) {
            Scope::OnceBefore, Scope::OnceAfter => $this->duration,
            Scope::EachSheet, Scope::EachPiece => $this->duration->times($pieces),
        };
    }

    /** @return array<string, mixed> what makes it another step: how long hands usually need for it does not */
    public function content(): array
    {
        return $this->timed
            ? $this->jsonSerialize()
            : array_diff_key($this->jsonSerialize(), ['duration_s' => 1, 'provenance' => 1]);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'scope' => $this->scope->value,
            'title' => $this->title,
            'cue' => $this->cue,
            'duration_s' => $this->duration->seconds,
            'timed' => $this->timed,
            'waits' => $this->kind->waits(),
            'provenance' => $this->provenance,
            'area' => $this->area,
            'cautions' => $this->cautions,
            'questions' => $this->questions,
            'transfer' => $this->transfer,
        ];
    }
}
