<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Job\Choices;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Route\School;
use Wubbin\Core\Route\SchoolOption;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Route\Support;

/** The job's decisions in the order of work, each with its reason and what else it could be. */
final readonly class Ticket
{
    /** Matters that a line of the ticket already tells by its own name. */
    private const TOLD_ELSEWHERE = ['drying'];

    private function __construct(private Setup $setup)
    {
    }

    /**
     * @param list<Step>      $steps  of the same setup, for what they come to
     * @param list<SharePlan> $shares that the pieces divide into
     *
     * @return list<Decision>
     */
    public static function of(Setup $setup, array $steps, array $shares): array
    {
        $ticket = new self($setup);
        $lines = [
            $ticket->blank(),
            $ticket->quantity($shares),
            $ticket->route(),
            $ticket->picture(),
            $ticket->place(),
            $ticket->mirrored(),
            $ticket->marking(),
            $ticket->medium(),
        ];
        if (null !== $setup->recipe || [] !== $ticket->recipes()) {
            $lines[] = $ticket->recipe();
        }
        if (isset($setup->ways->options['drying'])) {
            $lines[] = $ticket->drying();
        }
        $lines[] = $ticket->finish();
        $lines[] = $ticket->heat();
        $lines[] = $ticket->time($steps);
        foreach ($setup->stack->layers as $layer) {
            $line = match ($layer->role) {
                LayerRole::Base => $ticket->base(),
                LayerRole::Guard => $ticket->guard(),
                LayerRole::Cover => $ticket->cover(),
                default => null,
            };
            $lines = [...$lines, ...(null === $line ? [] : [$line])];
        }
        foreach ($setup->ways->options as $matter => $option) {
            if (!in_array($matter, self::TOLD_ELSEWHERE, true)) {
                $lines[] = $ticket->school($setup->ways->schools[$matter], $option);
            }
        }

        return $lines;
    }

    private function blank(): Decision
    {
        $blank = $this->setup->job->blank;
        $size = $this->setup->size;
        $values = ['area' => Quantity::size($size->printArea->size), 'drop' => Quantity::length($size->printArea->yMm)];
        $round = '';
        if (null !== $size->diameterMm) {
            $round = '{diameter} across, {round} round. ';
            $values += ['diameter' => Quantity::length($size->diameterMm), 'round' => Quantity::length($size->widthMm)];
        }

        return new Decision('blank', 'Blank',
            Phrase::of(sprintf('%s, %s, %s', $this->setup->blankName(), $this->colouredMaterial(), $blank->condition->label())),
            Phrase::of($round.'Usual print area {area}, from {drop} below the '.$this->setup->kind->from.($size->isOwn() ? '. Its size is as you measured it.' : '. Makes differ: measure yours when it matters.'), $values),
            'blank.print-area', $size->isOwn() ? Provenance::person() : $this->setup->kind->provenance, DecidedBy::Person);
    }

    /** “white cotton jersey”; the colour is left out where the material is named by it, as bare aluminium is. */
    private function colouredMaterial(): string
    {
        $colour = $this->setup->catalogue->colourName($this->setup->job->blank->colour);
        $material = $this->setup->material->label;

        return str_contains($material, $colour) ? $material : $colour.' '.$material;
    }

    /** @param list<SharePlan> $shares */
    private function quantity(array $shares): Decision
    {
        $all = $this->setup->job->quantity;
        if ([] === $shares) {
            $sizes = array_values($this->setup->kind->sizes);

            return new Decision('quantity', 'How many', Phrase::of((string) $all), Phrase::of(sprintf('All alike. By size and colour, such as: 6 %s, 2 %s%s 60 mm.', $sizes[0]->label, $sizes[1]->label ?? $sizes[0]->label, $this->setup->material->surface->isCloth() ? ' cream' : '')), 'quantity.alike', Provenance::person(), DecidedBy::Person);
        }
        $open = count(array_filter($shares, static fn (SharePlan $share): bool => null !== $share->against));

        return new Decision('quantity', 'How many',
            Phrase::of($all.': '.implode(', ', array_map(static fn (SharePlan $share): string => $share->quantity.' × '.$share->label, $shares))),
            Phrase::of(0 === $open ? 'Each size has a plan and a sheet of its own.' : sprintf('%d of %d have something to settle: see the checks.', $open, count($shares))),
            'quantity.shares', Provenance::person(), DecidedBy::Person);
    }

    private function route(): Decision
    {
        $route = $this->setup->route;
        $verdicts = [$route->verdictOnSurface($this->setup->kind->id, $this->setup->material), $route->verdictOnTone($this->setup->tone), $route->verdictOnCondition($this->setup->job->blank->condition)];
        $against = array_values(array_filter($verdicts, static fn ($verdict): bool => Fit::Good !== $verdict->fit));
        $note = $route->materialNotes[$this->setup->material->id] ?? '';

        return new Decision('route', 'Route',
            Phrase::of(ucfirst($route->label)),
            Phrase::of(trim(([] === $against ? $verdicts[0]->why : $against[0]->why).' '.$note)),
            'route.surface', Provenance::commonPractice(), DecidedBy::Person);
    }

    private function picture(): Decision
    {
        $picture = $this->setup->picture;
        $placed = $this->setup->placed;
        if (null === $placed) {
            return new Decision('picture', 'Picture', Phrase::of('None yet'), Phrase::of('A PNG, JPEG, WebP or SVG file.'), 'picture.needed', Provenance::computed(), DecidedBy::Nobody);
        }
        if (null === $picture) {
            return new Decision('picture', 'Picture', Phrase::of('Drawn by hand, {size}', ['size' => Quantity::size($placed->size)]),
                Phrase::of($this->setup->stack->mirrored() ? 'The sheet is a template of this size; what is drawn on it comes out turned over.' : 'The sheet is a template of this size; draw it as it reads.'),
                'picture.template', Provenance::computed(), DecidedBy::Person);
        }
        $limits = $this->setup->route->artwork;
        $dpi = $this->setup->dpi;
        $widest = $picture->widestAt($limits->dpiGood);

        return new Decision('picture', 'Picture',
            Phrase::of(Phrase::plain($picture->name).', {size}', ['size' => Quantity::size($placed->size)]),
            null === $dpi || null === $widest
                ? Phrase::of('Drawn as lines: sharp at any size. This route holds lines from {finest}.', ['finest' => Quantity::length($limits->finestMm)])
                : Phrase::of('{dpi} at this size. Sharp up to {width} wide; this route holds lines from {finest}.', ['dpi' => Quantity::resolution($dpi), 'width' => Quantity::length($widest), 'finest' => Quantity::length($limits->finestMm)]),
            'picture.effective-dpi', null === $dpi ? Provenance::computed() : $limits->provenance, DecidedBy::Person);
    }

    private function place(): Decision
    {
        $transfer = $this->setup->transfer;
        $place = $transfer->placement;
        $sides = $this->setup->kind->sides;
        $values = ['below' => Quantity::length($place->belowMm)];
        $across = 'centred';
        if (abs($place->rightMm) >= 0.05) {
            $across = '{beside} '.($place->rightMm > 0.0 ? 'right' : 'left').' of centre';
            $values['beside'] = Quantity::length(abs($place->rightMm));
        }
        $named = count($sides) > 1 && (count($this->setup->job->transfers) > 1 || array_key_first($sides) !== $transfer->sideId);
        $alternatives = [];
        foreach (1 === count($sides) ? [] : $sides as $id => $side) {
            $alternatives[] = new Alternative(ucfirst($side), null, $id === $transfer->sideId, ['side' => $id]);
        }

        return new Decision('place', 'Where it sits',
            Phrase::of(($named ? ucfirst($this->setup->side).', '.$across : ucfirst($across)).', {below} below the '.$this->setup->kind->from, $values),
            Phrase::of(null === $this->setup->size->diameterMm ? 'Right and left as you look at it.' : 'Drawn unrolled: the seam is at both ends, at the back of the piece.'),
            'place.from-edge', Provenance::person(), DecidedBy::Person, $alternatives);
    }

    private function mirrored(): Decision
    {
        $stack = $this->setup->stack;
        $seen = $stack->seenByPrintedFace();
        $touches = $stack->faceTouchesBlank();
        $because = $touches
            ? sprintf('The printed face lies against the %s and is left there turned over.', $seen->label ?? 'blank')
            : sprintf('The printed face looks away from the blank%s and stays as it is printed.', null === $seen ? '' : ', towards the '.($seen->label ?? $seen->role->value).',');
        if ($touches === $stack->mirrored()) {
            $because .= $touches ? ' Leave mirroring off in the driver.' : '';
        } else {
            $because .= ' It is seen through the blank, which turns it once more.';
        }

        return new Decision('mirrored', 'Mirrored', Phrase::of($stack->mirrored() ? 'Yes, in Wubbin’s sheet' : 'No'), Phrase::of($because),
            $touches ? 'mirrored.face-touches-blank' : 'mirrored.face-looks-away', Provenance::computed(), DecidedBy::Wubbin);
    }

    private function marking(): Decision
    {
        $marking = $this->setup->marking;
        $because = null === $marking || null === $this->setup->medium ? 'What may mark it depends on the sheet.' : $this->setup->medium->verdictOn($marking)->why;

        return new Decision('marking', true === $marking?->byHand() ? 'Drawn with' : 'Printer',
            Phrase::of(null === $marking ? 'None on the shelf' : ucfirst($marking->label)),
            Phrase::of($because),
            'marking.medium', Provenance::commonPractice(), $this->by(null !== $marking, $this->setup->transfer->choices->thing('marking')),
            $this->choices('marking', $this->setup->shelf->markings, $marking?->id));
    }

    private function medium(): Decision
    {
        $medium = $this->setup->medium;

        return new Decision('medium', 'Sheet',
            Phrase::of(null === $medium ? 'None on the shelf' : ucfirst($medium->label)),
            Phrase::of(null === $medium ? 'It wants '.$this->setup->catalogue->media[$this->setup->route->media[0]]->label.'.' : sprintf('Print side: %s. One picture a sheet.', $this->setup->recipe->printSide ?? $medium->printSide)),
            'medium.print-side', $medium->provenance ?? Provenance::commonPractice(), $this->by(null !== $medium, $this->setup->transfer->choices->thing('medium')),
            $this->choices('medium', array_filter($this->setup->shelf->media, fn (Medium $medium): bool => in_array($medium->like, $this->setup->route->media, true)), $medium?->id));
    }

    /** @return list<Recipe> of the house for this route */
    private function recipes(): array
    {
        return array_values(array_filter($this->setup->house->recipes, fn (Recipe $recipe): bool => $recipe->routeId === $this->setup->route->id));
    }

    private function recipe(): Decision
    {
        $used = $this->setup->recipe;
        $alternatives = [];
        foreach ($this->recipes() as $recipe) {
            $alternatives[] = new Alternative($recipe->name.', version '.$recipe->version, '' === $recipe->note ? null : Phrase::of($recipe->note), $recipe->id === $used?->id, ['recipe' => $recipe->id]);
        }
        $alternatives[] = new Alternative('None: Wubbin’s own figures', null, null === $used, ['recipe' => Choices::NO_RECIPE]);

        return new Decision('recipe', 'Recipe',
            Phrase::of(null === $used ? 'Wubbin’s own figures' : $used->name.', version '.$used->version),
            Phrase::of(null === $used ? 'A recipe of the house is there and is not used.' : 'Typed in by your house: its figures outrank the built-in ones.'),
            'recipe.precedence', null === $used ? Provenance::commonPractice() : $used->provenance(), $this->by(true, $this->setup->transfer->choices->thing('recipe')), $alternatives);
    }

    private function drying(): Decision
    {
        $option = $this->setup->ways->options['drying'];
        $figure = $this->setup->ways->figures['dry'];
        $line = $this->school($this->setup->ways->schools['drying'], $option);

        return new Decision('drying', 'Drying', Phrase::of('{time}', ['time' => $figure->quantity()]), $line->because, $line->rule, $figure->provenance, $this->figureBy('dry', $line->by), $line->alternatives, 'dry');
    }

    private function school(School $school, SchoolOption $option): Decision
    {
        $alternatives = [];
        foreach ($school->options as $other) {
            $alternatives[] = new Alternative(ucfirst($other->label), Phrase::of($other->why), $other->id === $option->id, ['school.'.$school->id => $other->id]);
        }

        return new Decision('school.'.$school->id, $school->label, Phrase::of(ucfirst($option->label)), Phrase::of($option->why), 'school.'.$school->id, $school->provenance, $this->setup->ways->by[$school->id], $alternatives);
    }

    private function finish(): Decision
    {
        $peel = $this->setup->peel;
        $alternatives = [];
        foreach ($this->setup->route->finishes as $id => $rule) {
            $alternatives[] = new Alternative(ucfirst($id).', peel '.$rule->word, null, $id === $this->setup->finish->value, ['finish' => $id]);
        }
        $values = [];
        $when = match (true) {
            null !== $peel->above && null !== $peel->below => 'The sheet comes off at {range}',
            null !== $peel->below => 'The sheet comes off below {range}',
            null !== $peel->above => 'The sheet comes off above {range}',
            default => 'The sheet comes off '.$peel->word,
        };
        if (str_contains($when, '{range}')) {
            $values['range'] = null !== $peel->above && null !== $peel->below ? Quantity::temperature($peel->above, $peel->below) : Quantity::temperature($peel->below ?? $peel->above ?? throw new \LogicException('A range has an end.'));
        }
        if ($peel->wait->seconds > 0.0) {
            $when .= ', about {wait} after the heat';
            $values['wait'] = Quantity::duration($peel->wait);
        }
        $other = $this->setup->finish === $this->setup->transfer->finish ? '' : sprintf(' This route does not give %s.', $this->setup->transfer->finish->value);

        return new Decision('finish', 'Finish',
            Phrase::of(ucfirst($this->setup->finish->value).', peel '.$peel->word),
            Phrase::of($when.'.'.$other, $values),
            'peel.finish', $peel->provenance, 1 === count($alternatives) ? DecidedBy::Wubbin : DecidedBy::Person, $alternatives);
    }

    private function heat(): Decision
    {
        $heat = $this->setup->heat;
        $kinds = $this->setup->ways->heat();
        $setting = Words::setting($this->setup);
        $usable = array_filter($this->setup->shelf->heat, static fn (HeatSource $source): bool => in_array($source->kind, $kinds, true));
        $because = match ($heat?->kind) {
            HeatKind::Iron => 'The hottest setting, water poured out. Dials vary: dots and numbers are what they are meant to be.',
            HeatKind::MugPress => 'Figures of one make of press: another may differ, the paper’s supplier knows.',
            HeatKind::FlatPress => 'Set it and let it come to temperature before the first piece.',
            null => 'It wants '.implode(' or ', array_map(static fn (HeatKind $kind): string => $kind->label(), $kinds)).'.',
            default => 'Near the work and moving.',
        };

        return new Decision('heat', HeatKind::Burnisher === $heat?->kind ? 'Rubbed with' : 'Heat',
            null === $heat ? Phrase::of('None on the shelf') : Phrase::of(ucfirst($heat->label).(HeatKind::Iron === $heat->kind ? ' at ' : ', ').$setting->text, $setting->values),
            Phrase::of(HeatKind::Burnisher === $heat?->kind ? 'No heat: rub hard and evenly.' : $because),
            'heat.setting', null === $this->setup->setting->dots ? $this->setup->setting->provenance : $this->setup->catalogue->dotsProvenance, $this->by(null !== $heat, $this->setup->transfer->choices->thing('heat')),
            $this->choices('heat', $usable, $heat?->id));
    }

    /** @param list<Step> $steps */
    private function time(array $steps): Decision
    {
        $name = isset($this->setup->ways->figures['melt']) ? 'melt' : 'dwell';
        $figure = $this->setup->ways->figures[$name] ?? null;
        if (null === $figure) {
            return new Decision('time', 'Time', Phrase::of('By eye'), Phrase::of('Until the whole back is evenly shiny; no clock tells it.'), 'heat.by-eye', Provenance::commonPractice(), DecidedBy::Wubbin);
        }
        $each = Quantity::duration(Duration::seconds($this->setup->seconds($name)));
        $heat = array_values(array_filter($steps, static fn (Step $step): bool => StepKind::Heat === $step->kind));
        $places = array_values(array_filter($heat, static fn (Step $step): bool => null !== $step->area));
        $parts = [];
        $values = ['each' => $each];
        if ([] !== $places) {
            $parts[] = (1 === count($places) ? '1 area' : count($places).' areas').' × {each}';
        }
        foreach ($heat as $i => $step) {
            if (null === $step->area) {
                $parts[] = ([] === $places ? '' : 'then the edges ').'{part'.$this->letter($i).'}';
                $values['part'.$this->letter($i)] = Quantity::duration($step->duration);
            }
        }
        if ([] === $places) {
            unset($values['each']);
        }
        if ([] === $parts) {
            [$parts, $values] = [['{each}'], ['each' => $each]];
        }
        $total = array_sum(array_map(static fn (Step $step): float => $step->duration->seconds, $heat));
        $range = $figure->rangeQuantity();
        $because = ['total' => Quantity::duration(Duration::seconds($total))];
        $why = '{total} in all.';
        if (null !== $range) {
            $why .= ' {range} is usual'.([] === $places ? '.' : ' an area.');
            $because['range'] = $range;
        }
        if (isset($this->setup->ways->figures['edges'])) {
            $why .= ' A chest-size picture gets {least} at least.';
            $because['least'] = Quantity::duration(Duration::seconds($this->setup->ways->figures['edges']->restOf[0] ?? 0.0));
        }
        if (null !== $figure->byArea) {
            $why .= ' It grows with the picture, from a small piece to a full sheet.';
        }

        return new Decision('time', 'Heat time', Phrase::of(implode(', ', $parts), $values), Phrase::of($why, $because), 'heat.time', $figure->provenance, $this->figureBy($name, DecidedBy::Wubbin), [], $name);
    }

    private function letter(int $i): string
    {
        return '_'.chr(97 + $i);
    }

    private function base(): Decision
    {
        $base = $this->setup->base;

        return new Decision('base', 'Base',
            Phrase::of(null === $base ? 'Not chosen' : ucfirst($base->label)),
            Phrase::of('hard' === $this->setup->route->base ? 'A hard board: on a soft one the edges lift.' : 'The press’s own pad evens out seams.'),
            'base.hard', $this->setup->catalogue->supportsProvenance, $this->by(null !== $base, $this->setup->transfer->choices->thing('base')),
            $this->choices('base', $this->setup->shelf->bases, $base?->id));
    }

    private function guard(): Decision
    {
        $guard = $this->setup->guard;

        return new Decision('guard', 'Inside',
            Phrase::of(null === $guard ? 'Nothing' : ucfirst($guard->label).' between front and back'),
            Phrase::of('Colour can go through to the back.'),
            'guard.inside', $this->setup->catalogue->supportsProvenance, $this->by(null !== $guard, $this->setup->transfer->choices->thing('guard')),
            $this->choices('guard', $this->setup->shelf->guards, $guard?->id));
    }

    private function cover(): Decision
    {
        $cover = $this->setup->cover;
        $order = $this->setup->ways->covers();

        return new Decision('cover', 'Cover',
            Phrase::of(null === $cover ? 'None on the shelf' : ucfirst($cover->label)),
            Phrase::of('It lets go of the work and keeps the heat source clean.'),
            'cover.sheet', $this->setup->route->layersProvenance, $this->by(null !== $cover, $this->setup->transfer->choices->thing('cover')),
            $this->choices('cover', array_filter($this->setup->shelf->covers, static fn (Support $cover): bool => in_array($cover->like, $order, true)), $cover?->id));
    }

    private function by(bool $there, ?string $asked): DecidedBy
    {
        return match (true) {
            !$there => DecidedBy::Nobody,
            null === $asked => DecidedBy::Wubbin,
            default => DecidedBy::Person,
        };
    }

    private function figureBy(string $figure, DecidedBy $otherwise): DecidedBy
    {
        return isset($this->setup->transfer->choices->figures[$figure]) ? DecidedBy::Person : $otherwise;
    }

    /**
     * @param array<string, object{id: string, label: string}> $things
     *
     * @return list<Alternative>
     */
    private function choices(string $field, array $things, ?string $chosen): array
    {
        $alternatives = [];
        foreach ($things as $thing) {
            $alternatives[] = new Alternative(ucfirst($thing->label), null, $thing->id === $chosen, [$field => $thing->id]);
        }

        return $alternatives;
    }
}
