<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Route\Hatch;

/** What a line is of; how that looks is the business of whoever draws it. */
enum Pen: string
{
    /** Something's own edge, that is seen. */
    case Edge = 'edge';
    case Thin = 'thin';
    case Hidden = 'hidden';
    case Centre = 'centre';
    /** The piece, in its colour. */
    case Piece = 'piece';
    /** A bare sheet. */
    case Paper = 'paper';
    /** The side of a sheet that is not printed. */
    case Back = 'back';
    /** The printed face, seen from its edge. */
    case Face = 'face';
    case Cut = 'cut';
    case Fold = 'fold';
    case Tape = 'tape';
    /** What lies over the work and lets it shine through. */
    case Cover = 'cover';
    case Water = 'water';
    /** Something hot. */
    case Hot = 'hot';
    /** Where hands go. */
    case Motion = 'motion';
    case Metal = 'metal';
    case Film = 'film';
    case Cloth = 'cloth';
    case Plain = 'plain';
    case Wood = 'wood';
    case Foam = 'foam';
    case Wax = 'wax';
    case Ceramic = 'ceramic';

    public static function hatched(Hatch $hatch): self
    {
        return self::from($hatch->value);
    }
}
