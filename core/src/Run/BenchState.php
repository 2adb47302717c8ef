<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/**
 * Where a run stands, told from its events alone: the same events always give the same state, on any device and after
 * any interruption.
 */
final readonly class BenchState
{
    /**
     * @param int                     $position  of the step at hand; the number of steps when all is done
     * @param \DateTimeImmutable|null $startedAt when its clock was started, null while it has not been
     * @param int|null                $judging   the piece whose outcome is asked for now
     * @param array<int, Outcome>     $outcomes  by piece
     */
    private function __construct(
        public int $position,
        public ?\DateTimeImmutable $startedAt,
        public ?int $judging,
        public array $outcomes,
        public bool $finished,
    ) {
    }

    /** @param list<Event> $events in the order they were stored */
    public static function of(BenchSequence $sequence, array $events): self
    {
        $position = 0;
        $startedAt = null;
        $judging = null;
        $outcomes = [];
        foreach ($events as $event) {
            if ($event->position !== $position) {
                continue;
            }
            $piece = $sequence->steps[$position]->piece ?? null;
            switch ($event->type) {
                case EventType::Started:
                    $startedAt ??= $event->at;
                    break;
                case EventType::Done:
                    $startedAt = null;
                    if ($sequence->closesPiece($position)) {
                        $judging = $piece;
                    } else {
                        $position = $sequence->next($position, array_keys($outcomes));
                    }
                    break;
                case EventType::Judged:
                    if (null !== $piece && null !== $event->outcome) {
                        $outcomes[$piece] = $event->outcome;
                        $position = $sequence->next($position, array_keys($outcomes));
                        $startedAt = $judging = null;
                    }
                    break;
            }
        }

        return new self($position, $startedAt, $judging, $outcomes, $position >= count($sequence->steps));
    }

    /**
     * Whether this event may follow now. One that comes a second time, or from a screen that lags behind, may not.
     */
    public function accepts(BenchSequence $sequence, Event $event): bool
    {
        if ($this->finished || $event->position !== $this->position) {
            return false;
        }
        $step = $sequence->steps[$this->position];

        return match ($event->type) {
            EventType::Started => $step->timed && null === $this->startedAt && null === $this->judging,
            EventType::Done => null === $this->judging && (!$step->timed || null !== $this->startedAt),
            EventType::Judged => null !== $step->piece,
        };
    }
}
