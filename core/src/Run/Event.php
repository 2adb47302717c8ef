<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/** Something that happened at the bench, at an instant the server took. `position` counts the run's steps from 0. */
final readonly class Event
{
    /** @param list<Defect> $defects */
    private function __construct(
        public EventType $type,
        public int $position,
        public \DateTimeImmutable $at,
        public ?Outcome $outcome,
        public array $defects,
    ) {
    }

    public static function started(int $position, \DateTimeImmutable $at): self
    {
        return new self(EventType::Started, $position, $at, null, []);
    }

    public static function done(int $position, \DateTimeImmutable $at): self
    {
        return new self(EventType::Done, $position, $at, null, []);
    }

    /** @param list<Defect> $defects */
    public static function judged(int $position, \DateTimeImmutable $at, Outcome $outcome, array $defects): self
    {
        return new self(EventType::Judged, $position, $at, $outcome, $defects);
    }
}
