<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Run\EventType;
use Wubbin\Core\Run\Mark;
use Wubbin\Core\Run\Outcome;
use Wubbin\Storage\Instant;

/** A press at the bench. Rows are only ever added. */
#[ORM\Entity]
#[ORM\Table(name: 'event')]
#[ORM\UniqueConstraint(name: 'event_key', columns: ['press'])]
class StoredEvent
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    public ?int $number = null;

    #[ORM\Column(length: 24)]
    public readonly string $at;

    #[ORM\Column]
    public readonly int $position;

    #[ORM\Column(length: 8, enumType: EventType::class)]
    public readonly EventType $type;

    #[ORM\Column(length: 8, nullable: true, enumType: Outcome::class)]
    public readonly ?Outcome $outcome;

    /** @var array<string, mixed> what its type wants told, and what press and probe showed */
    #[ORM\Column(type: 'json')]
    public readonly array $detail;

    /** @param array{press_c: float|null, probe_c: float|null}|null $reading */
    public function __construct(
        #[ORM\Column(length: 64)] public readonly string $press,
        #[ORM\ManyToOne(inversedBy: 'events'), ORM\JoinColumn(nullable: false)] public readonly StoredRun $run,
        #[ORM\ManyToOne] public readonly ?StoredPiece $piece,
        Event $event,
        ?array $reading = null,
    ) {
        $this->at = Instant::write($event->at);
        $this->position = $event->position;
        $this->type = $event->type;
        $this->outcome = $event->outcome;
        $this->detail = array_filter(
            [
                'marks' => array_map(static fn(Mark $mark): array => $mark->jsonSerialize(), $event->marks),
                'seconds' => $event->seconds,
                'ready' => $event->ready,
                'reason' => $event->reason,
                'undoes' => $event->undoes,
                'piece' => $event->piece,
                'reading' => $reading,
            ],
            static fn(mixed $told): bool => !in_array($told, [[], 0.0, false, '', null], true),
        );
    }

    public function event(): Event
    {
        $at = Instant::read($this->at);
        $detail = Record::of($this->detail);
        $marks = static fn(): array => array_map(
            Mark::fromRecord(...),
            $detail->has('marks') ? $detail->records('marks') : [],
        );

        return match ($this->type) {
            EventType::Peeked => Event::peeked($this->position, $at, $detail->has('ready'), $marks(), $this->press),
            EventType::Again => Event::again($this->position, $at, $detail->number('seconds'), $this->press),
            EventType::Skipped => Event::skipped($this->position, $at, $detail->string('reason'), $this->press),
            EventType::Judged => Event::judged(
                $this->position,
                $at,
                $this->outcome ?? Outcome::Spoiled,
                $marks(),
                $this->press,
                $detail->has('piece') ? $detail->integer('piece') : null,
            ),
            EventType::Undone => Event::undone($this->position, $at, $detail->string('undoes'), $this->press),
            EventType::Checked,
            EventType::Started,
            EventType::Paused,
            EventType::Resumed,
            EventType::Done
                => Event::plain($this->type, $this->position, $at, $this->press),
        };
    }
}
