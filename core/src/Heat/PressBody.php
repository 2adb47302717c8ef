<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatParameters;

/**
 * How a press behaves that nobody has: its plate is warmed by so much power, gives heat to the room, and to what lies
 * in it while it is closed. Two bodies that are each as warm inside as outside; worked out in short steps.
 */
final class PressBody
{
    private const STEP_S = 0.1;

    /** What is pressed and what it lies on take up this much, in J/m²K (assumed: a shirt on a board). */
    private const LOAD = 9000.0;

    /** What lies in a closed press gives its heat to the room beneath so well, in W/m²K (assumed). */
    private const LOAD_LOSS = 25.0;

    private float $load;

    private function __construct(
        private readonly float $capacity,
        private readonly float $power,
        private readonly float $contact,
        private readonly float $loss,
        private readonly float $room,
        private float $celsius,
    ) {
        $this->load = $room;
    }

    /** A press of this kind at the middles of what is assumed of it, as cold as the room. */
    public static function cold(HeatKind $kind, HeatParameters $parameters): self
    {
        $of = static fn(string $id): float => $parameters->of($id)->middle;
        $source = 'source.' . $kind->value;

        return new self(
            $of($source . '.capacity'),
            $of($source . '.power'),
            $of('contact.medium'),
            $of('room.coefficient'),
            $of('room.celsius'),
            $of('room.celsius'),
        );
    }

    /** Lets time go by at a setting, open or closed. */
    public function advance(float $seconds, float $setting, bool $closed): void
    {
        for ($left = $seconds; $left > 1e-9; $left -= self::STEP_S) {
            $step = min(self::STEP_S, $left);
            $open = max(0.0, min(1.0, ($setting - $this->celsius) / Surrounding::BAND));
            $into = $closed ? $this->contact * ($this->celsius - $this->load) : 0.0;
            $this->celsius +=
                ($step * ($this->power * $open - $this->loss * ($this->celsius - $this->room) - $into)) /
                $this->capacity;
            $this->load += ($step * ($into - self::LOAD_LOSS * ($this->load - $this->room))) / self::LOAD;
        }
    }

    /** Something cold is laid in. */
    public function loaded(): void
    {
        $this->load = $this->room;
    }

    public function celsius(): float
    {
        return $this->celsius;
    }

    /** °C of what lies in it. */
    public function load(): float
    {
        return $this->load;
    }
}
