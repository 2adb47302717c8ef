<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Work\Work;

/** The time and the electricity that so many pieces made in one go take. */
final readonly class Batch
{
    private const ROOM_C = 20.0;
    private const WS_IN_KWH = 3.6e6;

    /**
     * @param float $handsS seconds of hands
     * @param float $heatUpWs watt-seconds to heat up once, and
     * @param float $heldWs while pieces are heated
     * @param bool $usual nobody said how many watts a source takes: one of its kind usually takes so many
     */
    private function __construct(
        public float $handsS,
        public float $heatUpWs,
        public float $heldWs,
        public bool $usual,
    ) {}

    /**
     * Power times time: heating up by what the heat model has of the plate, then at full power while a piece is heated.
     * What keeps a plate hot between pieces is not known and is left out; a plate heats whatever it holds at once.
     */
    public static function forWork(Plan $plan, Work $work, Shelf $shelf, Catalogue $catalogue): self
    {
        $busy = $work->machines();
        $heatUp = $held = 0.0;
        $usual = false;
        foreach (self::sources($plan) as $id => $transfer) {
            $known = $shelf->heat[$id]->watts ?? null;
            $watts = $known ?? self::usualWatts($transfer, $catalogue);
            $usual = $usual || (null === $known && $watts > 0.0);
            $heatUp += $watts * self::heatUpSeconds($transfer, $catalogue);
            $held += $watts * ($busy[$id] ?? 0);
        }

        return new self((float) $work->handsS(), $heatUp, $held, $usual);
    }

    public function heatUpKwh(): float
    {
        return $this->heatUpWs / self::WS_IN_KWH;
    }

    public function heldKwh(): float
    {
        return $this->heldWs / self::WS_IN_KWH;
    }

    /** @return array<string, TransferPlan> the hottest that each source is set to, by its id */
    private static function sources(Plan $plan): array
    {
        $hottest = [];
        foreach ($plan->transfers as $transfer) {
            $id = $transfer->outfit->heat?->id;
            if (
                null !== $id &&
                (!isset($hottest[$id]) ||
                    ($transfer->outfit->temperature->celsius ?? 0.0) >
                        ($hottest[$id]->outfit->temperature->celsius ?? 0.0))
            ) {
                $hottest[$id] = $transfer;
            }
        }

        return $hottest;
    }

    /** Of the first source of its kind that Wubbin knows; none of what has no plug. */
    private static function usualWatts(TransferPlan $transfer, Catalogue $catalogue): float
    {
        foreach ($catalogue->heat->sources as $source) {
            if ($source->kind === $transfer->outfit->heat?->kind) {
                return $source->watts ?? 0.0;
            }
        }

        return 0.0;
    }

    private static function heatUpSeconds(TransferPlan $transfer, Catalogue $catalogue): float
    {
        $heat = $transfer->outfit->heat;
        $set = $transfer->outfit->temperature;
        $perKelvin = null === $heat ? null : $catalogue->heat->parameters->secondsPerKelvin($heat->kind);

        return null === $perKelvin || null === $set ? 0.0 : ($set->celsius - self::ROOM_C) * $perKelvin;
    }
}
