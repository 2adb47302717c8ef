<?php

declare(strict_types=1);

namespace Wubbin\Plan;

use Symfony\Component\Filesystem\Filesystem;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Artwork\BentPictures;
use Wubbin\Artwork\ReadPicture;
use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Printed;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Pdf\DrawingSvg;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\FileStore;

/** Drawings of steps for paper, with the pictures of this shop in them. */
final class PlanDrawings
{
    /** As fine as a drawing of a hand's breadth shows, in pixels. */
    private const PIXELS = 420;

    /** @var array<string, string> where pictures lie, by their keys */
    private array $pictures = [];

    private int $drawn = 0;

    public function __construct(
        private readonly FileStore $files,
        private readonly ArtworkStore $artwork,
        private readonly BentPictures $bent,
        private readonly string $dataDirectory,
    ) {}

    public function svg(Drawing $drawing, UnitFormat $format): string
    {
        foreach ($drawing->marks as $mark) {
            if ($mark instanceof Printed) {
                $this->pictures[DrawingSvg::key($mark)] ??= $this->picture($mark);
            }
        }

        return (new DrawingSvg(
            $format,
            array_filter($this->pictures, static fn(string $one): bool => '' !== $one),
            'd' . ++$this->drawn,
        ))->draw($drawing);
    }

    /** @return string where it lies at that size; nothing for a picture that this shop does not have */
    private function picture(Printed $mark): string
    {
        // One file for all papers: read once by whoever lays them out, however often it is shown.
        $shown = sprintf('%s/tmp/shown/%s.png', $this->dataDirectory, hash('sha256', DrawingSvg::key($mark)));
        if (is_file($shown)) {
            return 'file://' . $shown;
        }
        try {
            // The console draws jobs of no shop: it has no such file then, and no database to ask.
            if (!is_file($this->files->path($mark->artwork, ReadPicture::PREVIEW))) {
                return '';
            }
            $artwork = null === $mark->bend ? null : $this->artwork->find($mark->artwork);
            if (null === $mark->bend || null === $artwork) {
                $png = (string) file_get_contents($this->files->path($mark->artwork, ReadPicture::PREVIEW));
            } else {
                parse_str($mark->bend, $query);
                $png = $this->bent->preview(
                    $artwork,
                    Bend::fromQuery(array_combine(array_map(strval(...), array_keys($query)), $query)),
                );
            }
            $image = new \Imagick();
            $image->readImageBlob($png);
            $image->thumbnailImage(self::PIXELS, self::PIXELS, true);
            $image->setImageFormat('png');

            (new Filesystem())->dumpFile($shown, $image->getImageBlob());

            return 'file://' . $shown;
        } catch (Refusal | BadRecord | \ImagickException) {
            return '';
        }
    }
}
