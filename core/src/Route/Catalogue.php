<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Blank\ToneScale;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Temperature;

/** The built-in reference data of the trade, in the order it is offered. */
final readonly class Catalogue
{
    /**
     * @param array<string, Material> $materials
     * @param array<string, BlankKind> $blanks
     * @param list<NamedColour> $colours
     * @param array<string, Medium> $media
     * @param array<string, Marking> $markings
     * @param array<string, HeatSource> $heat
     * @param array<string, Support> $bases
     * @param array<string, Support> $guards
     * @param array<string, Support> $covers
     * @param array<string, School> $schools
     * @param array<string, Route> $routes
     * @param list<Caution> $cautions
     * @param list<Temperature> $dotTemperatures of one, two and three dots
     * @param array<string, CarrierWay> $carriers
     */
    public function __construct(
        public array $materials,
        public array $blanks,
        public array $colours,
        public ToneScale $tones,
        public array $media,
        public array $markings,
        public array $heat,
        public array $bases,
        public array $guards,
        public array $covers,
        public Provenance $supportsProvenance,
        public array $schools,
        public array $routes,
        public array $cautions,
        public HandTimes $hands,
        public array $dotTemperatures,
        public Provenance $dotsProvenance,
        public Coverage $coverage,
        public array $carriers,
        public HeatParameters $heatParameters,
        public Consumption $consumption,
    ) {}

    /**
     * The soleplate temperature of an iron's setting.
     *
     * @param int<1, 3> $dots
     */
    public function dotTemperature(int $dots): Temperature
    {
        return $this->dotTemperatures[$dots - 1];
    }

    /** The name of a colour, or its digits where it has none. */
    public function colourName(Colour $colour): string
    {
        foreach ($this->colours as $named) {
            if ($named->colour->toHex() === $colour->toHex()) {
                return $named->label;
            }
        }

        return $colour->toHex();
    }

    /** @return array<string, School> the disputed matters of a route, each with the options that are for it */
    public function schoolsOf(string $routeId): array
    {
        return array_map(
            static fn(School $school): School => $school->on($routeId),
            array_filter($this->schools, static fn(School $school): bool => $school->matters($routeId)),
        );
    }

    /** @return array<string, BlankSize> every size of every kind of blank, by its id */
    public function sizes(): array
    {
        return array_merge(
            ...array_values(array_map(static fn(BlankKind $kind): array => $kind->sizes, $this->blanks)),
        );
    }

    /** The kind of blank that one of these sizes is of. */
    public function kindOf(string $sizeId): BlankKind
    {
        foreach ($this->blanks as $kind) {
            if (isset($kind->sizes[$sizeId])) {
                return $kind;
            }
        }

        throw BadRecord::at('blank.size', 'There is no such blank.');
    }

    /** @param array<string, BlankSize> $own sizes of a shop's own, which its jobs may name as well */
    public function withSizes(array $own): self
    {
        $blanks = array_map(static fn(BlankKind $kind): BlankKind => $kind->with($own), $this->blanks);

        return new self(
            $this->materials,
            $blanks,
            $this->colours,
            $this->tones,
            $this->media,
            $this->markings,
            $this->heat,
            $this->bases,
            $this->guards,
            $this->covers,
            $this->supportsProvenance,
            $this->schools,
            $this->routes,
            $this->cautions,
            $this->hands,
            $this->dotTemperatures,
            $this->dotsProvenance,
            $this->coverage,
            $this->carriers,
            $this->heatParameters,
            $this->consumption,
        );
    }
}
