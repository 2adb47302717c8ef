<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Measure\BadRecord;

/** The built-in reference data of the trade, in the order it is offered. */
final readonly class Catalogue
{
    /**
     * @param array<string, Material> $materials
     * @param array<string, BlankKind> $blanks
     * @param array<string, School> $schools
     * @param array<string, Route> $routes
     * @param list<Caution> $cautions
     * @param array<string, OwnedThing> $owned what people own, as they point at it
     */
    public function __construct(
        public array $materials,
        public array $blanks,
        public Colours $colours,
        public Sheets $sheets,
        public HeatSources $heat,
        public Supports $supports,
        public array $schools,
        public array $routes,
        public array $cautions,
        public HandTimes $hands,
        public Consumption $consumption,
        public CareRules $care,
        public array $owned,
        public Recognition $recognition,
    ) {}

    /**
     * @param string|null $blankKindId null for any blank
     *
     * @return array<string, School> the disputed matters of a route, each with the options that are for it
     */
    public function schoolsOf(string $routeId, ?string $blankKindId = null): array
    {
        return array_map(
            static fn(School $school): School => $school->on($routeId),
            array_filter($this->schools, static fn(School $school): bool => $school->matters($routeId, $blankKindId)),
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
            $this->sheets,
            $this->heat,
            $this->supports,
            $this->schools,
            $this->routes,
            $this->cautions,
            $this->hands,
            $this->consumption,
            $this->care,
            $this->owned,
            $this->recognition,
        );
    }
}
