<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Ticket;

use Wubbin\Core\Job\Choices;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Plan\Alternative;
use Wubbin\Core\Plan\Arrangement;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\DecidedBy;
use Wubbin\Core\Plan\Decision;
use Wubbin\Core\Plan\Outfit;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Sheet\Loading;
use Wubbin\Core\Sheet\Tile;
use Wubbin\Core\Sheet\Tiling;

/** What marks which sheet, by whose figures, and how long it dries. */
final readonly class SheetLines
{
    public function __construct(private Brief $brief, private Outfit $outfit, private Arrangement $arrangement) {}

    public function marking(): Decision
    {
        $marking = $this->outfit->marking;
        $because =
            null === $marking || null === $this->outfit->medium
                ? 'It depends on the sheet which printer you can use.'
                : $this->outfit->medium->verdictOn($marking)->why;

        return new Decision(
            'marking',
            match (true) {
                Marking::UNPRINTED === $marking?->id => 'Printed with',
                true === $marking?->byHand() => 'Drawn with',
                default => 'Printer',
            },
            Phrase::of(null === $marking ? 'None on the shelf' : ucfirst($marking->label)),
            Phrase::of($because),
            'marking.medium',
            Provenance::commonPractice(),
            Choice::by(null !== $marking, $this->brief->transfer->choices->thing('marking')),
            Choice::among('marking', $this->brief->shelf->markings + $this->asItIs(), $marking?->id),
        );
    }

    /** @return array<string, Marking> nothing at all, where the sheet can be used as it is */
    private function asItIs(): array
    {
        return in_array(Marking::UNPRINTED, $this->outfit->medium->takes ?? [], true)
            ? [Marking::UNPRINTED => $this->brief->catalogue->sheets->markings[Marking::UNPRINTED]]
            : [];
    }

    public function medium(): Decision
    {
        $medium = $this->outfit->medium;

        return new Decision(
            'medium',
            'Sheet',
            Phrase::of(null === $medium ? 'None on the shelf' : ucfirst($medium->label)),
            Phrase::of(
                match (true) {
                    null === $medium => 'It needs ' .
                        $this->brief->catalogue->sheets->media[$this->brief->route->making->media[0]]->label .
                        '.',
                    null !== $this->arrangement->tiling => sprintf(
                        'Print side: %s. %d sheets for one picture.',
                        $this->outfit->printSide($medium),
                        count($this->arrangement->tiling->sheets),
                    ),
                    default => sprintf('Print side: %s.', $this->outfit->printSide($medium)),
                },
            ),
            'medium.print-side',
            $medium->provenance ?? Provenance::commonPractice(),
            Choice::by(null !== $medium, $this->brief->transfer->choices->thing('medium')),
            Choice::among(
                'medium',
                array_filter(
                    $this->brief->shelf->media,
                    fn(Medium $medium): bool => in_array($medium->like, $this->brief->route->making->media, true),
                ),
                $medium?->id,
            ),
        );
    }

    /** Over how many sheets, and how far the parts overlap. */
    public function tiling(Tiling $tiling): Decision
    {
        $overlap = $this->outfit->ways->figures['overlap'];
        $columns = count(array_filter($tiling->tiles, static fn(Tile $tile): bool => 1 === $tile->row));

        return new Decision(
            'tiling',
            'Parts',
            Phrase::of(
                sprintf(
                    '%d × %d on %s',
                    $columns,
                    intdiv(count($tiling->tiles), $columns),
                    1 === count($tiling->sheets) ? 'one sheet' : count($tiling->sheets) . ' sheets',
                ),
            ),
            Phrase::of(
                'It is larger than a sheet. ' .
                    ($overlap->value > 0.0 ? 'Neighbours overlap by {overlap}' : 'Neighbours lie edge to edge') .
                    '. Joins lie in quiet places.',
                $overlap->value > 0.0 ? ['overlap' => $overlap->quantity()] : [],
            ),
            'tiling.fewest',
            $overlap->provenance,
            Choice::ofFigure($this->brief, 'overlap', DecidedBy::Wubbin),
            [],
            'overlap',
        );
    }

    /** Which way the sheet lies in the tray. */
    public function loading(Loading $loading): Decision
    {
        return new Decision(
            'loading',
            'In the tray',
            Phrase::of(
                ucfirst($loading->tray->label) .
                    (null === $loading->lying() ? ': not tried' : ', print side ' . $loading->lying()->value),
            ),
            Phrase::of($loading->inWords()),
            'loading.feed-test',
            null === $loading->lying() ? Provenance::computed() : Provenance::person(),
            null === $loading->lying() ? DecidedBy::Nobody : DecidedBy::Wubbin,
        );
    }

    /** @return list<Recipe> of the house for this route */
    public function recipes(): array
    {
        return array_values(
            array_filter(
                $this->brief->house->recipes,
                fn(Recipe $recipe): bool => $recipe->routeId === $this->brief->route->id,
            ),
        );
    }

    public function recipe(): Decision
    {
        $used = $this->outfit->recipe;
        $alternatives = [];
        foreach ($this->recipes() as $recipe) {
            $alternatives[] = new Alternative(
                $recipe->name . ', version ' . $recipe->version,
                '' === $recipe->note ? null : Phrase::of($recipe->note),
                $recipe->id === $used?->id,
                ['recipe' => $recipe->id],
            );
        }
        $alternatives[] = new Alternative('No recipe: Wubbin’s own figures', null, null === $used, [
            'recipe' => Choices::NO_RECIPE,
        ]);

        return new Decision(
            'recipe',
            'Recipe',
            Phrase::of(null === $used ? 'Wubbin’s own figures' : $used->name . ', version ' . $used->version),
            Phrase::of(
                null === $used
                    ? 'Your house has a recipe, but this job does not use it.'
                    : 'Your house entered it. Its figures come before Wubbin’s own.',
            ),
            'recipe.precedence',
            null === $used ? Provenance::commonPractice() : $used->provenance(),
            Choice::by(true, $this->brief->transfer->choices->thing('recipe')),
            $alternatives,
        );
    }

    public function drying(): Decision
    {
        $option = $this->outfit->ways->options['drying'];
        $figure = $this->outfit->ways->figures['dry'];
        $line = Choice::ofSchool($this->outfit, $this->outfit->ways->schools['drying'], $option);

        return new Decision(
            'drying',
            'Drying',
            Phrase::of('{time}', ['time' => $figure->quantity()]),
            $line->because,
            $line->rule,
            $figure->provenance,
            Choice::ofFigure($this->brief, 'dry', $line->by),
            $line->alternatives,
            'dry',
        );
    }
}
