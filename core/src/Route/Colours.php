<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Blank\ToneScale;
use Wubbin\Core\Measure\Colour;

/** Colours that have a name, and how dark one is. */
final readonly class Colours
{
    /** @param list<NamedColour> $named */
    public function __construct(public array $named, public ToneScale $tones) {}

    /** The name of a colour, or its digits where it has none. */
    public function nameOf(Colour $colour): string
    {
        foreach ($this->named as $named) {
            if ($named->colour->toHex() === $colour->toHex()) {
                return $named->label;
            }
        }

        return $colour->toHex();
    }
}
