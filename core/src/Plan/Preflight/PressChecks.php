<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Blank\Surface;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Arrangement;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\Outfit;
use Wubbin\Core\Plan\Placing;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Route\Stacking;
use Wubbin\Core\Route\Support;
use Wubbin\Core\Stack\Layer;

/** Whether heat, base, guard and cover are right for the work. */
final readonly class PressChecks
{
    public function __construct(
        private Brief $brief,
        private Outfit $outfit,
        private Placing $placing,
        private Arrangement $arrangement,
    ) {}

    /** @return list<Check> */
    public function checks(): array
    {
        $heat = $this->outfit->heat;
        $checks = [];
        if (null === $heat) {
            $kinds = implode(
                ' or ',
                array_map(static fn(HeatKind $kind): string => $kind->label(), $this->outfit->ways->heat()),
            );
            $checks[] = Finding::notOnShelf(
                'heat.there',
                Stage::Heat,
                'heat',
                $this->brief->transfer->choices->thing('heat'),
                $kinds,
                array_filter(
                    $this->brief->shelf->heat,
                    fn(HeatSource $one): bool => in_array($one->kind, $this->outfit->ways->heat(), true) &&
                        [] ===
                            array_filter(
                                $this->closes($one),
                                static fn(Check $check): bool => Severity::Impossible === $check->severity,
                            ),
                ),
            );
        } else {
            array_push($checks, ...$this->heat());
        }
        array_push($checks, ...$this->figures());
        array_push($checks, ...$this->scorch());
        array_push($checks, ...$this->care());
        array_push($checks, ...$this->supports(), ...$this->gun());

        return $checks;
    }

    /**
     * Whether a mug press closes round this piece.
     *
     * @return list<Check>
     */
    private function closes(HeatSource $heat): array
    {
        $checks = [];
        $diameter = $this->placing->size->diameterMm;
        if (
            HeatKind::MugPress === $heat->kind &&
            null !== $diameter &&
            null !== $heat->diameterFromMm &&
            null !== $heat->diameterToMm
        ) {
            $taper = $this->placing->size->taper;
            [$narrow, $wide] =
                null === $taper
                    ? [$diameter, $diameter]
                    : [2.0 * min($taper->rimMm, $taper->footMm), 2.0 * max($taper->rimMm, $taper->footMm)];
            $diameter = $narrow < $heat->diameterFromMm ? $narrow : $wide;
            if (null !== $taper) {
                $checks[] = Check::found(
                    'heat.leans',
                    Stage::Heat,
                    Severity::Note,
                    'heat',
                    Phrase::of('The wall leans. A press for straight mugs presses harder at the wider end.'),
                    Phrase::of('Try one first, or use a press made for this shape.'),
                );
            }
            $checks[] =
                $narrow >= $heat->diameterFromMm && $wide <= $heat->diameterToMm
                    ? Check::pass('heat.diameter', Stage::Heat, 'heat', Phrase::of('The press fits round this mug.'))
                    : Check::found(
                        'heat.diameter',
                        Stage::Heat,
                        Severity::Impossible,
                        'heat',
                        Phrase::of('This press takes mugs of {from} to {to} across. This one is {diameter}.', [
                            'from' => Quantity::length($heat->diameterFromMm),
                            'to' => Quantity::length($heat->diameterToMm),
                            'diameter' => Quantity::length($diameter),
                        ]),
                        Phrase::of('Use another mug or another press.'),
                    );
        }

        return $checks;
    }

    /**
     * A figure was stored before anybody asked whether a person can mean it.
     *
     * @return list<Check>
     */
    private function figures(): array
    {
        $checks = [];
        foreach ($this->outfit->ways->figures as $figure) {
            if (!$figure->isSensible()) {
                [$least, $most] = $figure->limits();
                $checks[] = Check::found(
                    'figure.' . str_replace('_', '-', $figure->id),
                    Stage::Heat,
                    Severity::Stop,
                    'figure.' . $figure->id,
                    Phrase::of($figure->label() . ' is {value}, which cannot be right.', [
                        'value' => $figure->quantity(),
                    ]),
                    Phrase::of('Write one from {least} to {most}.', [
                        'least' => $figure->quantity($least),
                        'most' => $figure->quantity($most),
                    ]),
                );
            }
        }

        return $checks;
    }

    /** @return list<Check> */
    private function scorch(): array
    {
        $checks = [];
        $temperature = $this->outfit->temperature;
        if (
            null !== $temperature &&
            $this->brief->material->limit->celsius <= $temperature->celsius &&
            Surface::Wax !== $this->brief->material->surface
        ) {
            $checks[] = Check::found(
                'blank.scorch',
                Stage::Heat,
                $this->brief->material->limit->celsius + 10.0 <= $temperature->celsius
                    ? Severity::Warn
                    : Severity::Note,
                'time',
                Phrase::of(
                    'This is as hot as the material can stand ({limit}): ' . $this->brief->material->limitWhy . '.',
                    [
                        'limit' => Quantity::temperature($this->brief->material->limit),
                    ],
                ),
                Phrase::of('Do not press longer than the plan says.'),
            );
        }

        return $checks;
    }

    /** @return list<Check> */
    private function care(): array
    {
        $heat = $this->outfit->heat;
        $checks = [];
        $care = $this->brief->material->careDots;
        if (
            HeatKind::Iron === $heat?->kind &&
            null !== $care &&
            null !== $this->outfit->setting->dots &&
            $care < $this->outfit->setting->dots
        ) {
            $checks[] = Check::found(
                'blank.care',
                Stage::Heat,
                Severity::Warn,
                'heat',
                Phrase::of(
                    sprintf(
                        'Its care label usually allows %s for an iron, and this needs %s.',
                        str_repeat('●', $care),
                        str_repeat('●', $this->outfit->setting->dots),
                    ),
                ),
                Phrase::of('Try it on a hidden place first.'),
            );
        }

        return $checks;
    }

    /**
     * A picture that is fused wants hot air, which its route otherwise does without.
     *
     * @return list<Check>
     */
    private function gun(): array
    {
        $fuses = in_array($this->outfit->ways->options['fusing']->id ?? 'never', ['dry-only', 'low'], true);
        $guns = array_filter(
            $this->brief->shelf->heat,
            static fn(HeatSource $source): bool => HeatKind::Gun === $source->kind,
        );

        return !$fuses || [] !== $guns
            ? []
            : [
                Check::found(
                    'fuse.gun',
                    Stage::Heat,
                    Severity::Warn,
                    'school.fusing',
                    Phrase::of('This needs a heat gun on low, and there is none on your shelf.'),
                    Phrase::of('Add one to your shelf, or do not warm the board.'),
                    new Fix(Phrase::of('Do not warm it'), ['school.fusing' => 'never']),
                ),
            ];
    }

    /**
     * What lies under, in and over the work.
     *
     * @return list<Check>
     */
    private function supports(): array
    {
        $checks = [];
        $roles = array_map(static fn(Layer $layer): LayerRole => $layer->role, $this->arrangement->stack->layers);
        if (in_array(LayerRole::Base, $roles, true)) {
            $checks[] = $this->base();
        }
        if (in_array(LayerRole::Guard, $roles, true)) {
            $checks[] =
                null === $this->outfit->guard
                    ? Check::found(
                        'guard.there',
                        Stage::Heat,
                        Severity::Warn,
                        'guard',
                        Phrase::of('Colour can go through to the back, because nothing lies inside.'),
                        Phrase::of(
                            [] === $this->brief->route->stacking->guards
                                ? 'Put card or kraft paper inside.'
                                : 'Put uncoated kraft paper inside.',
                        ),
                    )
                    : Check::pass(
                        'guard.there',
                        Stage::Heat,
                        'guard',
                        Phrase::of('Something lies between front and back.'),
                    );
        }
        if (in_array(LayerRole::Cover, $roles, true)) {
            $checks[] =
                null === $this->outfit->cover
                    ? Finding::notOnShelf(
                        'cover.there',
                        Stage::Heat,
                        'cover',
                        $this->brief->transfer->choices->thing('cover'),
                        'cover sheet for this',
                        array_filter(
                            $this->brief->shelf->covers,
                            fn(Support $cover): bool => in_array($cover->like, $this->outfit->ways->covers(), true),
                        ),
                    )
                    : Check::pass('cover.there', Stage::Heat, 'cover', Phrase::of('A cover sheet lies over it.'));
        }

        return $checks;
    }

    /** @return list<Check> */
    private function heat(): array
    {
        $heat = $this->outfit->heat ?? throw new \LogicException('There is no heat source to check.');
        $wanted = $this->outfit->temperature;
        $reached = null === $heat->dots ? $heat->to : $this->brief->catalogue->heat->dotTemperature($heat->dots);
        $checks = [];
        $tooCool =
            null === $this->outfit->recipe?->temperature
                ? !$this->brief->route->heating->isReachedBy($heat)
                : null !== $reached && $reached->celsius < $this->outfit->recipe->temperature->celsius;
        if ($tooCool && null !== $wanted && null !== $reached) {
            $checks[] = Check::found(
                'heat.hot',
                Stage::Heat,
                Severity::Stop,
                'heat',
                Phrase::of('This one gets only to {reaches}. The recipe needs {needs}.', [
                    'reaches' => Quantity::temperature($reached),
                    'needs' => Quantity::temperature($wanted),
                ]),
                Phrase::of('Use one that gets hotter.'),
            );
        } elseif (HeatKind::Burnisher !== $heat->kind) {
            $checks[] = Check::pass('heat.hot', Stage::Heat, 'heat', Phrase::of('It gets hot enough.'));
        }
        if ($heat->steam) {
            $checks[] = Check::found(
                'heat.steam',
                Stage::Heat,
                Severity::Note,
                'heat',
                Phrase::of('Steam stops a picture from holding, and the steam holes leave pale spots.'),
                Phrase::of('Switch the steam off and pour the water out.'),
            );
        }
        array_push($checks, ...$this->closes($heat));
        $places = count($this->arrangement->coverage->places ?? []);
        if (HeatKind::FlatPress === $heat->kind && $places > 1) {
            $checks[] = Check::found(
                'heat.platen',
                Stage::Heat,
                Severity::Warn,
                'heat',
                Phrase::of(
                    sprintf(
                        'The press is smaller than the picture. It takes %d presses, with a seam where they meet.',
                        $places,
                    ),
                ),
                Phrase::of('Make the picture smaller, or use a larger press.'),
            );
        }

        return $checks;
    }

    private function base(): Check
    {
        if (null === $this->outfit->base) {
            return Finding::notOnShelf(
                'base.there',
                Stage::Heat,
                'base',
                $this->brief->transfer->choices->thing('base'),
                'hard base',
                $this->brief->shelf->bases,
            );
        }
        if (
            Stacking::BASE_HARD !== $this->brief->route->stacking->base ||
            $this->outfit->base->hard ||
            HeatKind::FlatPress === $this->outfit->heatKind
        ) {
            return Check::pass('base.hard', Stage::Heat, 'base', Phrase::of('The base is right.'));
        }
        $hard =
            array_values(array_filter($this->brief->shelf->bases, static fn(Support $base): bool => $base->hard))[0] ??
            null;

        return Check::found(
            'base.hard',
            Stage::Heat,
            Severity::Stop,
            'base',
            Phrase::of('A soft base gives way, and the edges come off.'),
            Phrase::of('Lay the piece on a wood board or a bench.'),
            null === $hard ? null : new Fix(Phrase::of(ucfirst($hard->label)), ['base' => $hard->id]),
        );
    }
}
