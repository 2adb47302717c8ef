<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** What a step is, in the trade's words. */
enum StepKind: string
{
    case Flatten = 'flatten';
    case Carrier = 'carrier';
    case Print = 'print';
    case Look = 'look';
    case Draw = 'draw';
    case Dry = 'dry';
    case Cut = 'cut';
    case Sand = 'sand';
    case Clean = 'clean';
    case Ready = 'ready';
    case Prepress = 'prepress';
    case Place = 'place';
    case Wrap = 'wrap';
    case Tack = 'tack';
    case Heat = 'heat';
    case Burnish = 'burnish';
    case Turn = 'turn';
    case Set = 'set';
    case Cool = 'cool';
    case Peel = 'peel';
    case Quench = 'quench';
    case Soak = 'soak';
    case Rub = 'rub';
    case Film = 'film';
    case Fuse = 'fuse';
    case Coat = 'coat';
    case Wait = 'wait';
    case TouchUp = 'touch-up';
    case Compare = 'compare';
    case Off = 'off';

    /** Waiting keeps nobody's hands busy. */
    public function waits(): bool
    {
        return in_array($this, [self::Dry, self::Cool, self::Soak, self::Wait], true);
    }
}
