<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

/** A layer that heat goes through, and how it lies on the one beneath. */
final readonly class Slab
{
    /** What lies without a gap on the next. */
    public const PERFECT = \INF;

    /**
     * @param float $metres thick, above 0
     * @param float $contact conductance of its lower face to what lies beneath, in W/m²K
     * @param float $celsius that it has at first
     * @param int $cells that it is divided into; 0 leaves that to the grid
     *
     * @throws ImpossibleModel
     */
    public function __construct(
        public string $name,
        public Substance $of,
        public float $metres,
        public float $contact = self::PERFECT,
        public float $celsius = 20.0,
        public int $cells = 0,
    ) {
        if ($metres <= 0.0) {
            throw ImpossibleModel::because(sprintf('“%s” has no thickness.', $name));
        }
        if ($contact <= 0.0) {
            throw ImpossibleModel::because(sprintf('“%s” touches nothing: its contact lets no heat through.', $name));
        }
    }
}
