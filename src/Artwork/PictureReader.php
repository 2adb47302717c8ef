<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Http\Problem;

/** Reads an uploaded picture, whatever its name says it is, and makes its preview and its form for printing. */
final readonly class PictureReader
{
    public function __construct(private RasterReader $raster, private SvgReader $svg, private PdfReader $pdf)
    {
    }

    /**
     * @param string $path of the upload
     * @param string $into an existing directory for what is made from it
     *
     * @throws Problem when it is not a picture that Wubbin can print
     */
    public function read(string $path, string $into): ReadPicture
    {
        $head = (string) file_get_contents($path, false, null, 0, 1024);
        $decoder = RasterFile::decoderFor($head);

        return match (true) {
            '' === $head => throw Problem::field('file', 'This file is empty.'),
            null !== $decoder => $this->raster->read($path, $decoder, $into),
            1 === preg_match('/<svg[\s>]|<!DOCTYPE\s+svg|<\?xml/i', $head) => $this->svg->read($path, $into),
            str_starts_with($head, '%PDF-') => $this->pdf->read($path, $into),
            default => throw Problem::field('file', 'This is not a PNG, JPEG, WebP, HEIC, SVG or PDF picture, whatever its name says. Export it as one of these.'),
        };
    }
}
