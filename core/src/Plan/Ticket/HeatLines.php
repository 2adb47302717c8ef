<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Ticket;

use Wubbin\Core\Heat\IronCoverage;
use Wubbin\Core\Heat\IronPlace;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Alternative;
use Wubbin\Core\Plan\Arrangement;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\DecidedBy;
use Wubbin\Core\Plan\Decision;
use Wubbin\Core\Plan\Outfit;
use Wubbin\Core\Plan\Placing;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\Words;
use Wubbin\Core\Route\Figure;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Stacking;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Route\Support;

/** Heat, time and peel, and what lies under, in and over the work. */
final readonly class HeatLines
{
    public function __construct(
        private Brief $brief,
        private Outfit $outfit,
        private Placing $placing,
        private Arrangement $arrangement,
    ) {}

    public function finish(): Decision
    {
        $peel = $this->outfit->peel;
        $alternatives = [];
        foreach ($this->brief->route->heating->finishes as $id => $rule) {
            $alternatives[] = new Alternative(
                ucfirst($id) . ', peel ' . $rule->word,
                null,
                $id === $this->brief->finish->value,
                ['finish' => $id],
            );
        }
        $values = [];
        $when = match (true) {
            null !== $peel->above && null !== $peel->below => 'The sheet comes off at {range}',
            null !== $peel->below => 'The sheet comes off below {range}',
            null !== $peel->above => 'The sheet comes off above {range}',
            default => 'The sheet comes off ' . $peel->word,
        };
        if (str_contains($when, '{range}')) {
            $values['range'] =
                null !== $peel->above && null !== $peel->below
                    ? Quantity::temperature($peel->above, $peel->below)
                    : Quantity::temperature(
                        $peel->below ?? ($peel->above ?? throw new \LogicException('A range has an end.')),
                    );
        }
        if ($peel->wait->seconds > 0.0) {
            $when .= ', about {wait} after the heat';
            $values['wait'] = Quantity::duration($peel->wait);
        }
        $other =
            $this->brief->finish === $this->brief->transfer->finish
                ? ''
                : sprintf(' This route does not give %s.', $this->brief->transfer->finish->value);

        return new Decision(
            'finish',
            'Finish',
            Phrase::of(ucfirst($this->brief->finish->value) . ', peel ' . $peel->word),
            Phrase::of($when . '.' . $other, $values),
            'peel.finish',
            $peel->provenance,
            1 === count($alternatives) ? DecidedBy::Wubbin : DecidedBy::Person,
            $alternatives,
        );
    }

    public function heat(): Decision
    {
        $heat = $this->outfit->heat;
        $kinds = $this->outfit->ways->heat();
        $setting = Words::setting($this->outfit);
        $usable = array_filter(
            $this->brief->shelf->heat,
            static fn(HeatSource $source): bool => in_array($source->kind, $kinds, true),
        );
        $because = match ($heat?->kind) {
            HeatKind::Iron => 'Use the hottest setting, without water. Dials differ, so go by the dots.',
            HeatKind::MugPress
                => 'These are the figures of one make of press. Yours may differ: ask the supplier of the paper.',
            HeatKind::FlatPress => 'Set the press, and wait until it is hot, before the first piece.',
            null => 'It needs ' .
                implode(' or ', array_map(static fn(HeatKind $kind): string => $kind->label(), $kinds)) .
                '.',
            default => 'Hold it close to the piece and keep moving.',
        };

        return new Decision(
            'heat',
            HeatKind::Burnisher === $heat?->kind ? 'Rubbed with' : 'Heat',
            null === $heat
                ? Phrase::of('None on the shelf')
                : Phrase::of(
                    ucfirst($heat->label) . (HeatKind::Iron === $heat->kind ? ' at ' : ', ') . $setting->text,
                    $setting->values,
                ),
            $this->heatBecause($because, $heat),
            'heat.setting',
            null === $this->outfit->setting->dots
                ? $this->outfit->setting->provenance
                : $this->brief->catalogue->heat->dotsProvenance,
            Choice::by(null !== $heat, $this->brief->transfer->choices->thing('heat')),
            Choice::among('heat', $usable, $heat?->id),
        );
    }

    /** Where a press of the shelf would do in one go what the iron does place by place, with both times. */
    private function heatBecause(string $because, ?HeatSource $heat): Phrase
    {
        if (HeatKind::Burnisher === $heat?->kind) {
            return Phrase::of('It needs no heat. Rub hard and evenly.');
        }
        $press = $this->pressOfTheShelf();
        $dwell =
            $this->brief->route->figuresUnder(Outfit::circumstances($this->brief, HeatKind::FlatPress))['dwell'] ??
            null;
        if (HeatKind::Iron !== $heat?->kind || null === $press || null === $dwell) {
            return Phrase::of($because);
        }
        $places = max(1, count($this->arrangement->coverage->places ?? []));
        $by = $dwell->secondsFor(null);
        $iron = $this->arrangement->seconds('dwell') * $places;

        return $iron <= $by
            ? Phrase::of($because)
            : Phrase::of($because . ' Your ' . $press->label . ' does it in one go, in {press} instead of {iron}.', [
                'press' => Quantity::duration(Duration::seconds($by)),
                'iron' => Quantity::duration(Duration::seconds($iron)),
            ]);
    }

    /** @return list<IronPlace> */
    private function placesUnder(HeatSource $source): array
    {
        return null === $this->placing->placed
            ? []
            : IronCoverage::forPicture($this->placing->placed->size, $source, $this->brief->catalogue->heat->coverage)
                    ->places ?? [];
    }

    /** A flat press that is there, hot enough for this and large enough for the picture. */
    private function pressOfTheShelf(): ?HeatSource
    {
        foreach ($this->brief->shelf->heat as $source) {
            if (
                HeatKind::FlatPress === $source->kind &&
                in_array($source->kind, $this->outfit->ways->heat(), true) &&
                $this->brief->route->heating->isReachedBy($source) &&
                1 === count($this->placesUnder($source))
            ) {
                return $source;
            }
        }

        return null;
    }

    /** @param list<Step> $steps */
    public function time(array $steps): Decision
    {
        $name = isset($this->outfit->ways->figures['melt']) ? 'melt' : 'dwell';
        $figure = $this->outfit->ways->figures[$name] ?? null;
        if (null === $figure) {
            return new Decision(
                'time',
                'Time',
                Phrase::of('By eye'),
                Phrase::of('Rub until the whole back is evenly shiny. No clock can tell.'),
                'heat.by-eye',
                Provenance::commonPractice(),
                DecidedBy::Wubbin,
            );
        }
        $each = Quantity::duration(Duration::seconds($this->arrangement->seconds($name)));
        $heat = array_values(array_filter($steps, static fn(Step $step): bool => StepKind::Heat === $step->kind));
        $places = array_values(array_filter($heat, static fn(Step $step): bool => null !== $step->area));
        $parts = [];
        $values = ['each' => $each];
        if ([] !== $places) {
            $parts[] = (1 === count($places) ? '1 area' : count($places) . ' areas') . ' × {each}';
        }
        foreach ($heat as $i => $step) {
            if (null === $step->area) {
                $parts[] = ([] === $places ? '' : 'then the edges ') . '{part' . $this->letter($i) . '}';
                $values['part' . $this->letter($i)] = Quantity::duration($step->duration);
            }
        }
        if ([] === $places) {
            unset($values['each']);
        }
        if ([] === $parts) {
            [$parts, $values] = [['{each}'], ['each' => $each]];
        }

        return new Decision(
            'time',
            'Heat time',
            Phrase::of(implode(', ', $parts), $values),
            $this->timeBecause($figure, $heat, [] === $places),
            'heat.time',
            $figure->provenance,
            Choice::ofFigure($this->brief, $name, DecidedBy::Wubbin),
            [],
            $name,
        );
    }

    /** @param list<Step> $heat */
    private function timeBecause(Figure $figure, array $heat, bool $inOneGo): Phrase
    {
        $total = array_sum(array_map(static fn(Step $step): float => $step->duration->seconds, $heat));
        $range = $figure->rangeQuantity();
        $because = ['total' => Quantity::duration(Duration::seconds($total))];
        $why = '{total} in all.';
        if (null !== $range) {
            $why .= $inOneGo ? ' {range} is usual.' : ' {range} for each area is usual.';
            $because['range'] = $range;
        }
        if (isset($this->outfit->ways->figures['edges'])) {
            $why .= ' A picture as wide as a chest needs {least} at least.';
            $because['least'] = Quantity::duration(
                Duration::seconds($this->outfit->ways->figures['edges']->restOf[0] ?? 0.0),
            );
        }
        if (null !== $figure->byArea) {
            $why .= ' A larger picture takes longer.';
        }

        return Phrase::of($why, $because);
    }

    public function base(): Decision
    {
        $base = $this->outfit->base;

        return new Decision(
            'base',
            'Base',
            Phrase::of(null === $base ? 'Not chosen' : ucfirst($base->label)),
            Phrase::of(
                match (true) {
                    Support::PRESS_PAD === $base?->like => 'The press has its own pad, which evens out seams.',
                    Stacking::BASE_HARD === $this->brief->route->stacking->base => 'On a soft base the edges come off.',
                    default => 'The piece lies on it while you press.',
                },
            ),
            'base.hard',
            $this->brief->catalogue->supports->provenance,
            Choice::by(null !== $base, $this->brief->transfer->choices->thing('base')),
            Choice::among('base', $this->brief->shelf->bases, $base?->id),
        );
    }

    public function guard(): Decision
    {
        $guard = $this->outfit->guard;
        $order = $this->brief->route->stacking->guards;

        return new Decision(
            'guard',
            'Inside',
            Phrase::of(null === $guard ? 'Nothing' : ucfirst($guard->label) . ' between front and back'),
            Phrase::of('Colour can go through to the back.'),
            'guard.inside',
            $this->brief->catalogue->supports->provenance,
            Choice::by(null !== $guard, $this->brief->transfer->choices->thing('guard')),
            Choice::among(
                'guard',
                array_filter(
                    $this->brief->shelf->guards,
                    static fn(Support $one): bool => $one === $guard ||
                        [] === $order ||
                        in_array($one->like, $order, true),
                ),
                $guard?->id,
            ),
        );
    }

    public function cover(): Decision
    {
        $cover = $this->outfit->cover;
        $order = $this->outfit->ways->covers();

        return new Decision(
            'cover',
            'Cover',
            Phrase::of(null === $cover ? 'None on the shelf' : ucfirst($cover->label)),
            Phrase::of('It does not stick to the piece, and keeps the plate clean.'),
            'cover.sheet',
            $this->brief->route->stacking->provenance,
            Choice::by(null !== $cover, $this->brief->transfer->choices->thing('cover')),
            Choice::among(
                'cover',
                array_filter(
                    $this->brief->shelf->covers,
                    static fn(Support $cover): bool => in_array($cover->like, $order, true),
                ),
                $cover?->id,
            ),
        );
    }

    private function letter(int $i): string
    {
        return '_' . chr(97 + $i);
    }
}
