<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/**
 * Something that happened at the bench, at an instant the server took. `position` counts the run's steps from 0;
 * `press` is the id that the screen gave it.
 */
final readonly class Event
{
    /** Longer is not heated on at once, in seconds. */
    public const MOST_AGAIN_S = 600.0;

    /**
     * @param float $seconds that it is heated on
     * @param bool $ready what a look under a corner told
     * @param string $reason why a step was left out
     * @param string|null $undoes press that was a mistake
     * @param list<Mark> $marks
     * @param int|null $piece that is judged; nothing for the first of the step
     */
    private function __construct(
        public EventType $type,
        public int $position,
        public \DateTimeImmutable $at,
        public string $press = '',
        public ?Outcome $outcome = null,
        public array $marks = [],
        public float $seconds = 0.0,
        public bool $ready = false,
        public string $reason = '',
        public ?string $undoes = null,
        public ?int $piece = null,
    ) {}

    /** One that says all by its type: checked, started, paused, resumed or done. */
    public static function plain(EventType $type, int $position, \DateTimeImmutable $at, string $press = ''): self
    {
        return new self($type, $position, $at, $press);
    }

    public static function started(int $position, \DateTimeImmutable $at, string $press = ''): self
    {
        return new self(EventType::Started, $position, $at, $press);
    }

    public static function done(int $position, \DateTimeImmutable $at, string $press = ''): self
    {
        return new self(EventType::Done, $position, $at, $press);
    }

    /** @param list<Mark> $marks where it is not yet done */
    public static function peeked(
        int $position,
        \DateTimeImmutable $at,
        bool $ready,
        array $marks = [],
        string $press = '',
    ): self {
        return new self(EventType::Peeked, $position, $at, $press, marks: $marks, ready: $ready);
    }

    public static function again(int $position, \DateTimeImmutable $at, float $seconds, string $press = ''): self
    {
        return new self(EventType::Again, $position, $at, $press, seconds: $seconds);
    }

    public static function skipped(int $position, \DateTimeImmutable $at, string $reason, string $press = ''): self
    {
        return new self(EventType::Skipped, $position, $at, $press, reason: $reason);
    }

    /** @param list<Mark> $marks */
    public static function judged(
        int $position,
        \DateTimeImmutable $at,
        Outcome $outcome,
        array $marks,
        string $press = '',
        ?int $piece = null,
    ): self {
        return new self(EventType::Judged, $position, $at, $press, $outcome, $marks, piece: $piece);
    }

    public static function undone(int $position, \DateTimeImmutable $at, string $undoes, string $press = ''): self
    {
        return new self(EventType::Undone, $position, $at, $press, undoes: $undoes);
    }
}
