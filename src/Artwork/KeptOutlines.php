<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;
use Wubbin\Core\Artwork\CutLine;
use Wubbin\Core\Artwork\Outlines;
use Wubbin\Core\Measure\Size;

/** The lines round one picture, each worked out once and kept for a while: a plan asks for the same one every time. */
final readonly class KeptOutlines implements Outlines
{
    private const KEPT_S = 30 * 86400;

    /** @param string $coverage file with what is seen of it */
    public function __construct(private string $sha256, private string $coverage, private CacheInterface $cache) {}

    public function at(Size $printed, float $marginMm): CutLine
    {
        return $this->kept(
            'outline',
            $printed,
            $marginMm,
            fn(): CutLine => CutLine::around(new PixelCoverage($this->coverage), $printed, $marginMm),
        );
    }

    /** Straight across hollows and gaps. */
    public function easierAt(Size $printed, float $marginMm): CutLine
    {
        return $this->kept(
            'easier',
            $printed,
            $marginMm,
            fn(): CutLine => CutLine::easierAround(new PixelCoverage($this->coverage), $printed, $marginMm),
        );
    }

    /** @param \Closure(): CutLine $work */
    private function kept(string $which, Size $printed, float $marginMm, \Closure $work): CutLine
    {
        return $this->cache->get(
            sprintf(
                '%s.%d.%s.%.3F.%.3F.%.3F',
                $which,
                CutLine::EDITION,
                $this->sha256,
                $printed->widthMm,
                $printed->heightMm,
                $marginMm,
            ),
            static function (ItemInterface $item) use ($work): CutLine {
                $item->expiresAfter(self::KEPT_S);

                return $work();
            },
        );
    }
}
