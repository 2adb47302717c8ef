<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

use Wubbin\Core\Route\StepKind;

/**
 * Where a run stands, told from its events alone: the same events always give the same state, on any device and after
 * any interruption.
 *
 * A task may be begun when all that it waits for is done. So one piece may dry while the next is in the press, and what
 * is done to blanks need not wait for ink. A piece that is judged is out of what is left; a task whose pieces are all
 * judged is no longer there.
 */
final class BenchState
{
    /** @var array<int, Clock> by position */
    private array $clocks = [];

    /** @var array<int, true> positions of what is done with */
    private array $done = [];

    /** @var array<int, Outcome> by piece */
    private array $outcomes = [];

    /** @var array<string, true> steps before whose heat everything was found right once */
    private array $checked = [];

    /** @var array<int, true> positions before whose heat it was found right */
    private array $checkedAt = [];

    /** @var array<int, float> seconds that a clock ran, by position, over all turns */
    public array $taken = [];

    /** @var array<int, float> seconds since the press before, by position of what hands did without a clock */
    public array $hands = [];

    /** @var array<int, string> reasons, by position of what was left out */
    public array $skipped = [];

    /** That was not undone. */
    public ?Event $last = null;

    private function __construct(private readonly BenchSequence $sequence) {}

    /** @param list<Event> $events in the order they were stored */
    public static function fromEvents(BenchSequence $sequence, array $events): self
    {
        $undone = array_flip(
            array_filter(array_map(static fn(Event $event): ?string => $event->undoes, $events), is_string(...)),
        );
        $state = new self($sequence);
        foreach ($events as $event) {
            if (EventType::Undone !== $event->type && !isset($undone[$event->press])) {
                $state->apply($event);
            }
        }

        return $state;
    }

    /** Where it stands after one thing more, which is no undoing. */
    public function and(Event $event): self
    {
        $next = clone $this;
        $next->apply($event);

        return $next;
    }

    private function apply(Event $event): void
    {
        $at = $event->position;
        $step = $this->sequence->steps[$at];
        if (EventType::Done === $event->type && !$step->timed && null !== $this->last) {
            $this->hands[$at] = max(0.0, (float) $event->at->format('U.u') - (float) $this->last->at->format('U.u'));
        }
        $this->last = $event;
        switch ($event->type) {
            case EventType::Checked:
                $this->checked[$step->stepId] = true;
                $this->checkedAt[$at] = true;
                break;
            case EventType::Started:
                $this->clocks[$at] = Clock::started($step->seconds, $event->at);
                break;
            case EventType::Paused:
                $this->clocks = array_replace($this->clocks, self::at($at, $this->clock($at)?->paused($event->at)));
                break;
            case EventType::Resumed:
                $this->clocks = array_replace($this->clocks, self::at($at, $this->clock($at)?->resumed($event->at)));
                break;
            case EventType::Peeked:
                if ($event->ready) {
                    $this->finish($at, $event->at);
                }
                break;
            case EventType::Again:
                $this->again($event);
                break;
            case EventType::Skipped:
                $this->skipped[$at] = $event->reason;
                $this->finish($at, $event->at);
                break;
            case EventType::Done:
                $this->finish($at, $event->at);
                break;
            case EventType::Judged:
                $this->judge($event);
                break;
            case EventType::Undone:
                break;
        }
    }

    /** @return array<int, Clock> */
    private static function at(int $position, ?Clock $clock): array
    {
        return null === $clock ? [] : [$position => $clock];
    }

    private function finish(int $position, \DateTimeImmutable $at): void
    {
        $this->stop($position, $at);
        $this->done[$position] = true;
    }

    private function stop(int $position, \DateTimeImmutable $at): void
    {
        $clock = $this->clock($position);
        if (null !== $clock) {
            $this->taken[$position] = ($this->taken[$position] ?? 0.0) + $clock->elapsed($at);
            unset($this->clocks[$position]);
        }
    }

    /** Its clock goes on a little; or what was done is heated once more, and what came after it is to do again. */
    private function again(Event $event): void
    {
        $clock = $this->clock($event->position);
        if (null !== $clock) {
            $this->clocks[$event->position] = $clock->longer($event->seconds);

            return;
        }
        foreach ($this->following($event->position) as $position) {
            $this->stop($position, $event->at);
            unset($this->done[$position]);
        }
        $this->clocks[$event->position] = Clock::started($event->seconds, $event->at);
    }

    /** @return list<int> a position, and those that wait for it, or for one that does */
    private function following(int $from): array
    {
        $following = [$from => true];
        foreach ($this->sequence->steps as $position => $step) {
            foreach ($step->after as $need) {
                if (isset($following[$need->position])) {
                    $following[$position] = true;
                }
            }
        }

        return array_keys($following);
    }

    private function judge(Event $event): void
    {
        $piece = $event->piece ?? ($this->sequence->steps[$event->position]->pieces[0] ?? null);
        if (null === $event->outcome || null === $piece) {
            return;
        }
        $this->outcomes[$piece] = $event->outcome;
        foreach (array_keys($this->clocks) as $position) {
            if ($this->dropped($position)) {
                $this->stop($position, $event->at);
            }
        }
    }

    public function clock(int $position): ?Clock
    {
        return $this->clocks[$position] ?? null;
    }

    public function isDone(int $position): bool
    {
        return isset($this->done[$position]);
    }

    /** Whether there is nothing left to do at this position, done or not. */
    public function over(int $position): bool
    {
        return isset($this->done[$position]) || $this->dropped($position);
    }

