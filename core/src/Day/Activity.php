<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/**
 * Something that takes time: hands, a machine, room at a place, or nothing but waiting. Instants are seconds since
 * 1970.
 *
 * Hands work within hours and without a break in it; a machine and waiting run on through the night.
 */
final readonly class Activity
{
    /**
     * @param string $group whose it is: a job, whose last activity is due
     * @param int $seconds that it takes
     * @param string|null $machine id of one that it needs
     * @param float|null $celsius that the machine is set to
     * @param string|null $place of limited room that it takes up
     * @param list<Wait> $after other activities
     * @param int|null $due when it should be over
     * @param float $weight of a second that it is late
     * @param int|null $earliest before which it cannot begin
     * @param int|null $pinned when it is to begin, whatever else would be better
     * @param int|null $piece of its group, from 1, the first where it is several; null for what is done for all
     * @param int $room that it takes up at its place, in pieces or sheets
     * @param int|null $began it is under way since then, and stays so
     * @param bool $attended hands have to be there when it begins, if only to start it
     * @param Air|null $air what it does to the air of the room
     */
    public function __construct(
        public string $id,
        public string $group,
        public string $label,
        public int $seconds,
        public bool $hands = false,
        public ?string $machine = null,
        public ?float $celsius = null,
        public ?string $place = null,
        public array $after = [],
        public ?int $due = null,
        public float $weight = 1.0,
        public ?int $earliest = null,
        public ?int $pinned = null,
        public ?int $piece = null,
        public int $room = 1,
        public ?int $began = null,
        public bool $attended = false,
        public ?Air $air = null,
    ) {}

    /** The same with more that hands go on with. */
    public function longer(int $seconds, string $label): self
    {
        $labels = array_unique([...explode(', ', $this->label), $label]);

        return $this->with(label: implode(', ', $labels), seconds: $this->seconds + $seconds);
    }

    /** The same, due at an instant; a second that it is late weighs so much. */
    public function dueAt(int $instant, float $weight): self
    {
        return $this->with(due: $instant, weight: $weight);
    }

    /** The same, beginning at an instant that a person chose. */
    public function pinnedAt(int $instant): self
    {
        return $this->with(pinned: $instant);
    }

    private function with(
        ?string $label = null,
        ?int $seconds = null,
        ?int $due = null,
        ?float $weight = null,
        ?int $pinned = null,
    ): self {
        return new self(
            $this->id,
            $this->group,
            $label ?? $this->label,
            $seconds ?? $this->seconds,
            $this->hands,
            $this->machine,
            $this->celsius,
            $this->place,
            $this->after,
            $due ?? $this->due,
            $weight ?? $this->weight,
            $this->earliest,
            $pinned ?? $this->pinned,
            $this->piece,
            $this->room,
            $this->began,
            $this->attended,
            $this->air,
        );
    }
}
