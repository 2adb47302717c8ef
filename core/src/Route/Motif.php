<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** What a step's drawing shows. Each kind of step has its own; a route says where a step is drawn otherwise. */
enum Motif: string
{
    /** The heat source by itself, at true size against the picture. */
    case Source = 'source';
    case Off = 'off';

    /** The iron on the flimsy sheet. */
    case Flatten = 'flatten';
    case Carrier = 'carrier';

    /** The sheet in the printer's tray. */
    case Feed = 'feed';
    case Printed = 'printed';

    /** What a hand draws over, and how large. */
    case Guide = 'guide';
    case DrySheet = 'dry-sheet';
    case Cut = 'cut';

    /** Strokes along the piece. */
    case Sand = 'sand';
    /** Small rounds all over the piece. */
    case Wipe = 'wipe';
    /** What lies under the sheet: guard, piece, cloth and base. */
    case Bed = 'bed';
    /** The piece by itself, as it is seen when it is worked on. */
    case Piece = 'piece';
    /** The plate on the piece, without a sheet. */
    case Smooth = 'smooth';
    case Lay = 'lay';
    case Wrap = 'wrap';

    /** Place after place under the plate, or the hot air. */
    case Places = 'places';
    /** Set down on all of it at once, and not moved. */
    case Still = 'still';
    /** On the way over all places, without standing still. */
    case Sweep = 'sweep';
    case Edges = 'edges';
    case MugPress = 'mug-press';
    /** Rubbed down, row by row. */
    case Burnish = 'burnish';
    case Hold = 'hold';
    case Turn = 'turn';
    case Cool = 'cool';
    case Peel = 'peel';

    /** In a bowl of water. */
    case Bowl = 'bowl';
    case Rack = 'rack';
    /** Small rounds over the picture. */
    case Rub = 'rub';
    case Coat = 'coat';
    case DryCoat = 'dry-coat';
    /** The piece as it should be in the end. */
    case Finished = 'finished';

    public static function usual(StepKind $kind): self
    {
        return match ($kind) {
            StepKind::Flatten => self::Flatten,
            StepKind::Carrier => self::Carrier,
            StepKind::Print => self::Feed,
            StepKind::Look => self::Printed,
            StepKind::Draw => self::Guide,
            StepKind::Dry => self::DrySheet,
            StepKind::Cut => self::Cut,
            StepKind::Sand => self::Sand,
            StepKind::Clean => self::Wipe,
            StepKind::Ready => self::Bed,
            StepKind::Prepress => self::Smooth,
            StepKind::Place => self::Lay,
            StepKind::Wrap => self::Wrap,
            StepKind::Tack => self::Still,
            StepKind::Heat => self::Places,
            StepKind::Burnish => self::Burnish,
            StepKind::Turn => self::Turn,
            StepKind::Set => self::Hold,
            StepKind::Cool => self::Cool,
            StepKind::Peel => self::Peel,
            StepKind::Quench, StepKind::Soak => self::Bowl,
            StepKind::Rub, StepKind::Film => self::Rub,
            StepKind::Fuse => self::Sweep,
            StepKind::Coat => self::Coat,
            StepKind::Wait => self::DryCoat,
            StepKind::TouchUp, StepKind::Compare => self::Finished,
            StepKind::Off => self::Off,
        };
    }
}
