<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Motif;

/** A drawing for every step of a plan, made from the plan's own geometry. */
final readonly class StepDrawings
{
    /** @return array<string, Drawing> by the step's id */
    public static function of(Plan $plan): array
    {
        $drawings = [];
        foreach ($plan->steps() as $step) {
            $own = $plan->transfers[$step->transfer];
            // What is compared is seen with all that is on it; what is laid down, with what was there before.
            $there =
                Motif::Finished === $step->motif ? $plan->transfers : array_slice($plan->transfers, 0, $step->transfer);
            $drawings[$step->id] = self::draw(
                $step,
                $own,
                array_values(array_filter($there, static fn(TransferPlan $one): bool => $one !== $own)),
            );
        }

        return $drawings;
    }

    /** What lies on what under the heat. */
    public static function stack(TransferPlan $plan): Drawing
    {
        return (new InSection($plan))->whole();
    }

    /** How the piece should look in the end. */
    public static function finished(Plan $plan): Drawing
    {
        return (new OnPiece($plan->transfers[0], array_slice($plan->transfers, 1)))->finished();
    }

    /** @param list<TransferPlan> $others pictures that are on the piece beside it */
    public static function draw(Step $step, TransferPlan $plan, array $others = []): Drawing
    {
        return match ($step->motif) {
            Motif::Source => (new AtSource($plan))->source(false),
            Motif::Off => (new AtSource($plan))->source(true),
            Motif::MugPress => (new AtSource($plan))->mugPress(),
            Motif::Flatten => (new OnSheet($plan))->flatten(),
            Motif::Carrier => (new OnSheet($plan))->carrier(),
            Motif::Feed => (new OnSheet($plan))->feed(),
            Motif::Printed => (new OnSheet($plan))->printed(),
            Motif::Guide => (new OnSheet($plan))->guide(),
            Motif::DrySheet => (new OnSheet($plan))->drying(),
            Motif::Cut => (new OnSheet($plan))->cut(),
            Motif::Sand => (new OnPiece($plan))->worked(true, false),
            Motif::Wipe => (new OnPiece($plan))->worked(false, true),
            Motif::Piece => (new OnPiece($plan))->worked(false, false),
            Motif::Smooth => (new OnPiece($plan))->smooth(),
            Motif::Lay => (new OnPiece($plan, $others))->lay(),
            Motif::Wrap => (new OnPiece($plan, $others))->wrap(),
            Motif::Turn => (new OnPiece($plan))->turn(),
            Motif::Finished => (new OnPiece($plan, $others))->finished(),
            Motif::Places => (new UnderHeat($plan))->places($step),
            Motif::Still => (new UnderHeat($plan))->still($step),
            Motif::Sweep => (new UnderHeat($plan))->sweep(),
            Motif::Edges => (new UnderHeat($plan))->edges(),
            Motif::Burnish => (new UnderHeat($plan))->burnish(),
            Motif::Hold => (new UnderHeat($plan))->hold(),
            Motif::Rub => (new UnderHeat($plan))->rub(),
            Motif::Peel => (new UnderHeat($plan))->peel(),
            Motif::Bed => (new InSection($plan))->bed(),
            Motif::Cool => (new InSection($plan))->cool(),
            Motif::Bowl => (new InSection($plan))->bowl(),
            Motif::Rack => (new InSection($plan))->rack(),
            Motif::Coat => (new InSection($plan))->coats($step->nth, $step->times, false),
            Motif::DryCoat => (new InSection($plan))->coats($step->nth, $step->times, true),
        };
    }
}
