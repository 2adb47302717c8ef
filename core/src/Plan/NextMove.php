<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

/** The one thing to do next about a job, from its picture to the bench. */
final readonly class NextMove
{
    /** Worse before better: what cannot be done at all, then what stops, then what is only missing. */
    private const WORST_FIRST = [Severity::Impossible, Severity::Stop, Severity::Missing];

    /**
     * @param int $transfer the picture that it is about, from 0
     * @param Check|null $check that is to be settled; null where nothing is
     */
    private function __construct(public Doing $doing, public int $transfer = 0, public ?Check $check = null) {}

    /**
     * @param bool $sheetMade a sheet of this very plan is there
     * @param int $left pieces that nobody has made or begun
     */
    public static function of(Plan $plan, bool $sheetMade, int $left): self
    {
        if ($left < 1) {
            return new self(Doing::Done);
        }
        foreach ($plan->transfers as $at => $transfer) {
            if (null === $transfer->brief->picture && !$transfer->printable()) {
                return new self(Doing::Picture, $at);
            }
        }

        return match (true) {
            !$plan->printable() => self::settle($plan),
            !$sheetMade => new self(Doing::Sheet),
            !$plan->ready() => self::settle($plan),
            default => new self(Doing::Bench),
        };
    }

    private static function settle(Plan $plan): self
    {
        foreach (self::WORST_FIRST as $severity) {
            foreach ($plan->transfers as $at => $transfer) {
                foreach ($transfer->checks as $check) {
                    if ($severity === $check->severity && $check->blocks()) {
                        return new self(Doing::Settle, $at, $check);
                    }
                }
            }
        }

        // It does not lie on a sheet, and no check says why: its ticket does.
        return new self(Doing::Settle);
    }
}
