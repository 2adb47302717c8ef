<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/**
 * Where a run stands, told from its events alone: the same events always give the same state, on any device and after
 * any interruption.
 *
 * Every piece has a lane of its own, and what all share has one: a piece's step waits for what is shared before it, and
 * a shared step for all pieces. So one piece may dry while the next is in the press.
 */
final readonly class BenchState
{
    /**
     * @param array<int, BenchLane> $lanes by piece; 0 of what is shared
     * @param array<int, true> $checked positions before whose heat everything was found right
     * @param Event|null $last that was not undone
     */
    private function __construct(
        private BenchSequence $sequence,
        public array $lanes,
        private array $checked,
        public ?Event $last,
    ) {}

    /** @param list<Event> $events in the order they were stored */
    public static function fromEvents(BenchSequence $sequence, array $events): self
    {
        $undone = array_flip(
            array_filter(array_map(static fn(Event $event): ?string => $event->undoes, $events), is_string(...)),
        );
        $lanes = [0 => new BenchLane(null, $sequence->positionsOf(null))];
        foreach ($sequence->pieces() as $piece) {
            $lanes[$piece] = new BenchLane($piece, $sequence->positionsOf($piece));
        }
        $checked = [];
        $last = null;
        foreach ($events as $event) {
            if (EventType::Undone === $event->type || isset($undone[$event->press])) {
                continue;
            }
            $step = $sequence->steps[$event->position];
            if (EventType::Done === $event->type && !$step->timed && null !== $last) {
                $lanes[$step->piece ?? 0]->hands[$event->position] = max(
                    0.0,
                    (float) $event->at->format('U.u') - (float) $last->at->format('U.u'),
                );
            }
            $last = $event;
            self::apply($event, $lanes[$step->piece ?? 0], $step, $checked);
        }

        return new self($sequence, $lanes, $checked, $last);
    }

    /** @param array<int, true> $checked */
    private static function apply(Event $event, BenchLane $lane, BenchStep $step, array &$checked): void
    {
        switch ($event->type) {
            case EventType::Checked:
                $checked[$event->position] = true;
                break;
            case EventType::Started:
                $lane->clock = Clock::started($step->seconds, $event->at);
                break;
            case EventType::Paused:
                $lane->clock = $lane->clock?->paused($event->at);
                break;
            case EventType::Resumed:
                $lane->clock = $lane->clock?->resumed($event->at);
                break;
            case EventType::Peeked:
                if ($event->ready) {
                    $lane->forward($event->at);
                }
                break;
            case EventType::Again:
                if ($lane->position() === $event->position && null !== $lane->clock) {
                    $lane->clock = $lane->clock->longer($event->seconds);
                } else {
                    $lane->back($event->position, $event->seconds, $event->at);
                }
                break;
            case EventType::Skipped:
                $lane->skipped[$event->position] = $event->reason;
                $lane->forward($event->at);
                break;
            case EventType::Done:
                $lane->forward($event->at);
                break;
            case EventType::Judged:
                if (null !== $event->outcome) {
                    $lane->judge($event->outcome, $event->at);
                }
                break;
            case EventType::Undone:
                break;
        }
    }

    /** Whether hands may turn to the step at this position now. */
    public function open(int $position): bool
    {
        $step = $this->sequence->steps[$position] ?? null;
        if (null === $step || $this->lane($position)->position() !== $position) {
            return false;
        }
        foreach (null === $step->piece ? $this->lanes : [$this->lanes[0]] as $lane) {
            if ($lane !== $this->lane($position) && !$lane->passed($position)) {
                return false;
            }
        }

        return true;
    }

    /** What is asked before the heat comes on is asked once for all pieces. */
    public function asks(int $position): bool
    {
        $step = $this->sequence->steps[$position];
        if (!$step->asks) {
            return false;
        }
        foreach (array_keys($this->checked) as $known) {
            if ($this->sequence->steps[$known]->stepId === $step->stepId) {
                return false;
            }
        }

        return true;
    }

    public function lane(int $position): BenchLane
    {
        return $this->lanes[$this->sequence->steps[$position]->piece ?? 0];
    }

    /** @return list<int> positions that hands may turn to, or whose clock runs */
    public function atHand(): array
    {
        $open = [];
        foreach ($this->lanes as $lane) {
            $position = $lane->position();
            if (null !== $position && $this->open($position)) {
                $open[] = $position;
            }
        }

        return $open;
    }

    /** @return array<int, Outcome> by piece */
    public function outcomes(): array
    {
        return array_filter(
            array_map(static fn(BenchLane $lane): ?Outcome => $lane->outcome, $this->lanes),
            static fn(?Outcome $outcome): bool => null !== $outcome,
        );
    }

    public function finished(): bool
    {
        return [] === array_filter($this->lanes, static fn(BenchLane $lane): bool => null !== $lane->position());
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
        $lane = $this->lane($event->position);
        $open = $this->open($event->position);
        $clock = $open ? $lane->clock : null;
        $working = $open && !$lane->judging;

        return match ($event->type) {
            EventType::Checked => $working && $this->asks($event->position),
            EventType::Started => $working && $step->timed && null === $clock && !$this->asks($event->position),
            EventType::Paused => null !== $clock && $clock->running,
            EventType::Resumed => null !== $clock && !$clock->running,
            EventType::Peeked => null !== $clock && $step->heats(),
            EventType::Again => $step->heats() &&
                null === $lane->outcome &&
                $event->seconds > 0.0 &&
                $event->seconds <= Event::MOST_AGAIN_S &&
                (null !== $clock || isset($lane->taken[$event->position])),
            EventType::Done => $working && (!$step->timed || null !== $clock),
            EventType::Skipped => $working && '' !== trim($event->reason),
            EventType::Judged => null !== $step->piece && $open && null !== $event->outcome,
        };
    }
}
