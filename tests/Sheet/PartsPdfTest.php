<?php

declare(strict_types=1);

namespace Wubbin\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ColourDifference;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

/**
 * Sheets as they are printed: parts that come together again, mirrored in one place, bars of true length; and the bench
 * card.
 */
final class PartsPdfTest extends ShopTestCase
{
    private const DPI = 100;
    private const DPMM = self::DPI / 25.4;

    /** A picture in which every place looks unlike its neighbours. */
    private function picture(): string
    {
        $image = new \Imagick();
        $image->newPseudoImage(2400, 1851, 'gradient:#e03020-#2040d0');
        $across = new \Imagick();
        $across->newPseudoImage(1851, 2400, 'gradient:#00c000-#000000');
        $across->rotateImage('#000000', 90.0);
        $image->compositeImage($across, \Imagick::COMPOSITE_PLUS, 0, 0);

        return $this->read(
            $this->upload(Pictures::save($image, 'png', $this->data . '/whole.png'), 'whole.png'),
            201,
        )->string('sha256');
    }

    /**
     * @param array<string, string> $changes
     *
     * @return array{Record, list<\Imagick>} the plan of its picture, and the rendered pages
     */
    private function printed(array $changes, string $id = 'apron'): array
    {
        $this->read(
            $this->ask('POST', '/api/jobs', [
                'id' => $id,
                'name' => 'Apron',
                'changes' => $changes + [
                    'artwork' => $this->picture(),
                    'kind' => 'apron',
                    'size' => 'picking-apron',
                    'material' => 'polyester',
                    'route' => 'sublimation',
                ],
            ]),
            201,
        );
        $plan = $this->read($this->ask('GET', '/api/jobs/' . $id))->record('plan')->records('transfers')[0];
        $sheet = $this->read($this->ask('POST', '/api/jobs/' . $id . '/sheet'), 201);
        (new Process([
            'pdftoppm',
            '-png',
            '-r',
            (string) self::DPI,
            $this->data . '/sheets/' . $sheet->string('id') . '.pdf',
            $this->data . '/' . $id . '-page',
        ]))->mustRun();
        $pages = array_map(
            static fn(mixed $path): \Imagick => new \Imagick((string) $path),
            (array) glob($this->data . '/' . $id . '-page-*.png'),
        );

        return [$plan, $pages];
    }

    /** @return iterable<string, array{string, string}> */
    public static function printers(): iterable
    {
        yield 'the file mirrors' => ['file', '500 mm'];
        yield 'the driver mirrors' => ['driver', '480 mm'];
    }

    /** Over a traced outline nothing is printed beyond its overscan: as much ink as that area, and no rectangle's. */
    public function testOverATracedOutlineItIsClippedToTheOutlineAndItsOverscan(): void
    {
        $this->readyJob();
        $inked = function (string $size): float {
            [$plan, $pages] = $this->printed(['size' => $size, 'width' => '500 mm', 'below' => '0 mm'], $size);
            $all = 0.0;
            foreach ($plan->record('tiling')->records('tiles') as $tile) {
                $all += $tile->number('width_mm') * $tile->number('height_mm');
            }
            $ink = 0.0;
            foreach ($pages as $page) {
                $page->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
                $page->thresholdImage(0.97 * \Imagick::getQuantum());
                $mean = $page->getImageChannelMean(\Imagick::CHANNEL_RED)['mean'] / \Imagick::getQuantum();
                $ink += ((1.0 - $mean) * ($page->getImageWidth() * $page->getImageHeight())) / self::DPMM ** 2;
            }

            return $ink / $all;
        };
        // Of a rectangle of 500 × 386 mm from its upper edge, by the trapezia between the points of this outline.
        self::assertEqualsWithDelta(0.765, $inked('picking-apron') / $inked('apron'), 0.03);
    }

    /**
     * The pages are cut along their trim lines here and put together by the plan's drawing; turned back, they are the
     * picture.
     */
    #[DataProvider('printers')]
    public function testPartsPutTogetherAreTheWholePicture(string $mirrors, string $width): void
    {
        $this->readyJob();
        $this->read(
            $this->ask('PUT', '/api/printers/inkjet-sublimation', [
                'mirrors' => $mirrors,
                'largest' => 'supertabloid',
                'trays' => [['id' => 'rear', 'label' => 'rear', 'straight' => true]],
            ]),
        );
        [$plan, $pages] = $this->printed(['width' => $width]);
        $tiling = $plan->record('tiling');
        self::assertCount(count($tiling->records('sheets')), $pages);
        $size = static fn(float $mm): int => (int) round($mm * self::DPMM);
        $whole = new \Imagick();
        $whole->newImage($size($tiling->number('width_mm')), $size($tiling->number('height_mm')), '#ff00ff', 'png');
        $parts = array_column(
            array_map(static fn(Record $tile): array => [$tile->string('name'), $tile], $tiling->records('tiles')),
            1,
            0,
        );
        foreach ($tiling->records('sheets') as $n => $sheet) {
            $page = $pages[$n];
            if ('driver' === $mirrors) {
                // The driver turns the whole page about.
                $page->flopImage();
            }
            foreach ($sheet->records('tiles') as $placed) {
                $part = clone $page;
                $takes = $placed->record('takes');
                $part->cropImage(
                    $size($takes->number('width_mm')),
                    $size($takes->number('height_mm')),
                    $size($takes->number('x_mm')),
                    $size($takes->number('y_mm')),
                );
                $part->setImagePage(0, 0, 0, 0);
                if ($placed->boolean('sideways')) {
                    // It was turned with the clock.
                    $part->rotateImage('#ffffff', -90.0);
                }
                $part->cropImage(
                    $size($placed->number('width_mm')),
                    $size($placed->number('height_mm')),
                    $size($placed->number('x_mm') - $takes->number('x_mm')),
                    $size($placed->number('y_mm') - $takes->number('y_mm')),
                );
                $part->setImagePage(0, 0, 0, 0);
                $part->flopImage();
                $tile = $parts[$placed->string('tile')];
                $whole->compositeImage(
                    $part,
                    \Imagick::COMPOSITE_OVER,
                    $size($tile->number('x_mm')),
                    $size($tile->number('y_mm')),
                );
            }
        }
        $this->assertIsTheWholePicture($whole);
    }

