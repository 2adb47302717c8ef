<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Heat\IronPlace;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Route\HeatKind;

/** What a plate, or a spot of hot air, covers where it stands. */
final readonly class Plates
{
    private const STEPS = 14;

    /** @return non-empty-list<array{float, float}> in mm from the picture's upper left corner */
    public static function outline(IronPlace $place, HeatKind $heat): array
    {
        $plate = $place->plate;
        if (in_array($heat, [HeatKind::Dryer, HeatKind::Gun], true)) {
            $radius = $plate->size->widthMm / 2.0;

            return Strokes::circle($plate->xMm + $radius, $plate->yMm + $radius, $radius);
        }

        return HeatKind::Iron === $heat ? self::sole($place) : $plate->corners();
    }

    /**
     * The sole of an iron: straight sides as far as it presses with its full width, and its point beyond.
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function sole(IronPlace $place): array
    {
        return $place->pointsSideways
            ? array_map(
                static fn(array $p): array => [
                    $place->plate->xMm + ($place->plate->bottom() - $p[1]),
                    $place->plate->yMm + ($p[0] - $place->plate->xMm),
                ],
                self::upright(
                    Rect::mm(
                        $place->plate->xMm,
                        $place->plate->bottom() - $place->plate->size->widthMm,
                        $place->plate->size->heightMm,
                        $place->plate->size->widthMm,
                    ),
                    $place->plate->right() - $place->pressed->right(),
                ),
            )
            : self::upright($place->plate, $place->pressed->yMm - $place->plate->yMm);
    }

    /**
     * @param float $point how long its point is, in mm
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function upright(Rect $plate, float $point): array
    {
        $half = $plate->size->widthMm / 2.0;
        $side = [];
        for ($i = 0; $i <= self::STEPS; ++$i) {
            // Closer together where it bends most, at the point.
            $share = 1.0 - (1.0 - $i / self::STEPS) ** 2;
            // A quarter of an ellipse, drawn out to a point.
            $side[] = [$half * sqrt(1.0 - $share ** 1.6), $plate->yMm + $point * (1.0 - $share)];
        }
        $middle = $plate->xMm + $half;

        return [
            [$plate->xMm, $plate->bottom()],
            ...array_map(static fn(array $p): array => [$middle - $p[0], $p[1]], $side),
            ...array_map(static fn(array $p): array => [$middle + $p[0], $p[1]], array_reverse($side)),
            [$plate->right(), $plate->bottom()],
        ];
    }
}
