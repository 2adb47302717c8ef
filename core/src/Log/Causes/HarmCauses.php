<?php

declare(strict_types=1);

namespace Wubbin\Core\Log\Causes;

use Wubbin\Core\Log\Cause;
use Wubbin\Core\Log\Complaint;
use Wubbin\Core\Log\Done;
use Wubbin\Core\Log\Evidence;
use Wubbin\Core\Run\Defect;

/** What heat, damp and wear did to the piece, and what only looks like a fault (common practice, no source). */
final readonly class HarmCauses
{
    /** @return list<Cause> */
    public static function all(): array
    {
        return [
            self::sheetMovedUnderHeat(),
            self::steam(),
            self::airOrDampLeftUnderTheFilm(),
            self::dampInThePiece(),
            self::tooHotOrTooLong(),
            self::creasedWhenItWasPressed(),
            self::thermalShock(),
            self::normalBeforeThePress(),
            self::wornInTheWash(),
        ];
    }

    private static function sheetMovedUnderHeat(): Cause
    {
        return new Cause(
            'sheet moved under heat',
            [Defect::Ghost, Defect::Smear],
            0.5,
            static fn(Complaint $of): Evidence => Evidence::ofFlag(
                $of->done->yes(Done::MOVED) ? true : ($of->done->no(Done::MOVED) ? false : null),
                'It slid while it was hot.',
                'A sheet that slides leaves two pictures.',
            ),
            'Nothing. Make it again.',
            'Fix it with a short press first. Lift the iron, and do not push it.',
        );
    }

    private static function steam(): Cause
    {
        return new Cause(
            'steam',
            [Defect::Bubble, Defect::Wrinkle],
            0.35,
            static fn(Complaint $of): Evidence => Evidence::ofFlag(
                $of->done->yes(Done::STEAM) ? true : ($of->done->no(Done::STEAM) ? false : null),
                'Steam was on.',
                'Water in the iron makes blisters.',
            ),
            'Nothing. Make it again.',
            'Switch the steam off, and empty the tank.',
        );
    }

    private static function airOrDampLeftUnderTheFilm(): Cause
    {
        return new Cause(
            'air or damp left under the film',
            [Defect::Bubble, Defect::Wrinkle],
            0.55,
            static fn(Complaint $of): ?Evidence => $of->isFilm()
                ? Evidence::unknown('Cloth holds damp, and the film keeps it in.')
                : null,
            'Lay parchment over it, and iron it for a few seconds.',
            'Press the cloth dry first.',
        );
    }

    private static function dampInThePiece(): Cause
    {
        return new Cause(
            'damp in the piece',
            [Defect::Bubble, Defect::Ghost],
            0.4,
            static fn(Complaint $of): ?Evidence => $of->isFilm() || $of->isWax() || $of->isBurnished()
                ? null
                : Evidence::unknown('Damp turns to steam under the press.'),
            'Nothing can be done.',
            'Press the piece without the print first, until no steam comes out.',
        );
    }

    private static function tooHotOrTooLong(): Cause
    {
        return new Cause(
            'too hot or too long',
            [Defect::Scorch],
            0.6,
            static function (Complaint $of): Evidence {
                $dwell = $of->done->number(Done::DWELL);
                $most = $of->route->figures['dwell']->range[1] ?? null;

                return null !== $dwell && null !== $most && $dwell > 1.05 * $most
                    ? Evidence::for(sprintf('It was pressed for %d s. Up to %d s is usual.', $dwell, $most))
                    : Evidence::unknown('It stayed in one place, or was hotter than the material can stand.');
            },
            'A light mark may wash out.',
            'Keep moving, use a cover sheet, and do not go hotter than the material can stand.',
        );
    }

    private static function creasedWhenItWasPressed(): Cause
    {
        return new Cause(
            'creased when it was pressed',
            [Defect::Wrinkle],
            0.45,
            static fn(Complaint $of): ?Evidence => $of->isWax() || $of->isBurnished()
                ? null
                : Evidence::unknown('A crease in the cloth or the cover gets pressed in.'),
            'Nothing can be done.',
            'Iron the cloth smooth first, and lay the cover flat.',
        );
    }

    private static function thermalShock(): Cause
    {
        return new Cause(
            'cooled too fast',
            [Defect::Crack],
            0.6,
            static fn(Complaint $of): ?Evidence => 'laser-ceramic' === $of->route->id ||
            ($of->isDye() && null !== $of->done->word(Done::WATER))
                ? match ($of->done->word(Done::WATER)) {
                    'cold' => Evidence::for('Cold water ran over hot ceramic.'),
                    'hot' => Evidence::against(),
                    default => Evidence::unknown('Hot ceramic breaks in the cold.'),
                }
                : null,
            'Nothing can be done.',
            'Use hot water first, and then cold. Or let it cool.',
        );
    }

    private static function normalBeforeThePress(): Cause
    {
        return new Cause(
            'normal before the press',
            [Defect::Pale],
            0.2,
            static fn(Complaint $of): ?Evidence => $of->isDye() && $of->done->no(Done::PRESSED)
                ? Evidence::for('It is not pressed yet. Sublimation ink looks dull on paper.')
                : null,
            'Press it.',
            'Nothing.',
        );
    }

    private static function wornInTheWash(): Cause
    {
        return new Cause(
            'worn in the wash',
            [Defect::Crack, Defect::Pale, Defect::Faded],
            0.3,
            static fn(Complaint $of): ?Evidence => ($of->done->number(Done::WASHES) ?? 0.0) > 0.0 && !$of->isDye()
                ? Evidence::unknown('Every wash takes a little off a film.')
                : null,
            'Nothing can be done.',
            'Wash it inside out and cool, and iron it from the inside.',
        );
    }
}
