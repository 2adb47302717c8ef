<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\Coverage;
use Wubbin\Core\Artwork\EdgeField;

/** What is seen of a picture, by the pixels that are stored of it: white where it is printed, grey where thinly. */
final readonly class PixelCoverage implements Coverage
{
    /** Stored with no more pixels than are ever traced. */
    private const MOST_PIXELS = 4_000_000;

    /** Distances go by steps to the second neighbour: never more than 3 in 100 too long, so a half of that is off. */
    private const NEIGHBOURS = 2;
    private const TOO_LONG = 0.014;

    /** @param string $path of a file that {@see write()} wrote */
    public function __construct(private string $path) {}

    /** @throws \ImagickException */
    public static function write(\Imagick $picture, string $path): void
    {
        $alpha = clone $picture;
        $alpha->setImageAlphaChannel(\Imagick::ALPHACHANNEL_EXTRACT);
        $pixels = $alpha->getImageWidth() * $alpha->getImageHeight();
        if ($pixels > self::MOST_PIXELS) {
            $share = sqrt(self::MOST_PIXELS / $pixels);
            $alpha->resizeImage(
                max(1, (int) floor($share * $alpha->getImageWidth())),
                max(1, (int) floor($share * $alpha->getImageHeight())),
                \Imagick::FILTER_BOX,
                1.0,
            );
        }
        $alpha->setImageDepth(8);
        $alpha->setImageFormat('gray');
        file_put_contents(
            $path,
            gzcompress(
                sprintf("P5\n%d %d\n255\n", $alpha->getImageWidth(), $alpha->getImageHeight()) . $alpha->getImageBlob(),
                1,
            ),
        );
    }

    /** @throws \ImagickException */
    public function edge(int $columns, float $out, float $back = 0.0): EdgeField
    {
        $image = new \Imagick();
        $image->setOption('depth', '8');
        $image->readImageBlob((string) gzuncompress((string) file_get_contents($this->path)));
        $columns = max(1, min($columns, $image->getImageWidth()));
        [$out, $back] = [$out * $columns, $back * $columns];
        $rows = max(1, (int) round(($columns * $image->getImageHeight()) / $image->getImageWidth()));
        $image->resizeImage($columns, $rows, \Imagick::FILTER_BOX, 1.0);
        $image->thresholdImage(self::SEEN_FROM * \Imagick::getQuantum());
        $frame = max(1, (int) ceil($out) + 6);
        $image->setImagePage(0, 0, 0, 0);
        $image->borderImage('black', $frame, $frame);
        $image->negateImage(false);
        if ($back > 0.0) {
            $per = $this->measure($image, $out);
            $image->thresholdImage(($out + 0.5) * $per * (1.0 + self::TOO_LONG));
            $image->negateImage(false);
            $per = $this->measure($image, $back);
            $image->negateImage(false);
            $this->spread($image, \Imagick::getQuantum() - ($back + 0.5) * $per, $per);
        } else {
            $per = $this->measure($image, $out);
            $this->spread($image, ($out + 0.5) * $per * (1.0 + self::TOO_LONG), $per);
        }
        $image->setImageDepth(8);
        $image->setImageFormat('gray');

        return new EdgeField($image->getImageBlob(), $columns + 2 * $frame, $frame);
    }

    /**
     * Turns each white pixel into its distance from the nearest black one.
     *
     * @return float what a column is in it
     */
    private function measure(\Imagick $image, float $farthest): float
    {
        $per = (int) min(2000, floor(\Imagick::getQuantum() / ($farthest + 6.0)));
        $kernel = \ImagickKernel::fromBuiltin(\Imagick::KERNEL_EUCLIDEAN, self::NEIGHBOURS . ',' . $per);
        $image->morphology(\Imagick::MORPHOLOGY_DISTANCE, 1, $kernel);

        return $per;
    }

    /** A few columns on either side of the edge over all that a byte tells. */
    private function spread(\Imagick $image, float $edge, float $per): void
    {
        $perByte = $per / EdgeField::PER_COLUMN;
        $least = $edge - EdgeField::LEVEL * $perByte;
        $image->evaluateImage($least < 0.0 ? \Imagick::EVALUATE_ADD : \Imagick::EVALUATE_SUBTRACT, abs($least));
        $image->evaluateImage(\Imagick::EVALUATE_MULTIPLY, \Imagick::getQuantum() / 255.0 / $perByte);
    }
}
