<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Route\Scope;
use Wubbin\Core\Route\StepKind;

/** What a step takes when it is done to so many in one go. */
final readonly class Batch
{
    /**
     * @param int $handsS seconds of hands
     * @param int $aloneS that it goes on for without them
     */
    private function __construct(
        public int $handsS,
        public int $aloneS,
        public ?string $machine,
        public ?float $celsius,
        public ?Place $place,
    ) {}

    /** Nobody turns away from a press that is closed for less, in s (assumed). */
    private const STAYS_S = 30;

    /**
     * A clock runs once for all that lie under the same heat, or wait together; hands take one after another.
     *
     * @param int<1, max> $count
     */
    public static function of(Step $step, int $count, Plan $plan): self
    {
        $transfer = $plan->transfers[$step->transfer];
        $time = $step->time->hands;
        $hands = (int) ceil($step->time->timed ? $time->eachS : $time->hands($count));

        return match (true) {
            $step->kind->waits() => new self(
                0,
                $hands,
                null,
                null,
                // What waits when all pieces are through is no piece.
                Scope::OnceAfter === $step->scope ? null : self::placeOf($step->kind),
            ),
            StepKind::Print === $step->kind => new self(
                $hands,
                (int) ceil($count * $time->aloneS),
                $transfer->outfit->marking?->id,
                null,
                null,
            ),
            $step->kind->heats() => new self(
                ($stays = $transfer->outfit->heatKind->closes() ? min($hands, self::STAYS_S) : $hands),
                $hands - $stays,
                $transfer->outfit->heat?->id,
                $transfer->outfit->temperature?->celsius,
                null,
            ),
            default => new self($hands, (int) ceil($time->aloneS), null, null, null),
        };
    }

    public static function placeOf(StepKind $kind): ?Place
    {
        return match ($kind) {
            StepKind::Dry, StepKind::Wait => Place::Rack,
            StepKind::Cool => Place::Shelf,
            default => null,
        };
    }
}
