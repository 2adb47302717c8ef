<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sheet;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\Gang\GangPiece;

/** Shapes such as are cut out of a sheet one by one: leaves, drops, hearts, stars and rounds, each of its own size. */
final readonly class Clipart
{
    /**
     * @param float $areaMm2 that their boxes come to at least
     *
     * @return list<GangPiece>
     */
    public static function pieces(int $seed, float $areaMm2): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $pieces = [];
        for ($area = 0.0; $area < $areaMm2; ) {
            $points = self::shape(
                $random->getInt(0, 4),
                $random->getInt(250, 800) / 10.0,
                $random->getInt(60, 160) / 100.0,
                $random->getInt(0, 359),
            );
            $size = Contour::box($points)->size;
            $pieces[] = new GangPiece(
                'p' . count($pieces),
                'shape ' . count($pieces),
                Size::mm($size->widthMm, $size->heightMm),
                1,
                true,
                $points,
            );
            $area += $size->areaMm2();
        }

        return $pieces;
    }

    /** @return non-empty-list<array{float, float}> from its box's upper left corner */
    private static function shape(int $kind, float $wide, float $aspect, int $degrees): array
    {
        $points = array_map(static function (int $i) use ($kind): array {
            $t = (2.0 * \M_PI * $i) / 40;

            return match ($kind) {
                0 => [cos($t), sin($t)], // a round
                1 => [cos($t) * (1.0 - 0.9 * abs(sin($t)) ** 1.5 * 0.35), 0.5 * sin($t)], // a leaf
                2 => [0.5 * sin($t) * (1.0 - cos($t)) ** 0.8, -cos($t)], // a drop
                3 => [
                    (16.0 * sin($t) ** 3) / 17.0,
                    -(13.0 * cos($t) - 5.0 * cos(2.0 * $t) - 2.0 * cos(3.0 * $t) - cos(4.0 * $t)) / 17.0,
                ], // a heart
                default => [
                    cos($t) * (1.0 + 0.25 * cos(5.0 * $t)),
                    sin($t) * (1.0 + 0.25 * cos(5.0 * $t)),
                ], // a star with soft points
            };
        }, range(0, 39));
        $angle = deg2rad($degrees);
        $turned = array_map(
            static fn(array $p): array => [
                $p[0] * cos($angle) - $aspect * $p[1] * sin($angle),
                $p[0] * sin($angle) + $aspect * $p[1] * cos($angle),
            ],
            $points,
        );
        $box = Contour::box($turned);

        return array_map(
            static fn(array $p): array => [
                (($p[0] - $box->xMm) * $wide) / $box->size->widthMm,
                (($p[1] - $box->yMm) * $wide) / $box->size->widthMm,
            ],
            $turned,
        );
    }
}
