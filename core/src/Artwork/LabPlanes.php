<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Lab;

/** CIE L*a*b* of every pixel of a bitmap, to about 1; a transparent one is white, as the paper beneath it. */
final readonly class LabPlanes
{
    /**
     * @param list<float> $l
     * @param list<float> $a
     * @param list<float> $b
     */
    private function __construct(public array $l, public array $a, public array $b) {}

    public static function of(Bitmap $bitmap): self
    {
        $known = [];
        $l = $a = $b = [];
        $white = Lab::ofLinear(1.0, 1.0, 1.0);
        for ($i = 0, $end = $bitmap->width * $bitmap->height; $i < $end; ++$i) {
            if (ord($bitmap->rgba[4 * $i + 3]) < Bitmap::OPAQUE) {
                $lab = $white;
            } else {
                // Photographs have very many colours: those of four steps a channel are turned as one.
                $key =
                    ((ord($bitmap->rgba[4 * $i]) >> 2) << 12) |
                    ((ord($bitmap->rgba[4 * $i + 1]) >> 2) << 6) |
                    (ord($bitmap->rgba[4 * $i + 2]) >> 2);
                $lab = $known[$key] ??= Lab::of($bitmap->colourAt($i));
            }
            $l[] = $lab->l;
            $a[] = $lab->a;
            $b[] = $lab->b;
        }

        return new self($l, $a, $b);
    }
}
