<?php

declare(strict_types=1);

namespace Wubbin\Tests\Support;

/** Makes the picture files that tests need, good and bad. */
final readonly class Pictures
{
    /** Four fields of colour, so that turning and mirroring show: red, green above blue, yellow. */
    public static function quarters(int $width, int $height): \Imagick
    {
        $image = new \Imagick();
        $image->newImage($width, $height, '#d02020', 'png');
        $draw = new \ImagickDraw();
        $draw->setStrokeAntialias(false);
        $draw->setFillColor('#20a040');
        $draw->rectangle($width / 2, 0, $width, $height / 2 - 1);
        $draw->setFillColor('#2040c0');
        $draw->rectangle(0, $height / 2, $width / 2 - 1, $height);
        $draw->setFillColor('#e0c020');
        $draw->rectangle($width / 2, $height / 2, $width, $height);
        $image->drawImage($draw);

        return $image;
    }

    public static function save(\Imagick $image, string $format, string $path): string
    {
        $image->setImageFormat($format);
        $image->setImageCompressionQuality(95);
        // When it was made: the same picture is to be the same file.
        $image->setOption('png:exclude-chunks', 'date,time');
        $image->writeImage($format . ':' . $path);

        return $path;
    }

    /** A JPEG whose camera was held so that the picture must be turned, by EXIF orientation 1 to 8. */
    public static function turnedJpeg(\Imagick $image, int $orientation, string $path): string
    {
        self::save($image, 'jpeg', $path);
        $tiff = "II*\0" . pack('V', 8) . pack('v', 1) . pack('vvVvv', 0x0112, 3, 1, $orientation, 0) . pack('V', 0);
        $body = "Exif\0\0" . $tiff;
        $jpeg = (string) file_get_contents($path);
        file_put_contents(
            $path,
            substr($jpeg, 0, 2) . "\xff\xe1" . pack('n', strlen($body) + 2) . $body . substr($jpeg, 2),
        );

        return $path;
    }

    /** A PNG that only says how large it is. */
    public static function declaredPng(int $width, int $height, string $path): string
    {
        $chunk = static fn(string $type, string $data): string => pack('N', strlen($data)) .
            $type .
            $data .
            pack('N', crc32($type . $data));
        file_put_contents(
            $path,
            "\x89PNG\r\n\x1a\n" .
                $chunk('IHDR', pack('NNCCCCC', $width, $height, 8, 2, 0, 0, 0)) .
                $chunk('IDAT', (string) gzcompress("\0")) .
                $chunk('IEND', ''),
        );

        return $path;
    }

    /** @return array{int, int, int} red, green and blue, 0 to 255 */
    public static function at(\Imagick $image, float $x, float $y): array
    {
        $colour = $image->getImagePixelColor((int) round($x), (int) round($y))->getColor();

        return [$colour['r'], $colour['g'], $colour['b']];
    }
}