    /** All that it would be done for is judged; what is done for all is done in any case. */
    private function dropped(int $position): bool
    {
        $step = $this->sequence->steps[$position];

        // What was hot is switched off, whatever became of the pieces; nobody waits for it to be cold then.
        return [] === $this->living($position) && (!$step->shared || !$this->closes($position) || $step->kind->waits());
    }

    /** It comes after pieces, as switching off does. */
    private function closes(int $position): bool
    {
        foreach ($this->sequence->steps[$position]->after as $need) {
            if (!$this->sequence->steps[$need->position]->shared || $this->closes($need->position)) {
                return true;
            }
        }

        return false;
    }

    /** Something was heated, and its source is not switched off yet. */
    public function heatOn(): bool
    {
        $heated = $running = $off = false;
        foreach ($this->sequence->steps as $position => $step) {
            if ($step->kind->heats()) {
                $running = $running || isset($this->clocks[$position]);
                $heated = $heated || isset($this->done[$position]);
            } elseif (StepKind::Off === $step->kind) {
                $off = $off || !isset($this->done[$position]);
            }
        }

        return $running || ($heated && $off);
    }

    /** @return list<int> pieces that are in it and not judged yet */
    public function living(int $position): array
    {
        return array_values(
            array_filter(
                $this->sequence->steps[$position]->pieces,
                fn(int $piece): bool => !isset($this->outcomes[$piece]),
            ),
        );
    }

    /** Whether hands may turn to the step at this position now. */
    public function open(int $position): bool
    {
        $step = $this->sequence->steps[$position] ?? null;
        if (null === $step || $this->over($position)) {
            return false;
        }
        foreach ($step->after as $need) {
            if (!$this->over($need->position)) {
                return false;
            }
        }

        // While it is asked how a piece came out it may have to go under the heat once more.
        return !$step->shared ||
            !$this->closes($position) ||
            [] === array_filter($this->living($position), $this->judging(...));
    }

    /** All steps of a piece are done, and how it came out is asked. */
    public function judging(int $piece): bool
    {
        $own = $this->sequence->positionsOf($piece);

        return !isset($this->outcomes[$piece]) &&
            [] === array_filter($own, fn(int $position): bool => !isset($this->done[$position]));
    }

    /** Something must be found right before the heat comes on. */
    public function asks(int $position): bool
    {
        $step = $this->sequence->steps[$position];

        return !isset($this->checkedAt[$position]) && ($step->asksAgain || ($step->asks && $this->first($position)));
    }

    /** Nothing was asked yet before the heat of such a step: all is asked, and not only what is laid anew. */
    public function first(int $position): bool
    {
        return !isset($this->checked[$this->sequence->steps[$position]->stepId]);
    }

    /** @return list<int> positions that hands may turn to, or whose clock runs */
    public function atHand(): array
    {
        return array_values(array_filter(array_keys($this->sequence->steps), $this->open(...)));
    }

    /** @return array<int, int> pieces that are to be judged: the position of their last step, by piece */
    public function toJudge(): array
    {
        $pieces = [];
        foreach ($this->sequence->pieces() as $piece) {
            if ($this->judging($piece)) {
                $own = $this->sequence->positionsOf($piece);
                $pieces[$piece] = $own[count($own) - 1];
            }
        }

        return $pieces;
    }

    /** @return array<int, Outcome> by piece */
    public function outcomes(): array
    {
        return $this->outcomes;
    }

    public function finished(): bool
    {
        return [] ===
            array_filter(array_keys($this->sequence->steps), fn(int $position): bool => !$this->over($position)) &&
            [] === array_diff($this->sequence->pieces(), array_keys($this->outcomes));
    }

    /** Whether this event may follow now. One that comes a second time, or from a screen that lags behind, may not. */
    public function accepts(Event $event): bool
    {
        $step = $this->sequence->steps[$event->position] ?? null;
        if (null === $step) {
            return false;
        }
        if (EventType::Undone === $event->type) {
            return null !== $this->last && $this->last->press === $event->undoes;
        }
        $open = $this->open($event->position);
        $clock = $this->clock($event->position);

        return match ($event->type) {
            EventType::Checked => $open && $this->asks($event->position),
            EventType::Started => $open && $step->timed && null === $clock && !$this->asks($event->position),
            EventType::Paused => null !== $clock && $clock->running,
            EventType::Resumed => null !== $clock && !$clock->running,
            EventType::Peeked => null !== $clock && $step->heats(),
            EventType::Again => $step->heats() &&
                [] !== $this->living($event->position) &&
                $event->seconds > 0.0 &&
                $event->seconds <= Event::MOST_AGAIN_S &&
                (null !== $clock || isset($this->taken[$event->position])),
            EventType::Done => $open && (!$step->timed || null !== $clock),
            EventType::Skipped => $open && '' !== trim($event->reason),
            EventType::Judged => $this->acceptsJudgement($event, $step),
        };
    }

    /** A piece is judged while it is in hands: something is to be done to it, or all is done. */
    private function acceptsJudgement(Event $event, BenchStep $step): bool
    {
        $piece = $event->piece ?? ($step->pieces[0] ?? 0);

        return !$step->shared &&
            null !== $event->outcome &&
            in_array($piece, $step->pieces, true) &&
            !isset($this->outcomes[$piece]) &&
            ($this->judging($piece) || [] !== array_filter($this->sequence->positionsOf($piece), $this->open(...)));
    }
}
