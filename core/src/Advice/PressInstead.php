<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;

/** A flat press of the shelf in the place of the iron, where it leaves hands less to do. */
final readonly class PressInstead
{
    private function __construct(public HeatSource $source, public Plan $plan, public Phrase $words) {}

    /**
     * @param Plan $plan as it is without asking for a press
     * @param Job $job that it is of, with one picture
     * @param \Closure(Job): Plan $planned
     */
    public static function of(Plan $plan, Job $job, Shelf $shelf, \Closure $planned): ?self
    {
        $outfit = $plan->transfers[0]->outfit;
        if (HeatKind::Iron !== $outfit->heat?->kind || !in_array(HeatKind::FlatPress, $outfit->ways->heat(), true)) {
            return null;
        }
        $by = self::hands($plan);
        foreach ($shelf->heat as $source) {
            if (HeatKind::FlatPress !== $source->kind) {
                continue;
            }
            $choices = $job->transfers[0]->choices->with('things', 'heat', $source->id);
            $pressed = $planned($job->only($job->transfers[0]->with(choices: $choices)));
            $hands = self::hands($pressed);
            if ($hands < $by && ($pressed->transfers[0]->ready() || !$plan->transfers[0]->ready())) {
                return new self(
                    $source,
                    $pressed,
                    Phrase::of(
                        'In your ' .
                            Phrase::plain($source->label) .
                            ' it takes {press} of work. With an iron it takes {iron}.',
                        [
                            'press' => Quantity::duration(Duration::seconds($hands)),
                            'iron' => Quantity::duration(Duration::seconds($by)),
                        ],
                    ),
                );
            }
        }

        return null;
    }

    /** Seconds of hands for one piece. */
    private static function hands(Plan $plan): float
    {
        return (float) Work::forPieces($plan, 1, new Places())->handsS();
    }
}
