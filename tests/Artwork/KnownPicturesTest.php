<?php

declare(strict_types=1);

namespace Wubbin\Tests\Artwork;

use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Artwork\SvgCleaner;
use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\CutOut\CutOut;
use Wubbin\Core\Artwork\CutOut\Stroke;
use Wubbin\Core\Artwork\CutOut\Superpixels;
use Wubbin\Core\Artwork\LabPlanes;
use Wubbin\Core\Artwork\Mask;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Tests\Support\ClipArt;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

/** Pictures of which it is known what is in them: they were put together here of parts that are known. */
#[Group('reading')]
final class KnownPicturesTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    private const SEED = 18;

    /** Curves of a width that the drawing names: at nine of ten it is told within a third. */
    #[Group('long')]
    public function testTheFinestLineIsToldWithinAThird(): void
    {
        mt_srand(self::SEED);
        $right = 0;
        $told = [];
        $many = ClipArt::many(4, 20);
        for ($k = 0; $k < $many; ++$k) {
            // From a thousandth to a hundredth of the width.
            $wide = 0.2 * 10.0 ** ($k / ($many - 1.0));
            $path = '';
            for ($n = 0; $n < 8; ++$n) {
                $path .= sprintf('%s%d %d ', 0 === $n ? 'M' : 'L', mt_rand(20, 180), mt_rand(20, 180));
            }
            file_put_contents(
                $this->data . '/in',
                '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 200" width="200" height="200">' .
                    '<rect x="0" y="0" width="200" height="24" fill="#7a4a20"/>' .
                    sprintf('<path d="%s" fill="none" stroke="#20402a" stroke-width="%.4F"/>', $path, $wide) .
                    '<rect x="0" y="176" width="200" height="24" fill="#7a4a20"/></svg>',
            );
            $finest = 200.0 * ($this->looked($this->data . '/in')->strokes->finest() ?? 0.0);
            $right += $finest > $wide / 1.5 && $finest < $wide * 1.5 ? 1 : 0;
            $told[] = sprintf('%.2f of %.2f', $finest, $wide);
        }
        self::assertGreaterThanOrEqual(0.9 * $many, $right, implode(', ', $told));
    }

    /** Drawings saved as JPEG on white, as they come from anywhere: hardly one is taken for a photograph. */
    #[Group('long')]
    public function testADrawingIsADrawingAsJpegToo(): void
    {
        $many = ClipArt::many(5, 40);
        $wrong = [];
        foreach (ClipArt::some($many, self::SEED) as $file) {
            $this->render($file, ['-background', 'white', '-flatten', '-quality', '85', 'jpeg:' . $this->data . '/in']);
            if ($this->looked($this->data . '/in')->photograph) {
                $wrong[] = basename($file);
            }
        }
        self::assertLessThanOrEqual(0.2 * $many, count($wrong), implode(', ', $wrong));
    }

    /**
     * Clip art before a landscape of plasma, cut out again by one stroke over it, one round it, and at most two where
     * most is wrong: nineteen parts of twenty overlap.
     */
    #[Group('long')]
    public function testAThingIsCutOutOfAPhotographByFourStrokes(): void
    {
        $overlaps = [];
        foreach (ClipArt::some(200, self::SEED) as $k => $file) {
            if (count($overlaps) >= ClipArt::many(2, 20)) {
                break;
            }
            $seen = $this->render($file, ['-resize', '260x260', 'png:' . $this->data . '/thing']);
            [, , , $depths] = self::deepest($seen);
            $thick = count(array_filter($depths, static fn(float $depth): bool => $depth > 6.0));
            // A thing, as people and animals are: no rectangle, and little of it hairs.
            if ($seen->share() > 0.85 || $thick < 0.65 * $seen->count()) {
                continue;
            }
            $photo = new \Imagick();
            $photo->setOption('seed', (string) $k);
            $photo->newPseudoImage(400, 300, ['plasma:green-skyblue', 'plasma:tan-olive', 'plasma:gray-navy'][$k % 3]);
            $photo->addNoiseImage(\Imagick::NOISE_GAUSSIAN);
            $at = [intdiv(400 - $seen->width, 2), intdiv(300 - $seen->height, 2)];
            $photo->compositeImage(new \Imagick('png:' . $this->data . '/thing'), \Imagick::COMPOSITE_OVER, ...$at);
            $photo->setImageAlphaChannel(\Imagick::ALPHACHANNEL_OPAQUE);
            $photo->setImageDepth(8);
            $photo->setImageFormat('rgba');
            $bitmap = Bitmap::fromRgba(400, 300, $photo->getImageBlob());
            $patches = Superpixels::of(LabPlanes::of($bitmap), 400, 300, 2000);
            $overlaps[basename($file)] = $this->cutOut($patches, self::placed($seen, ...$at), $at);
        }
        self::assertGreaterThanOrEqual(0.95, array_sum($overlaps) / count($overlaps), (string) json_encode($overlaps));
    }

    /**
     * As a person would: over it, round it, and twice where it is wrong.
     *
     * @param array{int, int} $at
     *
     * @return float what overlaps of both, of what either covers
     */
    private function cutOut(Superpixels $patches, Mask $truth, array $at): float
    {
        [$x, $y, $deep, $depths] = self::deepest($truth);
        $inner = [];
        foreach ($depths as $i => $depth) {
            if ($depth > 0.45 * $deep) {
                $inner[] = [$i % 400, intdiv($i, 400)];
            }
        }
        usort($inner, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $over = [[$x, $y], ...[] === $inner ? [] : [$inner[0], [$x, $y], $inner[count($inner) - 1]]];
        $round = [
            [$at[0] - 12, $at[1] - 12],
            [400 - $at[0] + 12, $at[1] - 12],
            [400 - $at[0] + 12, 300 - $at[1] + 12],
            [$at[0] - 12, 300 - $at[1] + 12],
            [$at[0] - 12, $at[1] - 12],
        ];
        $strokes = [self::stroke('keep', $over, 0.012), self::stroke('remove', $round, 0.012)];
        $overlap = 0.0;
        for ($mended = 0; $mended <= 2; ++$mended) {
            $cut = CutOut::of($patches, Stroke::parse(implode(';', $strokes)));
            $both = $cut->and($truth)->count();
            $overlap = $both / ($cut->count() + $truth->count() - $both);
            [$mx, $my, $missed] = self::deepest($cut->inverse()->and($truth));
            [$tx, $ty, $toomuch] = self::deepest($cut->and($truth->inverse()));
            $strokes[] =
                $missed >= $toomuch
                    ? self::stroke('keep', [[$mx, $my]], min(0.02, max(0.004, (1.2 * $missed) / 400)))
                    : self::stroke('remove', [[$tx, $ty]], min(0.02, max(0.004, (1.2 * $toomuch) / 400)));
        }

        return $overlap;
    }

    /** @return array{int, int, float, array<int, float>} where it is deepest, how deep, and how deep everywhere */
    private static function deepest(Mask $mask): array
    {
        $depths = [];
        [$at, $deep] = [0, 0.0];
        $wide = $mask->width + 2;
        foreach ($mask->framed(1)->inverse()->distances() as $i => $depth) {
            $pixel = (intdiv($i, $wide) - 1) * $mask->width + ($i % $wide) - 1;
            $depths[$pixel] = $depth;
            [$at, $deep] = $depth > $deep ? [$pixel, $depth] : [$at, $deep];
        }

        return [$at % $mask->width, intdiv($at, $mask->width), $deep, $depths];
    }

    /** @param list<array{int|float, int|float}> $points */
    private static function stroke(string $what, array $points, float $wide): string
    {
        return sprintf('%s %.4F', $what, $wide) .
            implode(
                '',
                array_map(static fn(array $p): string => sprintf(' %.4F %.4F', $p[0] / 400, $p[1] / 300), $points),
            );
    }

    /** In the photograph; what is seen through it belongs to it, since scissors cut no holes. */
    private static function placed(Mask $seen, int $x, int $y): Mask
    {
        $rows = str_split($seen->set, $seen->width);
        $side = [str_repeat("\0", $x), str_repeat("\0", 400 - $x - $seen->width)];
        $set =
            str_repeat("\0", 400 * $y) .
            implode('', array_map(static fn(string $row): string => $side[0] . $row . $side[1], $rows)) .
            str_repeat("\0", 400 * (300 - $y - $seen->height));

        $outside = new \Imagick();
        $outside->setOption('depth', '8');
        $outside->setSize(400, 300);
        $outside->readImageBlob("P5\n400 300\n255\n" . strtr($set, "\1", "\xff"));
        $outside->floodFillPaintImage('gray50', 0.0, 'black', 0, 0, false);
        $outside->setImageDepth(8);
        $outside->setImageFormat('gray');

        return Mask::fromBits(400, 300, strtr($outside->getImageBlob(), "\0\x7f\x80\xff", "\1\0\0\1"));
    }

    /**
     * @param list<string> $arguments of ImageMagick's command line
     *
     * @return Mask what is seen of it, at the size that was asked for
     */
    private function render(string $file, array $arguments): Mask
    {
        $to = $this->data . '/drawn.png';
        $svg = $this->service(SvgCleaner::class)->clean((string) file_get_contents($file))->svg;
        $draw = ['rsvg-convert', '--format=png', '--keep-aspect-ratio', '--width=900', '--height=900', '-o', $to];
        (new Process($draw, input: $svg))->mustRun();
        $trim = ['-bordercolor', 'none', '-border', '1', '-trim', '+repage'];
        (new Process(['convert', $to, ...$trim, ...$arguments]))->mustRun();
        $made = (string) preg_replace('/^\w+:/', '', $arguments[count($arguments) - 1]);
        $seen = new \Imagick($made);
        $seen->setImageAlphaChannel(\Imagick::ALPHACHANNEL_EXTRACT);
        $seen->thresholdImage(0.5 * \Imagick::getQuantum());
        $seen->setImageDepth(8);
        $seen->setImageFormat('gray');

        return Mask::fromBits(
            max(1, $seen->getImageWidth()),
            max(1, $seen->getImageHeight()),
            strtr($seen->getImageBlob(), "\xff", "\1"),
        );
    }

    private function looked(string $path): Traits
    {
        return $this->service(ArtworkStore::class)->read($path, 'picture')->picture()->traits ??
            self::fail('It was just looked at.');
    }
}
