<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Blank\Material;
use Wubbin\Core\Blank\ShirtSize;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Temperature;

/** The built-in reference data of the trade, in the order it is offered. */
final readonly class Catalogue
{
    /**
     * @param array<string, Material>     $materials
     * @param array<string, ShirtSize>    $shirtSizes
     * @param list<NamedColour>           $colours
     * @param array<string, Medium>       $media
     * @param array<string, Marking>      $markings
     * @param array<string, Iron>         $irons
     * @param array<string, Base>         $bases
     * @param array<string, Guard>        $guards
     * @param array<string, DryingSchool> $drying          the default first
     * @param array<string, Route>        $routes
     * @param list<Temperature>           $dotTemperatures of one, two and three dots
     */
    public function __construct(
        public array $materials,
        public array $shirtSizes,
        public array $colours,
        public array $media,
        public array $markings,
        public array $irons,
        public array $bases,
        public array $guards,
        public Provenance $supportsProvenance,
        public array $drying,
        public array $routes,
        public array $dotTemperatures,
        public Provenance $dotsProvenance,
        public Coverage $coverage,
    ) {
    }

    /**
     * The soleplate temperature of an iron's setting.
     *
     * @param int<1, 3> $dots
     */
    public function dotTemperature(int $dots): Temperature
    {
        return $this->dotTemperatures[$dots - 1];
    }

    /** The name of a cloth colour, or its digits where it has none. */
    public function colourName(Colour $colour): string
    {
        foreach ($this->colours as $named) {
            if ($named->colour->toHex() === $colour->toHex()) {
                return $named->label;
            }
        }

        return $colour->toHex();
    }
}
