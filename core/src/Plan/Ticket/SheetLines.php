<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Ticket;

use Wubbin\Core\Job\Choices;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Plan\Alternative;
use Wubbin\Core\Plan\DecidedBy;
use Wubbin\Core\Plan\Decision;
use Wubbin\Core\Plan\Setup;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Sheet\Loading;
use Wubbin\Core\Sheet\Tile;
use Wubbin\Core\Sheet\Tiling;

/** What marks which sheet, by whose figures, and how long it dries. */
final readonly class SheetLines
{
    public function __construct(private Setup $setup) {}

    public function marking(): Decision
    {
        $marking = $this->setup->marking;
        $because =
            null === $marking || null === $this->setup->medium
                ? 'What may mark it depends on the sheet.'
                : $this->setup->medium->verdictOn($marking)->why;

        return new Decision(
            'marking',
            true === $marking?->byHand() ? 'Drawn with' : 'Printer',
            Phrase::of(null === $marking ? 'None on the shelf' : ucfirst($marking->label)),
            Phrase::of($because),
            'marking.medium',
            Provenance::commonPractice(),
            Choice::by(null !== $marking, $this->setup->transfer->choices->thing('marking')),
            Choice::among('marking', $this->setup->shelf->markings, $marking?->id),
        );
    }

    public function medium(): Decision
    {
        $medium = $this->setup->medium;

        return new Decision(
            'medium',
            'Sheet',
            Phrase::of(null === $medium ? 'None on the shelf' : ucfirst($medium->label)),
            Phrase::of(
                match (true) {
                    null === $medium => 'It wants ' .
                        $this->setup->catalogue->media[$this->setup->route->media[0]]->label .
                        '.',
                    null !== $this->setup->tiling => sprintf(
                        'Print side: %s. %d sheets for one picture.',
                        $this->setup->printSide($medium),
                        count($this->setup->tiling->sheets),
                    ),
                    default => sprintf('Print side: %s.', $this->setup->printSide($medium)),
                },
            ),
            'medium.print-side',
            $medium->provenance ?? Provenance::commonPractice(),
            Choice::by(null !== $medium, $this->setup->transfer->choices->thing('medium')),
            Choice::among(
                'medium',
                array_filter(
                    $this->setup->shelf->media,
                    fn(Medium $medium): bool => in_array($medium->like, $this->setup->route->media, true),
                ),
                $medium?->id,
            ),
        );
    }

    /** Over how many sheets, and how far the parts overlap. */
    public function tiling(Tiling $tiling): Decision
    {
        $overlap = $this->setup->ways->figures['overlap'];
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
                'It is larger than a sheet. Neighbours overlap by {overlap}; joins lie where little is going on.',
                ['overlap' => $overlap->quantity()],
            ),
            'tiling.fewest',
            $overlap->provenance,
            Choice::ofFigure($this->setup, 'overlap', DecidedBy::Wubbin),
            [],
            'overlap',
        );
    }

    /** Which way the sheet lies in the tray. */
    public function loading(Loading $loading): Decision
    {
        return new Decision(
            'loading',
            'Laid in',
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
                $this->setup->house->recipes,
                fn(Recipe $recipe): bool => $recipe->routeId === $this->setup->route->id,
            ),
        );
    }

    public function recipe(): Decision
    {
        $used = $this->setup->recipe;
        $alternatives = [];
        foreach ($this->recipes() as $recipe) {
            $alternatives[] = new Alternative(
                $recipe->name . ', version ' . $recipe->version,
                '' === $recipe->note ? null : Phrase::of($recipe->note),
                $recipe->id === $used?->id,
                ['recipe' => $recipe->id],
            );
        }
        $alternatives[] = new Alternative('None: Wubbin’s own figures', null, null === $used, [
            'recipe' => Choices::NO_RECIPE,
        ]);

        return new Decision(
            'recipe',
            'Recipe',
            Phrase::of(null === $used ? 'Wubbin’s own figures' : $used->name . ', version ' . $used->version),
            Phrase::of(
                null === $used
                    ? 'A recipe of the house is there and is not used.'
                    : 'Typed in by your house: its figures outrank the built-in ones.',
            ),
            'recipe.precedence',
            null === $used ? Provenance::commonPractice() : $used->provenance(),
            Choice::by(true, $this->setup->transfer->choices->thing('recipe')),
            $alternatives,
        );
    }

    public function drying(): Decision
    {
        $option = $this->setup->ways->options['drying'];
        $figure = $this->setup->ways->figures['dry'];
        $line = Choice::ofSchool($this->setup, $this->setup->ways->schools['drying'], $option);

        return new Decision(
            'drying',
            'Drying',
            Phrase::of('{time}', ['time' => $figure->quantity()]),
            $line->because,
            $line->rule,
            $figure->provenance,
            Choice::ofFigure($this->setup, 'dry', $line->by),
            $line->alternatives,
            'dry',
        );
    }
}
