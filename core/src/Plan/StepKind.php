<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

enum StepKind: string
{
    case Print = 'print';
    case Look = 'look';
    case Dry = 'dry';
    case Cut = 'cut';
    case Ready = 'ready';
    case Prepress = 'prepress';
    case Place = 'place';
    case Heat = 'heat';
    case Cool = 'cool';
    case Peel = 'peel';
    case Compare = 'compare';
    case Off = 'off';

    /** Waiting keeps nobody's hands busy. */
    public function waits(): bool
    {
        return self::Dry === $this || self::Cool === $this;
    }
}
