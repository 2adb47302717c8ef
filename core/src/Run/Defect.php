<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/** What went wrong with a piece, as it is seen on it. */
enum Defect: string
{
    case MissedPatch = 'missed-patch';
    case LiftedEdge = 'lifted-edge';
    case Bubble = 'bubble';
    case Ghost = 'ghost';
    case Smear = 'smear';
    case Scorch = 'scorch';
    case Wrinkle = 'wrinkle';
    case Misplaced = 'misplaced';
    case WrongWayRound = 'wrong-way-round';

    public function label(): string
    {
        return match ($this) {
            self::MissedPatch => 'missed patch',
            self::LiftedEdge => 'lifted edge',
            self::Bubble => 'bubbles',
            self::Ghost => 'ghost: it slid',
            self::Smear => 'smear',
            self::Scorch => 'scorch',
            self::Wrinkle => 'wrinkle',
            self::Misplaced => 'misplaced',
            self::WrongWayRound => 'wrong way round',
        };
    }
}