    private function assertIsTheWholePicture(\Imagick $whole): void
    {
        $expected = new \Imagick($this->data . '/whole.png');
        $expected->resizeImage($whole->getImageWidth(), $whole->getImageHeight(), \Imagick::FILTER_TRIANGLE, 1.0);
        $differences = [];
        for ($x = 25; $x < $whole->getImageWidth() - 10; $x += 37) {
            for ($y = 25; $y < $whole->getImageHeight() - 10; $y += 37) {
                $differences[] = ColourDifference::ofRgb(Pictures::at($expected, $x, $y), Pictures::at($whole, $x, $y));
            }
        }
        sort($differences);
        self::assertLessThan(1.0, array_sum($differences) / count($differences), 'mean CIEDE2000');
        // Of hundreds of places only those on a trim line, which is printed over the edge, may differ.
        self::assertLessThan(2.0, $differences[(int) (0.97 * count($differences))]);
    }

    /** Dark runs along both bars, measured in the rendered page. */
    public function testBarsAreAHundredMillimetresLongInBothDirections(): void
    {
        $this->readyJob();
        [$plan, $pages] = $this->printed(['width' => '480 mm']);
        $bars = array_values(
            array_filter(
                $plan->record('tiling')->records('sheets')[0]->records('marks'),
                static fn(Record $mark): bool => 'check-bar' === $mark->string('kind'),
            ),
        );
        self::assertCount(2, $bars);
        foreach ($bars as $bar) {
            $upright = $bar->boolean('turned');
            $middle = static fn(string $from, string $size): int => (int) round(
                ($bar->number($from) + $bar->number($size) / 2.0) * self::DPMM,
            );
            $dark = static function (int $at) use ($pages, $upright, $middle): bool {
                $least = 255;
                for ($off = -1; $off <= 1; ++$off) {
                    $least = min(
                        $least,
                        $upright
                            ? Pictures::at($pages[0], $middle('x_mm', 'width_mm') + $off, $at)[0]
                            : Pictures::at($pages[0], $at, $middle('y_mm', 'height_mm') + $off)[0],
                    );
                }

                return $least < 160;
            };
            // From its middle outward, to both ends.
            $from = $to = $upright ? $middle('y_mm', 'height_mm') : $middle('x_mm', 'width_mm');
            while ($dark($from - 1)) {
                --$from;
            }
            while ($dark($to + 1)) {
                ++$to;
            }
            self::assertEqualsWithDelta(100.0, ($to - $from) / self::DPMM, 0.4);
        }
    }

    public function testTheBenchCardHasTicketStackAndSteps(): void
    {
        $this->readyJob();
        $card = $this->ask('GET', '/api/jobs/crew/card.pdf');
        self::assertSame('application/pdf', $card->headers->get('Content-Type'));
        file_put_contents($this->data . '/card.pdf', (string) $card->getContent());
        $text = (new Process(['pdftotext', '-layout', $this->data . '/card.pdf', '-']))->mustRun()->getOutput();
        foreach (
            [
                'Crew shirts',
                'Ticket',
                'Layers, from top to bottom',
                'printed side down',
                'Mirror',
                'Steps',
                'Peel the backing',
            ]
            as $words
        ) {
            self::assertStringContainsString($words, $text);
        }
    }

    /** A file that the system does not let grow stands for a full disk: it says so, and leaves nothing behind. */
    public function testAFullDiskLeavesNoHalfSheet(): void
    {
        $out = $this->data . '/out';
        mkdir($out);
        // What the program keeps for itself is written before.
        (new Process([
            \PHP_BINARY,
            self::PROJECT . '/bin/wubbin',
            'plan',
            self::PROJECT . '/demo/jobs/night-candles.json',
        ]))->mustRun();
        $process = Process::fromShellCommandline(
            sprintf(
                "trap '' XFSZ; ulimit -f 24; exec %s %s sheet %s --out %s",
                escapeshellarg(\PHP_BINARY),
                escapeshellarg(self::PROJECT . '/bin/wubbin'),
                escapeshellarg(self::PROJECT . '/demo/jobs/night-candles.json'),
                escapeshellarg($out . '/sheet.pdf'),
            ),
        );
        $process->run();
        self::assertSame(1, $process->getExitCode(), $process->getOutput() . $process->getErrorOutput());
        self::assertStringContainsString('The disk may be full', $process->getErrorOutput());
        self::assertSame([], array_diff((array) scandir($out), ['.', '..']));
    }

    /** Two people ask for the same sheet at once: both get one, whole. */
    public function testASheetThatIsAskedForTwiceAtOnceIsThereWholeBothTimes(): void
    {
        $this->readyJob();
        $first = $this->read($this->ask('POST', '/api/jobs/crew/sheet'), 201);
        $second = $this->read($this->ask('POST', '/api/jobs/crew/sheet'), 201);
        self::assertSame($first->string('id'), $second->string('id'));
        (new Process(['pdfinfo', $this->data . '/sheets/' . $first->string('id') . '.pdf']))->mustRun();
    }
}
