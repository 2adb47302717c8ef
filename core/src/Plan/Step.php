<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Route\Motif;
use Wubbin\Core\Route\Once;
use Wubbin\Core\Route\Scope;
use Wubbin\Core\Route\StepKind;

/**
 * One thing to do, with the cue to watch for. `area` counts the places of the iron from 1, `transfer` the pictures of
 * the job from 0.
 */
final readonly class Step implements \JsonSerializable
{
    /** For one by itself. */
    public Duration $duration;

    /** What its drawing shows. */
    public Motif $motif;

    /**
     * @param list<string> $cautions
     * @param Questions $questions what must be true before it is begun
     * @param bool $atHeat it is done where the heat is: with as many pieces as go under it at once
     * @param bool $vapour it opens a solvent, a spray or a varnish
     * @param Motif|null $drawn where it is drawn otherwise than its kind
     * @param int $nth of those that are alike, as coats are, from 1
     * @param int $times how many are alike
     */
    public function __construct(
        public string $id,
        public StepKind $kind,
        public Scope $scope,
        public Phrase $title,
        public Phrase $cue,
        public StepTime $time,
        public ?int $area = null,
        public array $cautions = [],
        public ?Once $once = null,
        public int $transfer = 0,
        public Questions $questions = new Questions(),
        public bool $atHeat = false,
        public bool $vapour = false,
        ?Motif $drawn = null,
        public int $nth = 1,
        public int $times = 1,
    ) {
        $this->duration = Duration::seconds($time->hands->one());
        $this->motif = $drawn ?? Motif::usual($kind);
    }

    /** The same step for another picture of the job; ids stay different. */
    public function of(int $transfer): self
    {
        return 0 === $transfer ? $this : $this->with($this->id . '-of-' . ($transfer + 1), $transfer, $this->questions);
    }

    public function asking(Questions $questions): self
    {
        return $this->with($this->id, $this->transfer, $questions);
    }

    private function with(string $id, int $transfer, Questions $questions): self
    {
        return new self(
            $id,
            $this->kind,
            $this->scope,
            $this->title,
            $this->cue,
            $this->time,
            $this->area,
            $this->cautions,
            $this->once,
            $transfer,
            $questions,
            $this->atHeat,
            $this->vapour,
            $this->motif,
            $this->nth,
            $this->times,
        );
    }

    /** It is done once, when what stands before it is done to every piece. */
    public function oncePieces(): bool
    {
        return Scope::OnceAfter === $this->scope;
    }

    /** Whether doing one of them is doing the other. */
    public function sameAs(self $other): bool
    {
        return $this->kind === $other->kind &&
            $this->title->sameAs($other->title) &&
            $this->cue->sameAs($other->cue) &&
            $this->duration->seconds === $other->duration->seconds;
    }

    /** @return array<string, mixed> what makes it another step: neither its words nor what hands usually need */
    public function content(): array
    {
        return [
            'id' => $this->id,
            'scope' => $this->scope->value,
            'area' => $this->area,
            'clock_s' => $this->time->timed ? $this->duration->seconds : null,
        ];
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
            'timed' => $this->time->timed,
            'waits' => $this->kind->waits(),
            'provenance' => $this->time->provenance,
            'area' => $this->area,
            'cautions' => $this->cautions,
            'questions' => $this->questions->first,
            'questions_again' => $this->questions->again,
            'transfer' => $this->transfer,
        ];
    }
}
