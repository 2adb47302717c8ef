<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Blank\Surface;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\Setup;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Route\Support;
use Wubbin\Core\Stack\Layer;

/** Whether heat, base, guard and cover are right for the work. */
final readonly class PressChecks
{
    public function __construct(private Setup $setup) {}

    /** @return list<Check> */
    public function checks(): array
    {
        $setup = $this->setup;
        $heat = $setup->heat;
        $checks = [];
        if (null === $heat) {
            $kinds = implode(
                ' or ',
                array_map(static fn(HeatKind $kind): string => $kind->label(), $setup->ways->heat()),
            );
            $checks[] = Finding::notOnShelf(
                'heat.there',
                Stage::Heat,
                'heat',
                $setup->transfer->choices->thing('heat'),
                $kinds,
                array_filter(
                    $setup->shelf->heat,
                    static fn($s): bool => in_array($s->kind, $setup->ways->heat(), true),
                ),
            );
        } else {
            array_push($checks, ...$this->heat());
        }
        array_push($checks, ...$this->figures());
        array_push($checks, ...$this->scorch());
        array_push($checks, ...$this->care());
        array_push($checks, ...$this->supports());

        return $checks;
    }

    /**
     * Whether a mug press closes round this piece.
     *
     * @return list<Check>
     */
    private function closes(HeatSource $heat): array
    {
        $setup = $this->setup;
        $checks = [];
        $diameter = $setup->size->diameterMm;
        if (
            HeatKind::MugPress === $heat->kind &&
            null !== $diameter &&
            null !== $heat->diameterFromMm &&
            null !== $heat->diameterToMm
        ) {
            $taper = $setup->size->taper;
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
                    Phrase::of('The wall leans: a press made for straight mugs presses it harder at its wider end.'),
                    Phrase::of('Try one first, or use a heater that is shaped for it.'),
                );
            }
            $checks[] =
                $narrow >= $heat->diameterFromMm && $wide <= $heat->diameterToMm
                    ? Check::pass('heat.diameter', Stage::Heat, 'heat', Phrase::of('The press closes round this mug.'))
                    : Check::found(
                        'heat.diameter',
                        Stage::Heat,
                        Severity::Impossible,
                        'heat',
                        Phrase::of('This press closes round mugs of {from} to {to}; this one is {diameter} across.', [
                            'from' => Quantity::length($heat->diameterFromMm),
                            'to' => Quantity::length($heat->diameterToMm),
                            'diameter' => Quantity::length($diameter),
                        ]),
                        Phrase::of('Take another mug or another press.'),
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
        foreach ($this->setup->ways->figures as $figure) {
            if (!$figure->isSensible()) {
                [$least, $most] = $figure->limits();
                $checks[] = Check::found(
                    'figure.' . str_replace('_', '-', $figure->id),
                    Stage::Heat,
                    Severity::Stop,
                    'figure.' . $figure->id,
                    Phrase::of($figure->label() . ' is {value}: nobody can mean that.', [
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
        $setup = $this->setup;
        $checks = [];
        $temperature = $setup->temperature();
        if (
            null !== $temperature &&
            $setup->material->limit->celsius <= $temperature->celsius &&
            Surface::Wax !== $setup->material->surface
        ) {
            $checks[] = Check::found(
                'blank.scorch',
                Stage::Heat,
                $setup->material->limit->celsius + 10.0 <= $temperature->celsius ? Severity::Warn : Severity::Note,
                'time',
                Phrase::of('It is pressed as hot as it stands ({limit}): ' . $setup->material->limitWhy . '.', [
                    'limit' => Quantity::temperature($setup->material->limit),
                ]),
                Phrase::of('Do not exceed the seconds.'),
            );
        }

        return $checks;
    }

    /** @return list<Check> */
    private function care(): array
    {
        $setup = $this->setup;
        $heat = $setup->heat;
        $checks = [];
        $care = $setup->material->careDots;
        if (
            HeatKind::Iron === $heat?->kind &&
            null !== $care &&
            null !== $setup->setting->dots &&
            $care < $setup->setting->dots
        ) {
            $checks[] = Check::found(
                'blank.care',
                Stage::Heat,
                Severity::Warn,
                'heat',
                Phrase::of(
                    sprintf(
                        'Its care label usually allows %s for a hand iron; this wants %s.',
                        str_repeat('●', $care),
                        str_repeat('●', $setup->setting->dots),
                    ),
                ),
                Phrase::of('Try it on a hidden place first.'),
            );
        }

        return $checks;
    }

    /**
     * What lies under, in and over the work.
     *
     * @return list<Check>
     */
    private function supports(): array
    {
        $setup = $this->setup;
        $checks = [];
        $roles = array_map(static fn(Layer $layer): LayerRole => $layer->role, $setup->stack->layers);
        if (in_array(LayerRole::Base, $roles, true)) {
            $checks[] = $this->base();
        }
        if (in_array(LayerRole::Guard, $roles, true)) {
            $checks[] =
                null === $setup->guard
                    ? Check::found(
                        'guard.there',
                        Stage::Heat,
                        Severity::Warn,
                        'guard',
                        Phrase::of('With nothing inside, colour goes through to the back.'),
                        Phrase::of('Slip card or kraft paper inside.'),
                    )
                    : Check::pass(
                        'guard.there',
                        Stage::Heat,
                        'guard',
                        Phrase::of('A guard lies between front and back.'),
                    );
        }
        if (in_array(LayerRole::Cover, $roles, true)) {
            $checks[] =
                null === $setup->cover
                    ? Finding::notOnShelf(
                        'cover.there',
                        Stage::Heat,
                        'cover',
                        $setup->transfer->choices->thing('cover'),
                        'cover sheet for this',
                        array_filter(
                            $setup->shelf->covers,
                            static fn(Support $cover): bool => in_array($cover->like, $setup->ways->covers(), true),
                        ),
                    )
                    : Check::pass('cover.there', Stage::Heat, 'cover', Phrase::of('A cover lies over the work.'));
        }

        return $checks;
    }

    /** @return list<Check> */
    private function heat(): array
    {
        $setup = $this->setup;
        $heat = $setup->heat ?? throw new \LogicException('There is no heat source to check.');
        $wanted = $setup->temperature();
        $reached = null === $heat->dots ? $heat->to : $setup->catalogue->dotTemperature($heat->dots);
        $checks = [];
        $tooCool =
            null === $setup->recipe?->temperature
                ? !$setup->route->isReachedBy($heat)
                : null !== $reached && $reached->celsius < $setup->recipe->temperature->celsius;
        if ($tooCool && null !== $wanted && null !== $reached) {
            $checks[] = Check::found(
                'heat.hot',
                Stage::Heat,
                Severity::Stop,
                'heat',
                Phrase::of('This one stops at {reaches}; the recipe wants {needs}.', [
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
                Phrase::of('Steam keeps a transfer from bonding, and its holes leave pale spots.'),
                Phrase::of('Turn steam off and pour the water out.'),
            );
        }
        array_push($checks, ...$this->closes($heat));
        $places = count($setup->coverage->places ?? []);
        if (HeatKind::FlatPress === $heat->kind && $places > 1) {
            $checks[] = Check::found(
                'heat.platen',
                Stage::Heat,
                Severity::Warn,
                'heat',
                Phrase::of(
                    sprintf(
                        'The platen does not cover the picture in one go: %d presses, with a seam where they meet.',
                        $places,
                    ),
                ),
                Phrase::of('Make it smaller, or take a larger press.'),
            );
        }

        return $checks;
    }

    private function base(): Check
    {
        $setup = $this->setup;
        if (null === $setup->base) {
            return Finding::notOnShelf(
                'base.there',
                Stage::Heat,
                'base',
                $setup->transfer->choices->thing('base'),
                'hard base',
                $setup->shelf->bases,
            );
        }
        if (Route::BASE_HARD !== $setup->route->base || $setup->base->hard) {
            return Check::pass('base.hard', Stage::Heat, 'base', Phrase::of('The base is right.'));
        }
        $hard =
            array_values(array_filter($setup->shelf->bases, static fn(Support $base): bool => $base->hard))[0] ?? null;

        return Check::found(
            'base.hard',
            Stage::Heat,
            Severity::Stop,
            'base',
            Phrase::of('A soft base gives way under the plate and the edges lift.'),
            Phrase::of('Lay it on a wood board or a bench.'),
            null === $hard ? null : new Fix(Phrase::of(ucfirst($hard->label)), ['base' => $hard->id]),
        );
    }
}
