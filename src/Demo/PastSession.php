<?php

declare(strict_types=1);

namespace Wubbin\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Cost\SessionUse;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Run\EventType;
use Wubbin\Core\Run\Mark;
use Wubbin\Core\Run\Outcome;
use Wubbin\Core\Work\Work;
use Wubbin\Job\JobPlanner;
use Wubbin\Run\LogWriter;
use Wubbin\Session\NamesLeft;
use Wubbin\Session\StoredEvent;
use Wubbin\Session\StoredRun;

/** Plays a session at the bench that was before today, step by step, into the logbook. */
final readonly class PastSession
{
    /** Hours of the orchard’s working day. */
    private const OPENS = 8;
    private const CLOSES = 18;

    public function __construct(
        private EntityManagerInterface $entities,
        private JobPlanner $jobs,
        private NamesLeft $names,
        private LogWriter $log,
        private ClockInterface $clock,
    ) {}

    /**
     * Of each piece: how it came out, what went wrong and where, a note, and seconds that each area really got where
     * those differ.
     *
     * @param non-empty-list<array{Outcome, list<array{Defect, float, float}>, string, int|null}> $pieces
     */
    public function play(string $jobId, string $id, \DateTimeImmutable $at, array $pieces): void
    {
        $stored = $this->jobs->find($jobId);
        $job = $stored->job();
        $plan = $this->jobs->plan($job)->alike();
        $count = count($pieces);
        $sequence = BenchSequence::fromTasks(Work::of($plan, $this->jobs->places(), [$count])->tasks());
        /** @var array<string, mixed> $document */
        $document = json_decode(json_encode($plan, \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        $run = StoredRun::begin(
            $id,
            $jobId,
            $plan->jobName,
            $plan->id(),
            $document,
            $sequence,
            SessionUse::of($job, $plan, $count, $this->jobs->pictures($job), $this->jobs->catalogue()),
            $stored->revision,
            $count,
            $this->clock->now(),
        );
        foreach ($this->names->labels($job) as $n => $label) {
            $piece = $run->pieces->get($n + 1);
            if (null !== $piece) {
                $piece->label = $label;
            }
        }
        $run->finish($this->steps($run, $sequence, $at, $pieces));
        $this->entities->persist($run);
        $this->entities->flush();
        $this->remember($run, $sequence, $pieces);
        $this->entities->flush();
    }

    /** @param non-empty-list<array{Outcome, list<array{Defect, float, float}>, string, int|null}> $pieces */
    private function steps(
        StoredRun $run,
        BenchSequence $sequence,
        \DateTimeImmutable $at,
        array $pieces,
    ): \DateTimeImmutable {
        foreach ($sequence->steps as $position => $step) {
            $piece = $step->shared ? null : $run->pieces->get($step->pieces[0]);
            $really = $step->shared ? null : $pieces[$step->pieces[0] - 1][3];
            $seconds = (int) (str_starts_with($step->stepId, 'heat-') ? $really ?? $step->seconds : $step->seconds);
            $at = self::byDay($at, $seconds);
            if ($step->timed) {
                $began = Event::started($position, $at, $run->id . '-s' . $position);
                $run->events->add(new StoredEvent($began->press, $run, $piece, $began));
            }
            $at = $at->modify('+' . $seconds . ' seconds');
            $done = Event::done($position, $at, $run->id . '-d' . $position);
            $run->events->add(new StoredEvent($done->press, $run, $piece, $done));
            foreach ($step->shared ? [] : $step->pieces as $number) {
                $own = $sequence->positionsOf($number);
                if ($own[count($own) - 1] === $position) {
                    $this->judge($run, $position, $number, $at, $pieces[$number - 1]);
                }
            }
        }

        return $at;
    }

    /** Nobody presses at night: what would end after work begins the next morning. */
    private static function byDay(\DateTimeImmutable $at, int $seconds): \DateTimeImmutable
    {
        $evening = $at->setTime(self::CLOSES, 0);

        return $at->modify('+' . $seconds . ' seconds') > $evening && $at > $at->setTime(self::OPENS, 0)
            ? $at->modify('+1 day')->setTime(self::OPENS, 15)
            : $at;
    }

    /** @param array{Outcome, list<array{Defect, float, float}>, string, int|null} $past */
    private function judge(StoredRun $run, int $position, int $number, \DateTimeImmutable $at, array $past): void
    {
        $piece = $run->pieces->get($number) ?? throw new \LogicException('It is there.');
        $judged = Event::judged(
            $position,
            $at,
            $past[0],
            array_map(static fn(array $mark): Mark => Mark::forDefect(...$mark), $past[1]),
            $run->id . '-j' . $number,
            $number,
        );
        $run->events->add(new StoredEvent($judged->press, $run, $piece, $judged));
        $piece->judge($past[0], $at);
    }

    /** @param non-empty-list<array{Outcome, list<array{Defect, float, float}>, string, int|null}> $pieces */
    private function remember(StoredRun $run, BenchSequence $sequence, array $pieces): void
    {
        $state = BenchState::fromEvents($sequence, $run->history());
        foreach ($run->history() as $event) {
            $piece = null === $event->piece ? null : $run->pieces->get($event->piece);
            if (null !== $piece && EventType::Judged === $event->type) {
                $this->log->write($piece, $state, $event, $pieces[$piece->number - 1][2]);
            }
        }
        $this->log->learn($run, $state);
    }
}
