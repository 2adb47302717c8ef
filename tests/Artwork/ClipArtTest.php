<?php

declare(strict_types=1);

namespace Wubbin\Tests\Artwork;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Artwork\SvgCleaner;
use Wubbin\Artwork\SvgInspector;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Tests\Slice;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Tests\Support\ClipArt;
use Wubbin\Tests\Support\ShopTestCase;

/**
 * Drawings that nobody drew for us, from the file to the cut line and the sheet; measured against what rsvg-convert
 * makes of the same files.
 */
final class ClipArtTest extends ShopTestCase
{
    protected const READS_ANEW = true;

    private const SEED = 20261128;

    /** The longer side. */
    private const LONG_MM = 90.0;
    private const MARGIN_MM = 3.0;

    /** What is seen for sure, and what is not any more, of 255 of alpha: where a shadow fades they lie far apart. */
    private const SEEN = 10;
    private const UNSEEN = 5;

    private const SLICES = 50;
    private const OF_A_SLICE = 10;

    /** Pixels a millimetre at which it is measured again. */
    private const FINE = 5;

    /** Nothing that is sound is refused: what is, is empty, refers to other files, or carries a script. */
    #[Group('long')]
    public function testTheLibraryPassesTheInspector(): void
    {
        $files = ClipArt::some(ClipArt::many(400, \PHP_INT_MAX), self::SEED);
        [$cleaner, $inspector] = [$this->service(SvgCleaner::class), $this->service(SvgInspector::class)];
        $refused = [];
        foreach ($files as $file) {
            try {
                $inspector->inspect($cleaner->clean((string) file_get_contents($file))->svg);
            } catch (InvalidInput $e) {
                $refused[basename($file)] = implode(' ', $e->errors);
            }
        }
        self::assertLessThanOrEqual(0.03 * count($files), count($refused), implode("\n", $refused));
        foreach ($refused as $file => $why) {
            self::assertMatchesRegularExpression(
                '/refers to another file|script|nothing to see|not a well-formed SVG/',
                $why,
                $file,
            );
        }
    }

    /** @return iterable<string, array{int}> */
    public static function slices(): iterable
    {
        foreach (Slice::of(range(0, self::SLICES - 1), self::SLICES) as $slice) {
            yield 'slice ' . $slice => [$slice];
        }
    }

