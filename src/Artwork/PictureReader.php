<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\Progress;

/** Reads an uploaded picture, whatever its name says it is, and makes its preview and its form for printing. */
final readonly class PictureReader
{
    /** A raster picture of more pixels takes about a second or longer. */
    private const MANY_PIXELS = 6_000_000;

    /** So does a drawing of more bytes. */
    private const LARGE_DRAWING = 500_000;

    public function __construct(private RasterReader $raster, private SvgReader $svg, private PdfReader $pdf) {}

    /**
     * Whether reading it takes longer than a page should wait for: large ones, and those that another program unpacks.
     */
    public function takesLong(string $path): bool
    {
        $head = (string) file_get_contents($path, false, null, 0, 1024);
        $size = @getimagesize($path);

        return self::isPdf($head) ||
            SvgCleaner::isPacked($head) ||
            in_array(RasterFile::decoderFor($head), ['heic', 'avif'], true) ||
            (filesize($path) > self::LARGE_DRAWING && false === $size && null === RasterFile::decoderFor($head)) ||
            (false !== $size && $size[0] * $size[1] > self::MANY_PIXELS && RasterFile::takes($size[0], $size[1]));
    }

    /**
     * @param string $path of the upload
     * @param string $into an existing directory for what is made from it
     *
     * @throws Refusal when it is not a picture that Wubbin can print
     */
    public function read(string $path, string $into, Progress $progress): ReadPicture
    {
        $head = (string) file_get_contents($path, false, null, 0, 1024);
        $decoder = RasterFile::decoderFor($head);

        return match (true) {
            '' === $head => throw InvalidInput::field('file', 'This file is empty.'),
            null !== $decoder => $this->raster->read($path, $decoder, $into, $progress),
            self::isPdf($head) => $this->pdf->read($path, $into),
            SvgCleaner::isPacked($head),
            1 === preg_match('/<svg[\s>]|<!DOCTYPE\s+svg|<\?xml/i', $head)
                => $this->svg->read($path, $into, $progress),
            default => throw InvalidInput::field(
                'file',
                'This is not a PNG, JPEG, WebP, HEIC, AVIF, GIF, TIFF, BMP, SVG or PDF picture, whatever its name ' .
                    'says. Export it as one of these.',
            ),
        };
    }

    /** Its header may come after other bytes, but within the first 1024 (PDF 1.7 reference, implementation note 13). */
    private static function isPdf(string $head): bool
    {
        return str_contains($head, '%PDF-');
    }
}
