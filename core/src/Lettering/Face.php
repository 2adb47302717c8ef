<?php

declare(strict_types=1);

namespace Wubbin\Core\Lettering;

/** The typefaces that ship, by what they look like. */
enum Face: string
{
    case Upright = 'upright';
    case Bold = 'bold';
    case Serif = 'serif';
    case Slab = 'slab';
    case Script = 'script';
    case Stencil = 'stencil';

    public function label(): string
    {
        return match ($this) {
            self::Upright => 'Plain',
            self::Bold => 'Plain, bold',
            self::Serif => 'With serifs',
            self::Slab => 'Slab',
            self::Script => 'Handwriting',
            self::Stencil => 'Stencil',
        };
    }
}
