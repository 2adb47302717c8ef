<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

/** What a blank is at its surface, as far as it decides which transfers take. */
enum Surface: string
{
    case NaturalCloth = 'natural-cloth';
    case BlendCloth = 'blend-cloth';
    case SyntheticCloth = 'synthetic-cloth';
    /** Knit with elastane in it. */
    case StretchCloth = 'stretch-cloth';
    /** Nylon and coated cloth, which melt and repel. */
    case Nylon = 'nylon';
    case Ceramic = 'ceramic';
    case CoatedCeramic = 'coated-ceramic';
    /** Metal or board with a coat that takes sublimation ink. */
    case PolymerCoat = 'polymer-coat';
    case Wax = 'wax';
    case Plastic = 'plastic';
    /** A board built up with coats of wax medium. */
    case WaxMedium = 'wax-medium';
    case RawWood = 'raw-wood';
    case PaintedWood = 'painted-wood';
    case BareMetal = 'bare-metal';
    case Paper = 'paper';
    case Glass = 'glass';
    case Leather = 'leather';
    case Cork = 'cork';
    case Stone = 'stone';
    case PowderCoat = 'powder-coat';

    public function isCloth(): bool
    {
        return in_array(
            $this,
            [self::NaturalCloth, self::BlendCloth, self::SyntheticCloth, self::StretchCloth, self::Nylon],
            true,
        );
    }
}
