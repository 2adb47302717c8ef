<?php

declare(strict_types=1);

namespace Wubbin\Proof;

use Wubbin\Artwork\ReadPicture;
use Wubbin\Core\Artwork\Appearance;
use Wubbin\Core\Lettering\Lettering;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Storage\FileStore;

/** A piece in its colour with its pictures as they will look, as an SVG for paper. */
final readonly class ProofDrawing
{
    /** As fine as a hand's breadth on paper shows, in pixels. */
    private const PIXELS = 900;

    /** Of a piece on paper, in mm. */
    private const WIDE_MM = 82.0;
    private const HIGH_MM = 105.0;

    public function __construct(private FileStore $files, private string $dataDirectory) {}

    /**
     * @param non-empty-list<TransferPlan> $transfers of one side
     * @param array<int, Lettering|null> $words of the piece, by the picture's place in the job
     */
    public function piece(array $transfers, array $words): string
    {
        $first = $transfers[0];
        $box = null;
        $parts = '';
        foreach ($first->placing->size->drawing as $line) {
            if ([] === $line->points) {
                continue;
            }
            $box = null === $box ? Contour::box($line->points) : $box->around(Contour::box($line->points));
            $parts .= sprintf(
                '<path d="M%s%s" fill="%s" stroke="#444" stroke-width="0.6"/>',
                implode(
                    'L',
                    array_map(static fn(array $p): string => round($p[0], 2) . ' ' . round($p[1], 2), $line->points),
                ),
                $line->closed ? 'Z' : '',
                $line->closed ? $first->brief->job->blank->colour->toHex() : 'none',
            );
        }
        foreach ($transfers as $transfer) {
            $at = array_search($transfer->brief->transfer, $transfer->brief->job->transfers, true);
            $parts .= $this->placed($transfer, false === $at ? null : $words[$at] ?? null, $transfer->placing->placed);
        }

        return self::svg($box ?? Rect::mm(0.0, 0.0, 100.0, 100.0), $parts, self::WIDE_MM, self::HIGH_MM);
    }

    /** One print alone, on its piece's colour. */
    public function print(TransferPlan $transfer, Lettering $words, float $wideMm): string
    {
        $size = $transfer->placing->placed->size ?? null;
        if (null === $size) {
            return '';
        }
        $rect = Rect::at(0.0, 0.0, $size);
        $ground = sprintf(
            '<rect x="0" y="0" width="%s" height="%s" fill="%s"/>',
            $size->widthMm,
            $size->heightMm,
            $transfer->brief->job->blank->colour->toHex(),
        );

        return self::svg($rect, $ground . $this->placed($transfer, $words, $rect), $wideMm, $wideMm);
    }

    private function placed(TransferPlan $transfer, ?Lettering $words, ?Rect $rect): string
    {
        $artwork = $transfer->artwork();
        if (null === $rect || null === $artwork) {
            return '';
        }
        $own = $transfer->ownWords();

        return sprintf(
            '<image x="%s" y="%s" width="%s" height="%s" preserveAspectRatio="none" href="%s"/>',
            round($rect->xMm, 2),
            round($rect->yMm, 2),
            round($rect->size->widthMm, 2),
            round($rect->size->heightMm, 2),
            $this->worn($artwork, self::appearance($transfer)),
        ) .
            (null === $own || null === $words
                ? ''
                : sprintf(
                    '<path fill="%s" d="%s"/>',
                    $own->style->colour->toHex(),
                    $words->outline->movedBy($rect->xMm + $own->room->xMm, $rect->yMm + $own->room->yMm)->path(2),
                ));
    }

    private static function appearance(TransferPlan $transfer): ?Appearance
    {
        foreach ($transfer->placing->look->appearances ?? [] as $appearance) {
            if ('worn' === $appearance->id) {
                return $appearance;
            }
        }

        return null;
    }

    /** @return string where the picture lies as it will look: colours by the appearance's matrix, in linear light */
    private function worn(string $artwork, ?Appearance $as): string
    {
        $key = hash('sha256', $artwork . json_encode($as->matrix ?? [], \JSON_THROW_ON_ERROR));
        $shown = sprintf('%s/tmp/shown/%s.png', $this->dataDirectory, $key);
        if (!is_file($shown)) {
            $image = new \Imagick('png:' . $this->files->path($artwork, ReadPicture::PREVIEW));
            $image->thumbnailImage(self::PIXELS, self::PIXELS, true);
            if (null !== $as) {
                $image->setImageColorspace(\Imagick::COLORSPACE_SRGB);
                $image->transformImageColorspace(\Imagick::COLORSPACE_RGB);
                $matrix = [];
                foreach ($as->matrix as [$r, $g, $b, $one]) {
                    array_push($matrix, $r, $g, $b, 0.0, 0.0, $one);
                }
                array_push($matrix, ...[0.0, 0.0, 0.0, 1.0, 0.0, 0.0], ...[0.0, 0.0, 0.0, 0.0, 1.0, 0.0]);
                array_push($matrix, ...[0.0, 0.0, 0.0, 0.0, 0.0, 1.0]);
                $image->colorMatrixImage($matrix);
                $image->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
            }
            $image->setImageFormat('png');
            if (!is_dir(dirname($shown))) {
                mkdir(dirname($shown), 0o700, true);
            }
            $image->writeImage('png:' . $shown);
        }

        return 'file://' . $shown;
    }

    private static function svg(Rect $box, string $parts, float $wideMm, float $highMm): string
    {
        $scale = min($wideMm / $box->size->widthMm, $highMm / $box->size->heightMm);

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%smm" height="%smm" viewBox="%s %s %s %s">%s</svg>',
            round($box->size->widthMm * $scale, 2),
            round($box->size->heightMm * $scale, 2),
            round($box->xMm - 1.0, 2),
            round($box->yMm - 1.0, 2),
            round($box->size->widthMm + 2.0, 2),
            round($box->size->heightMm + 2.0, 2),
            $parts,
        );
    }
}
