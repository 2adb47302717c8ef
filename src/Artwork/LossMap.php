<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\Foresight;
use Wubbin\Core\Artwork\InkPlane;
use Wubbin\Core\Artwork\Palette;
use Wubbin\Core\Artwork\Strokes;
use Wubbin\Core\Measure\Colour;

/**
 * Draws where a picture loses something, to lay over its preview: its colours on cloth, its lines that are too fine.
 */
final readonly class LossMap
{
    /** Red, green, blue and alpha; vermilion and ochre, as the page has them. */
    private const VANISHES = "\xc4\x38\x18\xd0";
    private const SHIFTS = "\xd9\x9a\x10\xb0";
    private const CLEAR = "\0\0\0\0";

    /** Width and spacing of the hatching where colours look different, in pixels. */
    private const HATCH = 8;

    public function __construct(private ArtworkStore $store) {}

    /**
     * Hatched where colours look different, filled where they vanish.
     *
     * @return string a PNG as large as the picture at working resolution
     */
    public function ofColours(Artwork $artwork, Colour $cloth): string
    {
        $bitmap = $this->store->working($artwork);
        $opaque = $bitmap->opaque();
        $palette = $artwork->picture()->traits->palette ?? Palette::fromBitmap($bitmap, $opaque);
        $map = Foresight::map($palette, $palette->labels($bitmap, $opaque), $cloth);
        $rgba = '';
        for ($i = 0, $end = strlen($map); $i < $end; ++$i) {
            $rgba .= match ($map[$i]) {
                "\2" => self::VANISHES,
                "\1" => (intdiv($i, $bitmap->width) + ($i % $bitmap->width)) % self::HATCH < self::HATCH / 2
                    ? self::SHIFTS
                    : self::CLEAR,
                default => self::CLEAR,
            };
        }

        return self::png($bitmap->width, $bitmap->height, $rgba);
    }

    /**
     * Filled where the ink is in lines finer than this.
     *
     * @param float $line as a share of the picture's width
     *
     * @return string a PNG as large as the picture at working resolution
     */
    public function ofLines(Artwork $artwork, float $line): string
    {
        $ink = InkPlane::fromBitmap(
            $this->store->working($artwork, WorkingBitmap::FINE_PIXELS),
            $artwork->picture()->traits?->surroundings->behind() ?? Colour::rgb(255, 255, 255),
        );
        $finer = Strokes::finer($ink, $line);

        return self::png($ink->width, $ink->height, strtr($finer->set, ["\0" => self::CLEAR, "\1" => self::VANISHES]));
    }

    /** A PNG of red, green, blue and alpha, a byte each. */
    public static function png(int $width, int $height, string $rgba): string
    {
        $image = new \Imagick();
        $image->setSize($width, $height);
        $image->setOption('depth', '8');
        $image->setFormat('rgba');
        $image->readImageBlob($rgba);
        $image->setImageFormat('png');

        return $image->getImageBlob();
    }
}
