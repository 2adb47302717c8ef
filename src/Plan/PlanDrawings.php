<?php

declare(strict_types=1);

namespace Wubbin\Plan;

use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;
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

    /** So long a picture is kept at that size, in s. */
    private const KEPT_S = 86_400;

    /** @var array<string, string> pictures by their keys, as addresses that hold them */
    private array $pictures = [];

    private int $drawn = 0;

    public function __construct(
        private readonly FileStore $files,
        private readonly ArtworkStore $artwork,
        private readonly BentPictures $bent,
        private readonly CacheInterface $kept,
    ) {}

    public function svg(Drawing $drawing, UnitFormat $format): string
    {
        foreach ($drawing->marks as $mark) {
            if ($mark instanceof Printed) {
                $this->pictures[DrawingSvg::key($mark)] ??= $this->kept->get(
                    'shown-' . hash('sha256', DrawingSvg::key($mark)),
                    function (ItemInterface $item) use ($mark): string {
                        $picture = $this->picture($mark);
                        // One that is not there now may be there soon.
                        $item->expiresAfter('' === $picture ? 1 : self::KEPT_S);

                        return $picture;
                    },
                );
            }
        }

        return (new DrawingSvg(
            $format,
            array_filter($this->pictures, static fn(string $one): bool => '' !== $one),
            'd' . ++$this->drawn,
        ))->draw($drawing);
    }

    /** @return string nothing for a picture that this shop does not have */
    private function picture(Printed $mark): string
    {
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

            return 'data:image/png;base64,' . base64_encode($image->getImageBlob());
        } catch (Refusal | BadRecord | \ImagickException) {
            return '';
        }
    }
}
