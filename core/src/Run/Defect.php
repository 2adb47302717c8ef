<?php

declare(strict_types=1);

namespace Wubbin\Core\Run;

/** What went wrong with a piece, as it is seen on it, or with its sheet. */
enum Defect: string
{
    case MissedPatch = 'missed-patch';
    case LiftedEdge = 'lifted-edge';
    case Bubble = 'bubble';
    case Ghost = 'ghost';
    case Smear = 'smear';
    case Scorch = 'scorch';
    case Wrinkle = 'wrinkle';
    case WhiteSpecks = 'white-specks';
    case Crack = 'crack';
    case FibreLine = 'fibre-line';
    case Misplaced = 'misplaced';
    case WrongWayRound = 'wrong-way-round';
    case MeltedShape = 'melted-shape';
    case NotBonded = 'not-bonded';
    case Pale = 'pale';
    case TooShiny = 'too-shiny';
    case ShowThrough = 'show-through';
    case WhiteLine = 'white-line';
    case StrayLine = 'stray-line';
    case Veil = 'veil';
    case SoftCoat = 'soft-coat';
    case Jam = 'jam';
    case NoPrint = 'no-print';
    case Scratches = 'scratches';
    case Faded = 'faded';
    case Sunk = 'sunk';

    public function label(): string
    {
        return match ($this) {
            self::MissedPatch => 'missing patch',
            self::LiftedEdge => 'lifted edge',
            self::Bubble => 'bubbles',
            self::Ghost => 'double picture',
            self::Smear => 'smear',
            self::Scorch => 'scorch',
            self::Wrinkle => 'wrinkle',
            self::WhiteSpecks => 'white specks',
            self::Crack => 'crack',
            self::FibreLine => 'coloured fibre',
            self::Misplaced => 'misplaced',
            self::WrongWayRound => 'wrong way round',
            self::MeltedShape => 'melted out of shape',
            self::NotBonded => 'does not hold',
            self::Pale => 'pale',
            self::TooShiny => 'too shiny',
            self::ShowThrough => 'colour gone through',
            self::WhiteLine => 'white line at a join',
            self::StrayLine => 'line that was not meant',
            self::Veil => 'paper left on it',
            self::SoftCoat => 'coat stays soft',
            self::Jam => 'sheet jammed',
            self::NoPrint => 'print did not take on the sheet',
            self::Scratches => 'scratches off',
            self::Faded => 'faded with time',
            self::Sunk => 'sank into the layer below',
        };
    }
}
