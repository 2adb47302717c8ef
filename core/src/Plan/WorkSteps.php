<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Route\Caution;
use Wubbin\Core\Route\CautionAt;

/** What to do, in order: the steps of pressing a film with an iron. */
final readonly class WorkSteps
{
    private function __construct(private Setup $setup)
    {
    }

    /** @return list<Step> */
    public static function of(Setup $setup): array
    {
        $work = new self($setup);

        return [...$work->sheet(), ...$work->ready(), ...$work->heat(), ...$work->finish()];
    }

    /** @return list<Step> */
    private function sheet(): array
    {
        $setup = $this->setup;
        $times = $setup->route->times;
        $recipe = $setup->route->recipe;
        $trim = null === $setup->placed ? null : $setup->placed->grown($recipe->trimMargin->mm)->size;
        $cutting = null === $trim ? $recipe->trimHandling : $recipe->trimHandling->plus(Duration::seconds(2.0 * ($trim->widthMm + $trim->heightMm) / $recipe->trimMmPerSecond));

        return [
            $this->hands('print', StepKind::Print, Scope::EachSheet, 'Print the sheet at 100 %, on the plain side.', sprintf('The back carries %s: it faces away from the ink. Driver: mirror off, fit to page off.', $setup->medium->backMark ?? 'a mark'), $times->print),
            $this->hands('look', StepKind::Look, Scope::EachSheet, 'Look at the print.', $setup->stack->mirrored() ? 'Does the picture read backwards? Lines or smears? Measure the check bar: 100 mm.' : 'Does the picture read right? Lines or smears? Measure the check bar: 100 mm.', $times->look),
            new Step('dry', StepKind::Dry, Scope::OnceBefore, Phrase::of('Let the ink dry.'), Phrase::of('Nothing touches the print. Cut and make ready what you can.'), $setup->drying->drying, true, $setup->drying->provenance),
            $this->hands('cut', StepKind::Cut, Scope::EachPiece, 'Cut along the trim line.', 'Neatly: clear film shows wherever it is left. Do not touch the print.', $cutting, $recipe->trimProvenance),
        ];
    }

    /** @return list<Step> */
    private function ready(): array
    {
        $setup = $this->setup;
        $times = $setup->route->times;
        $used = Condition::Used === $setup->job->shirt->condition;
        $guard = null === $setup->guard ? 'Put card' : 'Put '.$setup->guard->label;
        $base = null === $setup->base ? 'a hard base' : 'the '.$setup->base->label;

        return [
            $this->hands('ready', StepKind::Ready, Scope::EachPiece, sprintf('%s inside the shirt and lay it on %s, cotton cloth under it.', $guard, $base), sprintf('Iron at %s, steam off, water out. Lint and threads off the cloth.', str_repeat('●', $setup->route->recipe->dots)), $times->ready),
            new Step('prepress', StepKind::Prepress, Scope::EachPiece, Phrase::of('Iron the place smooth.'), Phrase::of($used ? 'A worn shirt is damp with softener: keep on until no steam rises.' : 'Creases and damp are out when the cloth lies flat and no steam rises.'), $times->prepress->times($used ? 2 : 1), true, $times->provenance, null, $this->cautions(CautionAt::Heat)),
            $this->hands('place', StepKind::Place, Scope::EachPiece, 'Lay the film ink down, centred.', 'Plain side to the cloth, the marked back looks at you. Once it lies, do not slide it.', $times->place),
        ];
    }

    /** @return list<Step> */
    private function heat(): array
    {
        $setup = $this->setup;
        $recipe = $setup->route->recipe;
        $cautions = $this->cautions(CautionAt::Heat);
        $areas = count($setup->coverage->places ?? []);
        $steps = [];
        for ($area = 1; $area <= $areas; ++$area) {
            $steps[] = new Step('heat-'.$area, StepKind::Heat, Scope::EachPiece,
                Phrase::of(1 === $areas ? 'Iron it. Small circles, press hard.' : sprintf('Iron area %d of %d. Small circles, press hard.', $area, $areas)),
                Phrase::of('Get the edges and corners, about {pace}. Lean on it; lift to move on, slide nothing.', ['pace' => Quantity::speed($recipe->sweepMmPerSecond)]),
                $recipe->perArea, true, $recipe->dwellProvenance, $area, $cautions);
        }
        if ($setup->edgeRound()->seconds > 0.0) {
            $steps[] = new Step('heat-edges', StepKind::Heat, Scope::EachPiece, Phrase::of('Once more round the edges.'), Phrase::of('Edges lift first: go along all four, corners too.'), $setup->edgeRound(), true, $recipe->dwellProvenance, null, $cautions);
        }

        return $steps;
    }

    /** @return list<Step> */
    private function finish(): array
    {
        $setup = $this->setup;
        $times = $setup->route->times;
        $peel = $setup->peel;

        return [
            new Step('cool', StepKind::Cool, Scope::EachPiece,
                Phrase::of(null === $peel->above ? 'Hands off until it is fully cool.' : 'Hands off until it is only just warm.'),
                null === $peel->above
                    ? Phrase::of('Below {limit} at the backing: it feels like the room.', ['limit' => Quantity::temperature($peel->below)])
                    : Phrase::of('{range} at the backing: warm on the back of your hand, not hot.', ['range' => Quantity::temperature($peel->above, $peel->below)]),
                $peel->wait, true, $setup->route->recipe->peelProvenance),
            $this->hands('peel', StepKind::Peel, Scope::EachPiece, sprintf('Peel the backing %s, slowly from a corner.', $peel->word), 'The corner lifts clean. Specks left on the paper: lay it back, cover with parchment, press that spot again.', $times->peel, null, $this->cautions(CautionAt::Peel)),
            $this->hands('compare', StepKind::Compare, Scope::EachPiece, 'Look at it beside the picture.', 'Edges down all round? Nothing missing? Too shiny or small bubbles: parchment over it and a few seconds more.', $times->compare),
            $this->hands('off', StepKind::Off, Scope::OnceAfter, 'Switch the iron off.', 'Unplug it and stand it up where nobody touches it.', $times->off, null, $this->cautions(CautionAt::Off)),
        ];
    }

    /** @param list<string> $cautions */
    private function hands(string $id, StepKind $kind, Scope $scope, string $title, string $cue, Duration $usual, ?Provenance $provenance = null, array $cautions = []): Step
    {
        return new Step($id, $kind, $scope, Phrase::of($title), Phrase::of($cue), $usual, false, $provenance ?? $this->setup->route->times->provenance, null, $cautions);
    }

    /** @return list<string> */
    private function cautions(CautionAt $at): array
    {
        $texts = array_filter($this->setup->route->cautions, static fn (Caution $c): bool => $c->at === $at);

        return array_values(array_map(static fn (Caution $c): string => $c->text, $texts));
    }
}
