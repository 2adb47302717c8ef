<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Cost\SessionUse;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Run\AtHand;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\EventType;
use Wubbin\Core\Work\Lots;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Tally;
use Wubbin\Core\Work\Work;
use Wubbin\Job\JobPlanner;
use Wubbin\Job\StoredJob;
use Wubbin\Refusal\Conflict;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Session\NamesLeft;
use Wubbin\Session\RunDrawings;
use Wubbin\Session\SessionCounts;
use Wubbin\Session\StoredEvent;
use Wubbin\Session\StoredRun;
use Wubbin\Shelf\WorkHoursStore;
use Wubbin\Storage\Instant;
use Wubbin\Storage\WriteTurn;

/** Runs the bench: begins sessions, takes presses, and tells where each session stands. */
final readonly class BenchSessions
{
    /** Older sessions that nobody closed are not shown among the clocks. */
    private const MOST_AT_ONCE = 12;

    private const NONE = 'There is no bench session of this id in this shop.';

    public function __construct(
        private EntityManagerInterface $entities,
        private WriteTurn $turn,
        private JobPlanner $jobs,
        private LogWriter $log,
        private StockUse $stock,
        private PrintedAhead $ahead,
        private WorkHoursStore $hours,
        private SessionCounts $counts,
        private NamesLeft $names,
        private ClockInterface $clock,
    ) {}

    /**
     * Begins a session on all alike, or on one share of the pieces; a second click with the same id finds the first
     * one's.
     *
     * @param int|null $left pieces that were left when it was offered; nothing where that does not matter
     *
     * @throws Refusal when the job is not ready, or too many pieces are asked for at once
     */
    public function begin(string $id, string $jobId, int $pieces, ?int $share, ?int $left = null): StoredRun
    {
        return $this->turn->take(fn(): StoredRun => $this->begun($id, $jobId, $pieces, $share, $left));
    }

    /** @throws Refusal */
    private function begun(string $id, string $jobId, int $pieces, ?int $share, ?int $left): StoredRun
    {
        $known = $this->entities->find(StoredRun::class, $id);
        if (null !== $known) {
            return $known;
        }
        if (null !== $left && $left !== $this->offer($jobId)->left) {
            throw new Conflict('Somebody has begun this already. See what runs now.', ['job' => $jobId]);
        }
        $stored = $this->jobs->find($jobId);
        $job = $stored->job();
        [$run, $plan] = $this->made($id, $stored, $pieces, $share);
        $this->name($run, $job, $share);
        $this->ahead->write($run, $job, $this->jobs->plan($job), $this->clock->now());
        $this->entities->persist($run);
        $this->entities->persist(RunDrawings::of($run->id, $plan));
        $this->entities->flush();

        return $run;
    }

    /**
     * A session that nobody has begun yet: as a rehearsal goes through it.
     *
     * @return array{StoredRun, Plan} with the plan of its pieces
     *
     * @throws Refusal when the job is not ready, or too many pieces are asked for at once
     */
    public function made(string $id, StoredJob $stored, int $pieces, ?int $share): array
    {
        $job = $stored->job();
        $plan = $this->jobs->plan($job);
        if (!$plan->ready()) {
            throw InvalidInput::field('run', 'Some checks of this job are still open.');
        }
        $of =
            null === $share
                ? null
                : $plan->shares[$share] ?? throw InvalidInput::field('share', 'Choose one of those offered.');
        $plan = ($of->plan ?? $plan)->alike();
        if ($pieces < 1 || $pieces > Places::SESSION) {
            throw InvalidInput::field('pieces', sprintf('From 1 to %d pieces in one session.', Places::SESSION));
        }
        $document = json_decode(json_encode($plan, \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        if (!is_array($document)) {
            throw new \LogicException('A plan is written as an object.');
        }
        /** @var array<string, mixed> $document */
        $run = StoredRun::begin(
            $id,
            $job->id,
            mb_substr($job->name . (null === $of ? '' : ' · ' . $of->label), 0, 120),
            $plan->id(),
            $document,
            BenchSequence::fromTasks(Work::of($plan, $this->jobs->places(), [$pieces])->tasks()),
            SessionUse::of(
                null === $share ? $job : $job->forShare($job->breakdown[$share]),
                $plan,
                $pieces,
                $this->jobs->pictures($job),
                $this->jobs->catalogue(),
            ),
            $stored->revision,
            $pieces,
            $this->clock->now(),
            $share,
        );

        return [$run, $plan];
    }

    /** Where each piece has a name: those that are left, in the order of the list. */
    private function name(StoredRun $run, Job $job, ?int $share): void
    {
        $labels = $this->names->labels($job);
        foreach (NamesLeft::ofShare($job, $this->names->toMake($job), $share) as $n => $place) {
            $piece = $run->pieces->get($n + 1);
            if (null !== $piece) {
                $piece->label = $labels[$place];
            }
        }
    }

    /** @throws Refusal when there is no such job */
    public function offer(string $job): Offer
    {
        $wanted = $this->jobs->find($job)->job();
        $tally = new Tally($wanted, $this->counts->of([$job])[$job] ?? [], []);

        return new Offer(
            $tally->good(),
            $tally->inHand(),
            $tally->left,
            Lots::of($tally->left, $this->jobs->plan($wanted)->sheets()->fullest()),
            [] === $wanted->breakdown ? [] : $tally->leftOf(),
        );
    }

    /** @throws Refusal when there is none */
    public function find(string $id): StoredRun
    {
        return $this->entities->find(StoredRun::class, $id) ?? throw new NotFound(self::NONE);
    }

    /**
     * Stores a press at the instant the server takes it, or so long ago as it had to wait for the network. One that was
     * stored before is not stored again.
     *
     * @return array{StoredRun, BenchState} the session, and where it stands now
     *
     * @throws Refusal when the session has moved on meanwhile, or a field is wrong
     */
    public function press(string $id, Press $press): array
    {
        return $this->turn->take(function () use ($id, $press): array {
            $run = $this->find($id);
            if (null !== $this->entities->getRepository(StoredEvent::class)->findOneBy(['press' => $press->id])) {
                return [$run, $this->state($run)];
            }
            $state = $this->take($run, $press);
            $this->entities->flush();

            return [$run, $state];
        });
    }

    /**
     * A drawing for each of its steps, by the step's id: as its plan had it when it began. Of one that was begun before
     * they were kept, those of the job as it is, where that is still the same; else none.
     *
     * @return array<string, mixed>
     */
    public function drawings(StoredRun $run): array
    {
        $kept = $this->entities->find(RunDrawings::class, $run->id);
        if (null !== $kept) {
            return $kept->steps;
        }

        return $this->stale($run)
            ? []
            : RunDrawings::of($run->id, $this->jobs->plan($this->jobs->find($run->job)->job()))->steps;
    }

    private function take(StoredRun $run, Press $press): BenchState
    {
        $sequence = $run->sequence();
        $history = $run->history();
        $now = $this->clock->now();
        $at = $now->modify(sprintf('-%d milliseconds', (int) round(1000.0 * $press->ago_s)));
        // Nothing comes before what is stored already.
        $latest = [] === $history ? Instant::read($run->created) : $history[count($history) - 1]->at;
        $event = $press->event(max($at, min($latest, $now)));
        $before = BenchState::fromEvents($sequence, $history);
        if (!$before->accepts($event)) {
            throw new Conflict('Another screen was quicker. This step is already done.', ['run' => $run->id]);
        }
        // Undoing concerns the piece of the press that was a mistake.
        $of = EventType::Undone === $event->type ? $before->last ?? $event : $event;
        $step = $sequence->steps[$of->position];
        $number = $step->shared ? null : $of->piece ?? ($step->pieces[0] ?? null);
        $piece = null === $number ? null : $run->pieces->get($number);
        $reading =
            null === $press->press_c && null === $press->probe_c
                ? null
                : ['press_c' => $press->press_c, 'probe_c' => $press->probe_c];
        $run->events->add(new StoredEvent($press->id, $run, $piece, $event, $reading));
        // An undone press has to be taken out of those before it.
        $state =
            EventType::Undone === $event->type
                ? BenchState::fromEvents($sequence, [...$history, $event])
                : $before->and($event);
        $run->finish($state->finished() ? $event->at : null);
        if (null === $piece) {
            return $state;
        }
        $outcome = $state->outcomes()[$number] ?? null;
        if ($outcome !== $piece->outcome) {
            $piece->judge($outcome, $event->at);
            null === $outcome
                ? $this->log->forget($piece)
                : $this->log->write($piece, $state, $event, $press->note, $press->photo, $press->photo_before);
            $this->stock->of($run);
            $this->log->learn($run, $state);
        }

        return $state;
    }

    /** @return list<HandView> of all sessions under way, what needs hands next in front */
    public function bench(): array
    {
        $all = $of = $hot = [];
        foreach ($this->underWay() as $run) {
            $state = $this->state($run);
            array_push($all, ...AtHand::forRun($run->id, $run->sequence(), $state));
            $of[$run->id] = [$run, $state];
            $hot = [...$hot, ...$state->heatOn() ? [$run->name] : []];
        }

        return $this->views(AtHand::heldFrom($all, $this->hours->get()->apart ? [] : $hot), $of);
    }

    /** @return list<HandView> of one session, what needs hands next in front */
    public function hands(StoredRun $run, BenchState $state): array
    {
        $all = AtHand::forRun($run->id, $run->sequence(), $state);
        $opens = array_filter($all, static fn(AtHand $one): bool => $one->step->vapour);
        if ([] !== $opens && !$this->hours->get()->apart) {
            $hot = array_filter($this->underWay(), fn(StoredRun $one): bool => $this->state($one)->heatOn());
            $all = AtHand::heldFrom(
                $all,
                array_values(array_map(static fn(StoredRun $one): string => $one->name, $hot)),
            );
        }

        return $this->views($all, [$run->id => [$run, $state]]);
    }

    /**
     * @param list<AtHand> $all
     * @param array<string, array{StoredRun, BenchState}> $of by session
     *
     * @return list<HandView>
     */
    private function views(array $all, array $of): array
    {
        return array_map(
            static fn(AtHand $hand): HandView => HandView::fromHand($of[$hand->run][0], $hand, $of[$hand->run][1]),
            AtHand::inOrder($all, $this->clock->now()),
        );
    }

    /** @return list<StoredRun> the latest first */
    private function underWay(): array
    {
        return $this->entities
            ->getRepository(StoredRun::class)
            ->findBy(['finished' => null], ['created' => 'DESC'], self::MOST_AT_ONCE);
    }

    public function state(StoredRun $run): BenchState
    {
        return BenchState::fromEvents($run->sequence(), $run->history());
    }

    /** Whether the job has been changed since the session's plan was frozen, or is gone. */
    public function stale(StoredRun $run): bool
    {
        try {
            $stored = $this->jobs->find($run->job);
        } catch (NotFound) {
            return true;
        }
        if (null === $run->revision) {
            // Begun before that was kept, by a plan whose id says nothing any more.
            return $stored->updated > $run->created;
        }
        if ($stored->revision === $run->revision) {
            return false;
        }
        $plan = $this->jobs->plan($stored->job());

        return !in_array($run->plan, $plan->ids(), true);
    }
}
