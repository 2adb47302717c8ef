<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Run\EventType;
use Wubbin\Core\Run\Outcome;
use Wubbin\Storage\Instant;

/**
 * A press at the bench. Rows are only ever added; of two screens that end the same step, the constraint lets one win.
 */
#[ORM\Entity]
#[ORM\Table(name: 'event')]
#[ORM\UniqueConstraint(name: 'event_key', columns: ['press'])]
#[ORM\UniqueConstraint(name: 'event_once', columns: ['run_id', 'position', 'type'])]
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

    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    public readonly array $defects;

    /** @param string $press the id that the page gave the press, so that sending it twice stores it once */
    public function __construct(
        #[ORM\Column(length: 64)]
        public readonly string $press,
        #[ORM\ManyToOne(inversedBy: 'events'), ORM\JoinColumn(nullable: false)]
        public readonly StoredRun $run,
        #[ORM\ManyToOne]
        public readonly ?StoredPiece $piece,
        Event $event,
    ) {
        $this->at = Instant::write($event->at);
        $this->position = $event->position;
        $this->type = $event->type;
        $this->outcome = $event->outcome;
        $this->defects = array_map(static fn (Defect $defect): string => $defect->value, $event->defects);
    }

    public function event(): Event
    {
        $at = Instant::read($this->at);

        return match ($this->type) {
            EventType::Started => Event::started($this->position, $at),
            EventType::Done => Event::done($this->position, $at),
            EventType::Judged => Event::judged($this->position, $at, $this->outcome ?? Outcome::Spoiled, array_map(Defect::from(...), $this->defects)),
        };
    }
}
