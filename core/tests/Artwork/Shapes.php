<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\InkPlane;
use Wubbin\Core\Artwork\Mask;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Measure\Colour;

/** Pictures with known answers, drawn point by point. */
final class Shapes
{
    /**
     * @param int<1, max> $width
     * @param int<1, max> $height
     * @param callable(float, float): bool $inside told of the middle of each pixel
     */
    public static function mask(int $width, int $height, callable $inside): Mask
    {
        $set = '';
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $set .= $inside($x + 0.5, $y + 0.5) ? "\1" : "\0";
            }
        }

        return Mask::fromBits($width, $height, $set);
    }

    /** @param callable(int, int): string $colour hexadecimal digits of red, green, blue and alpha of each pixel */
    public static function bitmap(int $width, int $height, callable $colour): Bitmap
    {
        $rgba = '';
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $rgba .= hex2bin($colour($x, $y));
            }
        }

        return Bitmap::fromRgba($width, $height, $rgba);
    }

    /** As a shop has it: looked at, and with what tells its cut lines. */
    public static function picture(Bitmap $bitmap, PictureKind $kind = PictureKind::Vector): Picture
    {
        return Picture::fromFile(
            str_repeat('a', 64),
            'branch.png',
            $kind,
            $bitmap->width,
            $bitmap->height,
            $bitmap->opaque()->share() < 1.0,
            Traits::of($bitmap),
        )->outlined(new DrawnCoverage($bitmap->opaque()));
    }

    /** Printed in black where a mask is set. */
    public static function ink(Mask $mask): InkPlane
    {
        return InkPlane::fromBitmap(
            Bitmap::fromRgba(
                $mask->width,
                $mask->height,
                strtr($mask->set, ["\0" => "\0\0\0\0", "\1" => "\0\0\0\xff"]),
            ),
            Colour::rgb(255, 255, 255),
        );
    }

    /** @param int<1, max> $size */
    public static function disc(int $size, float $radius): Mask
    {
        return self::mask(
            $size,
            $size,
            static fn(float $x, float $y): bool => hypot($x - $size / 2.0, $y - $size / 2.0) <= $radius,
        );
    }

    /**
     * A star of so many points between two radii.
     *
     * @param int<1, max> $size
     */
    public static function star(int $size, int $points, float $inner, float $outer): Mask
    {
        return self::mask($size, $size, static function (float $x, float $y) use (
            $size,
            $points,
            $inner,
            $outer,
        ): bool {
            [$dx, $dy] = [$x - $size / 2.0, $y - $size / 2.0];
            // Within one half of one point: the straight edge from its tip to the hollow beside it.
            $sector = \M_PI / $points;
            $angle = fmod(atan2($dy, $dx) + 2.0 * \M_PI, 2.0 * $sector);
            $angle = $angle > $sector ? 2.0 * $sector - $angle : $angle;
            [$px, $py] = [hypot($dx, $dy) * cos($angle), hypot($dx, $dy) * sin($angle)];
            [$hx, $hy] = [$inner * cos($sector), $inner * sin($sector)];

            return ($hx - $outer) * $py - $hy * ($px - $outer) >= 0.0;
        });
    }

    /**
     * Teeth of a width, and gaps of another, all across and down to the lower half.
     *
     * @param int<1, max> $size
     */
    public static function comb(int $size, int $tooth, int $gap): Mask
    {
        return self::mask(
            $size,
            $size,
            static fn(float $x, float $y): bool => $y > $size / 2.0 || fmod($x, $tooth + $gap) < $tooth,
        );
    }
}
