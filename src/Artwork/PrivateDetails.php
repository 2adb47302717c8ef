<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Refusal\Refusal;
use Wubbin\Storage\FileStore;
use Wubbin\Task\OutsideProgram;
use Wubbin\Task\ProgramFailed;

/**
 * Takes out of a photo where and when it was taken, by whom and with what. Pixels stay as they are; so do the colour
 * profile and which way is up, without which it would print otherwise.
 */
final readonly class PrivateDetails
{
    private const SECONDS = 20.0;
    private const CLEAN = 'clean';

    /** What such details are announced by, in JPEG, WebP and GIF. */
    private const ANNOUNCED = '/Exif\0\0|EXIF|ns\.adobe\.com\/xap|XMP |Photoshop 3\.0/';

    public function __construct(private FileStore $files) {}

    /**
     * @param string $into a directory for what is made
     *
     * @return string the path itself where there is nothing to take out of it
     *
     * @throws Refusal where it cannot be read
     */
    public function without(string $path, string $into): string
    {
        $head = (string) file_get_contents($path, false, null, 0, 16);
        $decoder = RasterFile::decoderFor($head);
        if (null === $decoder || !self::has($path, $decoder)) {
            return $path;
        }
        $clean = $into . '/' . self::CLEAN;
        $png = 'png' === $decoder ? (string) file_get_contents($path) : '';
        // Which way is up stands in EXIF, and is kept by the program that knows it.
        if ('png' === $decoder && !in_array('eXIf', PngChunks::names($png), true)) {
            file_put_contents($clean, PngChunks::withoutWords($png));

            return $clean;
        }
        try {
            OutsideProgram::run(
                [
                    'exiftool',
                    '-q',
                    '-m',
                    '-all=',
                    // In TIFF who made it stands among what the picture itself needs.
                    '-CommonIFD0=',
                    '--icc_profile:all',
                    '-tagsfromfile',
                    '@',
                    '-orientation',
                    '-o',
                    $clean,
                    $path,
                ],
                self::SECONDS,
            );
        } catch (ProgramFailed) {
            throw RasterFile::damaged($decoder);
        }

        return is_file($clean) ? $clean : $path;
    }

    /** A file of the store as it may leave the shop; made once, beside it. */
    public function storedWithout(string $sha256, string $name = 'original'): string
    {
        $path = $this->files->path($sha256, $name);
        $decoder = RasterFile::decoderFor((string) @file_get_contents($path, false, null, 0, 16));
        if (null === $decoder || !self::has($path, $decoder)) {
            return $path;
        }
        $made = self::CLEAN . '-' . $name;
        if (!is_file($this->files->path($sha256, $made))) {
            $into = sys_get_temp_dir() . '/wubbin-' . bin2hex(random_bytes(8));
            mkdir($into, 0o700);
            try {
                $clean = $this->without($path, $into);
                $this->files->write($sha256, $made, static fn(string $to): bool => copy($clean, $to));
            } finally {
                array_map(unlink(...), array_filter((array) glob($into . '/*'), is_string(...)));
                rmdir($into);
            }
        }

        return $this->files->path($sha256, $made);
    }

    private static function has(string $path, string $decoder): bool
    {
        return match ($decoder) {
            'png' => PngChunks::hasWords((string) file_get_contents($path)),
            // There they are parts among others, without a name of their own.
            'heic', 'avif', 'tiff' => true,
            default => 1 === preg_match(self::ANNOUNCED, (string) file_get_contents($path)),
        };
    }
}
