<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Temperature;

/** What is heated with, and what is known of it. */
final readonly class HeatSources
{
    /**
     * @param array<string, HeatSource> $sources
     * @param list<Temperature> $dotTemperatures of one, two and three dots
     * @param Coverage $coverage of an iron, place by place
     */
    public function __construct(
        public array $sources,
        private array $dotTemperatures,
        public Provenance $dotsProvenance,
        public Coverage $coverage,
        public HeatParameters $parameters,
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
}
