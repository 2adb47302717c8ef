<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Plan\SharePlan;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Run\EventType;
use Wubbin\Http\Problem;
use Wubbin\Job\JobDesk;
use Wubbin\Storage\Instant;

/** Runs the bench: begins sessions, takes presses, and tells where each session stands. */
final readonly class RunDesk
{
    private const MOST_PIECES = 200;

    public function __construct(private EntityManagerInterface $entities, private JobDesk $jobs)
    {
    }

    /**
     * Begins a session on all alike, or on one share of the pieces; a second click with the same id finds the first one's.
     *
     * @throws Problem when the job is not ready, or too many pieces are asked for at once
     */
    public function begin(string $id, string $jobId, int $pieces, ?int $share): StoredRun
    {
        $known = $this->entities->find(StoredRun::class, $id);
        if (null !== $known) {
            return $known;
        }
        $job = $this->jobs->find($jobId)->job();
        $plan = $this->jobs->plan($job);
        if (!$plan->ready()) {
            throw Problem::field('run', 'The checks of this job are not all settled yet.');
        }
        $of = null === $share ? null : $plan->shares[$share] ?? throw Problem::field('share', 'Choose one of those offered.');
        $plan = $of->plan ?? $plan;
        if ($pieces < 1 || $pieces > self::MOST_PIECES) {
            throw Problem::field('pieces', sprintf('From 1 to %d pieces in one session.', self::MOST_PIECES));
        }
        $document = json_decode(json_encode($plan, \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        if (!is_array($document)) {
            throw new \LogicException('A plan is written as an object.');
        }
        /** @var array<string, mixed> $document */
        $run = StoredRun::begin($id, $job->id, mb_substr($job->name.(null === $of ? '' : ' · '.$of->label), 0, 120), $plan->id(), $document, BenchSequence::of($plan->rounds, $pieces), $pieces);
        $this->entities->persist($run);
        $this->entities->flush();

        return $run;
    }

    /** @throws Problem when there is none */
    public function find(string $id): StoredRun
    {
        return $this->entities->find(StoredRun::class, $id) ?? throw Problem::notFound('There is no bench session of this id in this shop.');
    }

    /**
     * Stores a press at the instant the server takes it. One that was stored before is not stored again.
     *
     * @throws Problem when the session has moved on meanwhile; it carries where the session stands
     */
    public function press(StoredRun $run, Press $press): void
    {
        if (null !== $this->entities->getRepository(StoredEvent::class)->findOneBy(['press' => $press->id])) {
            return;
        }
        $at = Instant::read(Instant::now());
        $event = match ($press->type) {
            EventType::Started => Event::started($press->position, $at),
            EventType::Done => Event::done($press->position, $at),
            EventType::Judged => Event::judged($press->position, $at, $press->outcome ?? throw Problem::field('outcome', 'Say how it came out.'), $press->defects),
        };
        $sequence = $run->sequence();
        if (!$this->state($run)->accepts($sequence, $event)) {
            throw $this->movedOn($run);
        }
        $pieceNumber = $sequence->steps[$press->position]->piece;
        $piece = null === $pieceNumber ? null : $run->pieces->get($pieceNumber);
        $run->events->add(new StoredEvent($press->id, $run, $piece, $event));
        if (null !== $event->outcome) {
            $piece?->judge($event->outcome, $event->defects, $press->note, $press->photo, $at);
        }
        if ($this->state($run)->finished) {
            $run->finish($at);
        }
        try {
            $this->entities->flush();
        } catch (UniqueConstraintViolationException) {
            throw $this->movedOn($run);
        }
    }

    public function state(StoredRun $run): BenchState
    {
        return BenchState::of($run->sequence(), array_values($run->events->map(static fn (StoredEvent $event): Event => $event->event())->toArray()));
    }

    /** Whether the job has been changed since the session's plan was frozen. */
    public function stale(StoredRun $run): bool
    {
        $plan = $this->jobs->plan($this->jobs->find($run->job)->job());

        return !in_array($run->plan, [$plan->id(), ...array_map(static fn (SharePlan $share): string => $share->plan->id(), $plan->shares)], true);
    }

    private function movedOn(StoredRun $run): Problem
    {
        return Problem::conflict('Another screen was quicker: this step is already done.', ['run' => $run->id]);
    }
}
