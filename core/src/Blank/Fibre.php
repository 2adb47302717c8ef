<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** What a cloth is made of, as far as it decides which transfers bond. */
enum Fibre: string
{
    case Natural = 'natural';
    case Blend = 'blend';
    case Synthetic = 'synthetic';
}
