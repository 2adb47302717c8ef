<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Route\Finish;

/** The job's decisions in the order of work, each with its reason and what else it could be. */
final readonly class Ticket
{
    private function __construct(private Setup $setup)
    {
    }

    /** @return list<Decision> */
    public static function of(Setup $setup): array
    {
        $ticket = new self($setup);

        return [
            $ticket->blank(),
            $ticket->route(),
            $ticket->picture(),
            $ticket->place(),
            $ticket->mirrored(),
            $ticket->marking(),
            $ticket->medium(),
            $ticket->drying(),
            $ticket->finish(),
            $ticket->iron(),
            $ticket->time(),
            $ticket->base(),
            $ticket->guard(),
            $ticket->cover(),
        ];
    }

    private function blank(): Decision
    {
        $shirt = $this->setup->job->shirt;
        $size = $this->setup->size;

        return new Decision('blank', 'Blank',
            Phrase::of(sprintf('Shirt %s, %s %s, %s', $size->label, $this->setup->catalogue->colourName($shirt->colour), $this->setup->material->label, $shirt->condition->label())),
            Phrase::of('Usual print area {area}, from {drop} below the collar. Cuts differ: measure yours when it matters.', [
                'area' => Quantity::size($size->printArea->size),
                'drop' => Quantity::length($size->printArea->yMm),
            ]),
            'blank.print-area', $size->provenance, DecidedBy::Person);
    }

    private function route(): Decision
    {
        $cloth = ucfirst($this->setup->tone->value).' '.$this->setup->material->label;
        $suits = in_array($this->setup->tone, [Tone::White, Tone::VeryLight], true) && in_array($this->setup->material->fibre, $this->setup->route->fibres, true);

        return new Decision('route', 'Route',
            Phrase::of(ucfirst($this->setup->route->label)),
            Phrase::of($suits ? $cloth.', an inkjet and an iron: film bonds to it and its colours stay true.' : $cloth.' is not what clear film is for: see the checks.'),
            'route.cloth', $this->setup->route->tones->provenance, DecidedBy::Wubbin);
    }

    private function picture(): Decision
    {
        $picture = $this->setup->picture;
        $placed = $this->setup->placed;
        if (null === $picture || null === $placed) {
            return new Decision('picture', 'Picture', Phrase::of('None yet'), Phrase::of('A PNG, JPEG, WebP or SVG file.'), 'picture.needed', Provenance::computed(), DecidedBy::Nobody);
        }
        $dpi = $this->setup->dpi;
        $widest = $picture->widestAt($this->setup->route->artwork->dpiGood);

        return new Decision('picture', 'Picture',
            Phrase::of($picture->name.', {size}', ['size' => Quantity::size($placed->size)]),
            null === $dpi || null === $widest
                ? Phrase::of('Drawn as lines: sharp at any size.')
                : Phrase::of('{dpi} at this size. Sharp up to {width} wide.', ['dpi' => Quantity::resolution($dpi), 'width' => Quantity::length($widest)]),
            'picture.effective-dpi', null === $dpi ? Provenance::computed() : $this->setup->route->artwork->provenance, DecidedBy::Person);
    }

    private function place(): Decision
    {
        $place = $this->setup->job->placement;
        $values = ['below' => Quantity::length($place->belowMm)];
        $across = 'Centred';
        if (abs($place->rightMm) >= 0.05) {
            $across = '{beside} '.($place->rightMm > 0.0 ? 'right' : 'left').' of centre';
            $values['beside'] = Quantity::length(abs($place->rightMm));
        }

        return new Decision('place', 'Where it sits',
            Phrase::of($across.', {below} below the collar', $values),
            Phrase::of('Right and left as you look at the shirt.'),
            'place.from-collar', Provenance::person(), DecidedBy::Person);
    }

    private function mirrored(): Decision
    {
        $seen = $this->setup->stack->seenByPrintedFace();
        $mirrored = $this->setup->stack->mirrored();

        return new Decision('mirrored', 'Mirrored',
            Phrase::of($mirrored ? 'Yes, in Wubbin’s sheet' : 'No'),
            Phrase::of($mirrored
                ? sprintf('The printed face lies against the %s and is left there turned over. Leave mirroring off in the driver.', $seen->label ?? 'blank')
                : 'The printed face looks away from the blank and stays as it is printed.'),
            'mirrored.face-touches-blank', Provenance::computed(), DecidedBy::Wubbin);
    }

    private function marking(): Decision
    {
        $marking = $this->setup->marking;

        return new Decision('marking', 'Printer',
            Phrase::of(null === $marking ? 'None on the shelf' : ucfirst($marking->label)),
            Phrase::of('Inkjet only: a laser’s fuser melts film.'),
            'marking.medium', Provenance::commonPractice(), $this->by(null !== $marking, $this->setup->job->choices->marking),
            $this->choices('marking', $this->setup->shelf->markings, $marking?->id));
    }

    private function medium(): Decision
    {
        $medium = $this->setup->medium;

        return new Decision('medium', 'Film',
            Phrase::of(null === $medium ? 'None on the shelf' : ucfirst($medium->label)),
            Phrase::of(null === $medium ? 'Clear iron-on film for inkjets.' : sprintf('Print on the plain side; the back carries %s. One picture a sheet.', $medium->backMark)),
            'medium.print-side', $medium->provenance ?? Provenance::commonPractice(), $this->by(null !== $medium, $this->setup->job->choices->medium),
            $this->choices('medium', array_intersect_key($this->setup->shelf->media, array_flip($this->setup->route->media)), $medium?->id));
    }

    private function drying(): Decision
    {
        $drying = $this->setup->drying;
        $alternatives = [];
        foreach ($this->setup->catalogue->drying as $school) {
            $alternatives[] = new Alternative($school->label, Phrase::of($school->why), $school->id === $drying->id, ['drying' => $school->id]);
        }

        return new Decision('drying', 'Drying',
            Phrase::of('{time}', ['time' => Quantity::duration($drying->drying)]),
            Phrase::of($drying->why), 'drying.school', $drying->provenance, $this->by(true, $this->setup->job->choices->drying), $alternatives);
    }

    private function finish(): Decision
    {
        $peel = $this->setup->peel;
        $recipe = $this->setup->route->recipe;
        $alternatives = [];
        foreach (Finish::cases() as $finish) {
            $alternatives[] = new Alternative(ucfirst($finish->value).', peel '.$recipe->peelFor($finish)->word, null, $finish === $this->setup->job->finish, ['finish' => $finish->value]);
        }

        return new Decision('finish', 'Finish',
            Phrase::of(ucfirst($this->setup->job->finish->value).', peel '.$peel->word),
            Phrase::of(null === $peel->above ? 'Backing comes off below {range}, about {wait} after the iron.' : 'Backing comes off at {range}, about {wait} after the iron.', [
                'range' => null === $peel->above ? Quantity::temperature($peel->below) : Quantity::temperature($peel->above, $peel->below),
                'wait' => Quantity::duration($peel->wait),
            ]),
            'peel.finish', $recipe->peelProvenance, DecidedBy::Person, $alternatives);
    }

    private function iron(): Decision
    {
        $iron = $this->setup->iron;
        $dots = $this->setup->route->recipe->dots;

        return new Decision('iron', 'Iron',
            null === $iron
                ? Phrase::of('None on the shelf')
                : Phrase::of(ucfirst($iron->label).' at '.str_repeat('●', $dots).' {plate}, no steam', ['plate' => Quantity::temperature($this->setup->catalogue->dotTemperature($dots))]),
            Phrase::of('The hottest setting, water poured out. Dials vary: the dots are what they are meant to be.'),
            'iron.setting', $this->setup->catalogue->dotsProvenance, $this->by(null !== $iron, $this->setup->job->choices->iron),
            $this->choices('iron', $this->setup->shelf->irons, $iron?->id));
    }

    private function time(): Decision
    {
        $recipe = $this->setup->route->recipe;
        $coverage = $this->setup->coverage;
        if (null === $coverage || null === $this->setup->iron) {
            return new Decision('time', 'Heat time', Phrase::of('{each} on each area', ['each' => Quantity::duration($recipe->perArea)]),
                Phrase::of('How many areas depends on the picture and on the iron’s plate.'), 'heat.areas', $recipe->dwellProvenance, DecidedBy::Nobody);
        }
        $areas = count($coverage->places);
        $edges = $this->setup->edgeRound();
        $values = ['each' => Quantity::duration($recipe->perArea)];
        $value = (1 === $areas ? '1 area' : $areas.' areas').' × {each}';
        if ($edges->seconds > 0.0) {
            $value .= ', then the edges {edges}';
            $values['edges'] = Quantity::duration($edges);
        }

        return new Decision('time', 'Heat time',
            Phrase::of($value, $values),
            Phrase::of('{total} under the iron. Plate {plate}, small circles, edges especially; {range} an area is usual, and a chest picture gets {least} at least.', [
                'total' => Quantity::duration($this->setup->pressed()->plus($edges)),
                'plate' => Quantity::size($this->setup->iron->plate),
                'range' => Quantity::duration($recipe->perAreaLeast, $recipe->perAreaMost),
                'least' => Quantity::duration($recipe->chestPictureLeast),
            ]),
            'heat.areas', $recipe->dwellProvenance, DecidedBy::Wubbin);
    }

    private function base(): Decision
    {
        $base = $this->setup->base;

        return new Decision('base', 'Base',
            Phrase::of(null === $base ? 'Not chosen' : ucfirst($base->label).', a cotton cloth over it'),
            Phrase::of('A hard board: on the ironing board the edges lift.'),
            'base.hard', $this->setup->catalogue->supportsProvenance, $this->by(null !== $base, $this->setup->job->choices->base),
            $this->choices('base', $this->setup->shelf->bases, $base?->id));
    }

    private function guard(): Decision
    {
        $guard = $this->setup->guard;

        return new Decision('guard', 'Inside',
            Phrase::of(null === $guard ? 'Nothing' : ucfirst($guard->label).' between front and back'),
            Phrase::of('Colour can go through to the back.'),
            'guard.inside', $this->setup->catalogue->supportsProvenance, $this->by(null !== $guard, $this->setup->job->choices->guard),
            $this->choices('guard', $this->setup->shelf->guards, $guard?->id));
    }

    private function cover(): Decision
    {
        return new Decision('cover', 'Cover',
            Phrase::of('None: the film’s own paper'),
            Phrase::of('The backing is the cover in this press. Parchment only when you press again after peeling.'),
            'cover.backing', $this->setup->route->layersProvenance, DecidedBy::Wubbin);
    }

    private function by(bool $there, ?string $asked): DecidedBy
    {
        return match (true) {
            !$there => DecidedBy::Nobody,
            null === $asked => DecidedBy::Wubbin,
            default => DecidedBy::Person,
        };
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