    /** Five hundred of them, a slice at a time; most drawings have something to cut away. */
    #[Group('long')]
    #[Group('clip-art')]
    #[DataProvider('slices')]
    public function testTheirCutLinesAndSheetsAreWhatTheyAreMeasuredToBe(int $slice): void
    {
        $id = $this->readyJob();
        $revision = $this->read($this->ask('GET', '/api/jobs/' . $id))->integer('revision');
        $wrong = [];
        $cut = 0;
        $files = array_slice(ClipArt::some(500, self::SEED), $slice * self::OF_A_SLICE, self::OF_A_SLICE);
        foreach ($files as $k => $file) {
            $taken = $this->taken($file);
            if (null === $taken) {
                continue;
            }
            $side = $taken->number('width') >= $taken->number('height') ? 'width' : 'height';
            $view = $this->read(
                $this->ask('PATCH', '/api/jobs/' . $id, [
                    'revision' => $revision,
                    'changes' => [
                        'artwork' => $taken->string('sha256'),
                        $side => self::LONG_MM . ' mm',
                        'figure.trim' => self::MARGIN_MM . ' mm',
                    ],
                ]),
            );
            $revision = $view->integer('revision');
            $plan = $view->record('plan')->records('transfers')[0];
            $theirs = $this->drawn($file, $taken->string('sha256'));
            $look = $plan->record('look')->record('cut');
            if ($look->boolean('cut_out')) {
                ++$cut;
                $wrong = [...$wrong, ...$this->measured($file, $theirs, $look, $plan->record('placed'))];
            }
            if (0 === $k % 2) {
                $revision = $this->allowed($id, $revision, $file, $plan);
                $wrong = [...$wrong, ...$this->printed($id, $file, $theirs, $plan)];
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(0, $cut, 'there are drawings with something to cut away');
    }

    /**
     * A drawing that holds coarse pixels is printed with a reason, as a person would; nothing else may stop it.
     *
     * @return int the job's revision
     */
    private function allowed(string $id, int $revision, string $file, Record $plan): int
    {
        $stops = array_filter(
            $plan->records('checks'),
            static fn(Record $check): bool => 'stop' === $check->string('severity') &&
                'print' === $check->string('stage'),
        );
        if ([] === $stops) {
            return $revision;
        }
        self::assertSame(
            ['picture.resolution'],
            array_map(static fn(Record $c): string => $c->string('id'), array_values($stops)),
        );
        self::assertStringContainsString('<image', (string) file_get_contents($file), 'lines alone are never coarse');

        return $this->read(
            $this->ask('PATCH', '/api/jobs/' . $id, [
                'revision' => $revision,
                'changes' => ['override.picture.resolution' => 'Squares belong to it.'],
            ]),
        )->integer('revision');
    }

    /** @return Record|null null where it is refused, and why is told */
    private function taken(string $file): ?Record
    {
        $response = $this->upload($file, basename($file));
        if (422 === $response->getStatusCode()) {
            return null;
        }

        return $this->read($response, $response->getStatusCode());
    }

    /**
     * The cut line against the file itself, drawn anew: all that is seen lies inside, at the margin, and no farther.
     *
     * @return list<string> what is wrong
     */
    private function measured(string $file, \Imagick $theirs, Record $cut, Record $placed): array
    {
        $loops = self::loops($cut);
        $seen = clone $theirs;
        $seen->resizeImage(
            (int) round($placed->number('width_mm') * self::FINE),
            (int) round($placed->number('height_mm') * self::FINE),
            \Imagick::FILTER_BOX,
            1.0,
        );
        $seen->setImageAlphaChannel(\Imagick::ALPHACHANNEL_EXTRACT);
        $seen->setImageDepth(8);
        $seen->setImageFormat('gray');
        [$width, $height] = [$seen->getImageWidth(), $seen->getImageHeight()];
        $bytes = $seen->getImageBlob();

        $wrong = [];
        $outside = $this->outside($loops, $width, $height);
        $left = 0;
        for ($i = 0, $end = $width * $height; $i < $end; ++$i) {
            $left += ord($bytes[$i]) >= self::SEEN && "\xff" === $outside[$i] ? 1 : 0;
        }
        if ($left > 0) {
            $wrong[] = sprintf('%s: %d pixels outside', basename($file), $left);
        }
        $reach = (int) ceil((self::MARGIN_MM + 0.8) * self::FINE);
        $points = array_sum(array_map(count(...), $loops));
        foreach ($loops as $loop) {
            foreach ($loop as $k => [$x, $y]) {
                if (0 !== $k % max(1, intdiv($points, 40))) {
                    continue;
                }
                $at = [$x * self::FINE, $y * self::FINE];
                $near = self::nearest($bytes, $width, $height, $at, $reach, self::SEEN) / self::FINE - self::MARGIN_MM;
                $far = self::nearest($bytes, $width, $height, $at, $reach, self::UNSEEN) / self::FINE - self::MARGIN_MM;
                if ($near < -0.1 - 1.0 / self::FINE || $far > 0.5 + 1.0 / self::FINE) {
                    $wrong[] = sprintf('%s: %.2f to %.2f mm off the margin', basename($file), $near, $far);
                    break;
                }
            }
        }

        return $wrong;
    }

    /** @return list<list<array{float, float}>> */
    private static function loops(Record $cut): array
    {
        $loops = [];
        foreach ((array) ($cut->raw()['loops'] ?? []) as $loop) {
            $points = [];
            foreach ((array) $loop as $point) {
                [$x, $y] = array_values((array) $point) + [0.0, 0.0];
                $points[] = [is_numeric($x) ? (float) $x : 0.0, is_numeric($y) ? (float) $y : 0.0];
            }
            $loops[] = $points;
        }

        return $loops;
    }

    /**
     * How far the nearest pixel with so much alpha is from a point, in pixels.
     *
     * @param array{float, float} $at
     */
    private static function nearest(string $bytes, int $width, int $height, array $at, int $reach, int $alpha): float
    {
        [$x, $y] = $at;
        $least = (float) ($reach + 1);
        for ($row = max(0, (int) $y - $reach); $row <= min($height - 1, $y + $reach); ++$row) {
            for ($column = max(0, (int) $x - $reach); $column <= min($width - 1, $x + $reach); ++$column) {
                if (ord($bytes[$row * $width + $column]) >= $alpha) {
                    $least = min($least, hypot($column + 0.5 - $x, $row + 0.5 - $y) - 0.5);
                }
            }
        }

        return $least;
    }

    /**
     * @param list<list<array{float, float}>> $loops
     *
     * @return string a byte a pixel, 255 outside of all loops
     */
    private function outside(array $loops, int $width, int $height): string
    {
        $image = new \Imagick();
        $image->newImage($width, $height, 'white');
        $draw = new \ImagickDraw();
        $draw->setFillColor('black');
        $draw->setStrokeAntialias(false);
        foreach ($loops as $loop) {
            $draw->polygon(
                array_map(static fn(array $p): array => ['x' => $p[0] * self::FINE, 'y' => $p[1] * self::FINE], $loop),
            );
        }
        $image->drawImage($draw);
        $image->setImageDepth(8);
        $image->setImageFormat('gray');

        return $image->getImageBlob();
    }

    /**
     * A drawing by rsvg-convert alone, cut to where the picture is said to lie on its page:
     * whether it is all there is what the sheet shows.
     */
    private function drawn(string $file, string $sha256): \Imagick
    {
        $to = $this->data . '/theirs.png';
        $svg = $this->service(SvgCleaner::class)->clean((string) file_get_contents($file))->svg;
        $artwork = $this->service(ArtworkStore::class)->find($sha256) ?? self::fail('It was just taken in.');
        ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height] = $artwork->visibleInForm();
        $pixels = (int) min(9000, ceil(900.0 / max($width, $height)));
        $draw = ['rsvg-convert', '--format=png', '--keep-aspect-ratio', "--width=$pixels", "--height=$pixels"];
        (new Process([...$draw, '-o', $to], input: $svg))->mustRun();
        $page = new \Imagick('png:' . $to);
        [$w, $h] = [$page->getImageWidth(), $page->getImageHeight()];
        $page->cropImage(
            (int) round($width * $w),
            (int) round($height * $h),
            (int) round($x * $w),
            (int) round($y * $h),
        );
        $page->setImagePage(0, 0, 0, 0);

        return $page;
    }

    /**
     * The sheet, drawn by pdftocairo: the picture lies where the plan says, as large as it says, mirrored or not.
     *
     * @return list<string> what is wrong
     */
    private function printed(string $id, string $file, \Imagick $theirs, Record $plan): array
    {
        $sheet = $plan->record('sheet');
        $made = $this->read($this->ask('POST', '/api/jobs/' . $id . '/sheet'), 201)->string('id');
        $png = $this->data . '/sheet';
        (new Process([
            'pdftocairo',
            '-png',
            '-singlefile',
            '-r',
            '101.6',
            $this->data . '/sheets/' . $made . '.pdf',
            $png,
        ]))->mustRun();
        // 101.6 pixels an inch are four a millimetre.
        $place = $sheet->record('picture');
        $page = new \Imagick($png . '.png');
        $page->cropImage(
            (int) round(4.0 * $place->number('width_mm')),
            (int) round(4.0 * $place->number('height_mm')),
            (int) round(4.0 * $place->number('x_mm')),
            (int) round(4.0 * $place->number('y_mm')),
        );
        $page->setImagePage(0, 0, 0, 0);
        $theirs->setImageBackgroundColor('white');
        $theirs->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        if ($sheet->boolean('mirrored')) {
            $theirs->flopImage();
        }
        $theirs->resizeImage($page->getImageWidth(), $page->getImageHeight(), \Imagick::FILTER_BOX, 1.0);
        // A pixel to either side, and the thin line to cut along, are no difference.
        foreach ([$page, $theirs] as $image) {
            $image->blurImage(0.0, 2.0);
        }
        [, $difference] = $page->compareImages($theirs, \Imagick::METRIC_ROOTMEANSQUAREDERROR);

        // A hair that one draws thicker than the other makes a tenth in a drawing of hairs alone.
        return $difference < 0.15 ? [] : [sprintf('%s: the sheet differs by %.3f', basename($file), $difference)];
    }
}
