<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Ticket;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Alternative;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\DecidedBy;
use Wubbin\Core\Plan\Decision;
use Wubbin\Core\Plan\Placing;
use Wubbin\Core\Plan\SharePlan;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\UseWanted;

/** What is pressed onto, how many of them, and which way. */
final readonly class BlankLines
{
    public function __construct(private Brief $brief, private Placing $placing) {}

    public function blank(): Decision
    {
        $blank = $this->brief->job->blank;
        $size = $this->placing->size;
        $values = ['area' => Quantity::size($size->printArea->size), 'drop' => Quantity::length($size->printArea->yMm)];
        $round = '';
        if (null !== $size->diameterMm) {
            $round = '{diameter} across, {round} round. ';
            $values += ['diameter' => Quantity::length($size->diameterMm), 'round' => Quantity::length($size->widthMm)];
        }
        if (null !== $size->taper) {
            $round = '{rim} across at the rim, {sole} at the foot, {round} round at the picture. ';
            $values = array_diff_key($values, ['diameter' => 0]) + [
                'rim' => Quantity::length(2.0 * $size->taper->rimMm),
                'sole' => Quantity::length(2.0 * $size->taper->footMm),
            ];
        }

        $printed = 'Usual print area {area}, from {drop} below the ' . ($size->from ?? $this->brief->kind->from);
        if (null !== $size->edge) {
            $printed = 'Traced: {across} × {along}, printed to {spare} beyond its edge';
            $values = [
                'across' => Quantity::length($size->widthMm),
                'along' => Quantity::length($size->heightMm),
                'spare' => Quantity::length($size->edge->overscanMm),
            ];
        }

        return new Decision(
            'blank',
            'Blank',
            Phrase::of(
                sprintf('%s, %s, %s', $this->brief->blankName(), $this->colouredMaterial(), $blank->condition->label()),
            ),
            Phrase::of(
                $round .
                    $printed .
                    ($size->isOwn()
                        ? '. Its size is as you measured it.'
                        : '. Sizes differ: measure yours when it matters.'),
                $values,
            ),
            'blank.print-area',
            $size->isOwn() ? Provenance::person() : $this->brief->kind->provenance,
            DecidedBy::Person,
        );
    }

    /** @param list<SharePlan> $shares */
    public function quantity(array $shares): Decision
    {
        $all = $this->brief->job->quantity;
        if ([] === $shares && null !== $this->brief->job->series) {
            return new Decision(
                'quantity',
                'How many',
                Phrase::of((string) $all),
                Phrase::of('Each has its own name. The list says how many there are.'),
                'quantity.names',
                Provenance::person(),
                DecidedBy::Person,
            );
        }
        if ([] === $shares) {
            $sizes = array_values($this->brief->kind->sizes);

            return new Decision(
                'quantity',
                'How many',
                Phrase::of((string) $all),
                Phrase::of(
                    sprintf(
                        'All are alike. You can write sizes and colours, for example: 6 %s, 2 %s%s 60 mm.',
                        $sizes[0]->label,
                        $sizes[1]->label ?? $sizes[0]->label,
                        $this->brief->material->surface->isCloth() ? ' cream' : '',
                    ),
                ),
                'quantity.alike',
                Provenance::person(),
                DecidedBy::Person,
            );
        }
        $open = count(array_filter($shares, static fn(SharePlan $share): bool => null !== $share->against));

        return new Decision(
            'quantity',
            'How many',
            Phrase::of(
                $all .
                    ': ' .
                    implode(
                        ', ',
                        array_map(
                            static fn(SharePlan $share): string => $share->quantity . ' × ' . $share->label,
                            $shares,
                        ),
                    ),
            ),
            Phrase::of(
                0 === $open
                    ? 'Each size has its own plan. Several go on one sheet where there is room.'
                    : sprintf('%d of %d have something to settle: see the checks.', $open, count($shares)),
            ),
            'quantity.shares',
            Provenance::person(),
            DecidedBy::Person,
        );
    }

    /** What the pieces are for: times, coats and the card for whoever gets them depend on it. */
    public function use(): Decision
    {
        $use = $this->brief->job->use;
        $alternatives = [new Alternative('Not chosen', null, null === $use, ['use' => ''])];
        foreach (UseWanted::cases() as $one) {
            $alternatives[] = new Alternative(ucfirst($one->label()), null, $one === $use, ['use' => $one->value]);
        }

        return new Decision(
            'use',
            'It will be',
            Phrase::of(null === $use ? 'Not chosen' : ucfirst($use->label())),
            Phrase::of(
                null === $use
                    ? 'Times, coats and the care card depend on it.'
                    : 'Times, coats and the care card depend on it.',
            ),
            'use.wanted',
            Provenance::person(),
            null === $use ? DecidedBy::Wubbin : DecidedBy::Person,
            $alternatives,
        );
    }

    public function route(): Decision
    {
        $route = $this->brief->route;
        $verdicts = [
            $route->suiting->verdictOnSurface($this->brief->kind->id, $this->brief->material),
            $route->suiting->verdictOnTone($this->brief->tone),
            $route->suiting->verdictOnCondition($this->brief->job->blank->condition),
        ];
        $against = array_values(array_filter($verdicts, static fn($verdict): bool => Fit::Good !== $verdict->fit));
        $note = $route->suiting->materialNotes[$this->brief->material->id] ?? '';

        return new Decision(
            'route',
            'Route',
            Phrase::of(ucfirst($route->label)),
            Phrase::of(trim(([] === $against ? $verdicts[0]->why : $against[0]->why) . ' ' . $note)),
            'route.surface',
            Provenance::commonPractice(),
            DecidedBy::Person,
        );
    }

    /** “white cotton jersey”; the colour is left out where the material is named by it, as bare aluminium is. */
    private function colouredMaterial(): string
    {
        $colour = $this->brief->catalogue->colours->nameOf($this->brief->job->blank->colour);
        $material = $this->brief->material->label;

        return str_contains($material, $colour) ? $material : $colour . ' ' . $material;
    }
}
