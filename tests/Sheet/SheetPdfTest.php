<?php

declare(strict_types=1);

namespace Wubbin\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ColourDifference;
use Wubbin\Tests\Support\Pictures;
use Wubbin\Tests\Support\ShopTestCase;

/** The PDF as poppler sees it, held against the picture that ImageMagick mirrors and places. */
final class SheetPdfTest extends ShopTestCase
{
    private const DPI = 300;

    /** @return iterable<string, array{string, string}> */
    public static function pictures(): iterable
    {
        yield 'PNG' => ['png', '100 mm'];
        yield 'JPEG' => ['jpeg', '160 mm'];
        yield 'WebP' => ['webp', '120 mm'];
        yield 'SVG' => ['svg', '140 mm'];
    }

    #[DataProvider('pictures')]
    public function testThePictureIsMirroredInPlaceAndTrueInColour(string $format, string $width): void
    {
        $this->readyJob();
        [$sheet, $page] = $this->printed($this->picture($format), ['width' => $width]);
        $rect = $sheet->record('picture');
        $at = static fn(string $key): float => ($rect->number($key) / 25.4) * self::DPI;
        $expected = new \Imagick($this->data . '/expected.png');
        $expected->flopImage();
        $expected->resizeImage(
            (int) round($at('width_mm')),
            (int) round($at('height_mm')),
            \Imagick::FILTER_TRIANGLE,
            1.0,
        );

        $differences = [];
        $cell = $expected->getImageWidth() / 20.0;
        for ($i = 1; $i < 20; ++$i) {
            for ($j = 1; $j < 15; ++$j) {
                // Away from the edges between the fields, where rendering may blend.
                if (10 === $i || abs($j * $cell - $expected->getImageHeight() / 2.0) < $cell) {
                    continue;
                }
                $differences[] = ColourDifference::ofRgb(
                    Pictures::at($expected, $i * $cell, $j * $cell),
                    Pictures::at($page, $at('x_mm') + $i * $cell, $at('y_mm') + $j * $cell),
                );
            }
        }
        self::assertLessThan(1.0, array_sum($differences) / count($differences), 'mean CIEDE2000');
        $this->assertEdges($page, $at('x_mm'), $at('y_mm'), $at('width_mm'), $at('height_mm'));
    }

    public function testThePageIsTheSheetAndTheCheckBarIsTrue(): void
    {
        $this->readyJob();
        [$sheet, $page, $pdf] = $this->printed($this->picture('png'), ['width' => '100 mm']);
        $info = (new Process(['pdfinfo', $pdf]))->mustRun()->getOutput();
        self::assertMatchesRegularExpression('/Page size:\s+595\.2[78]\d* x 841\.89\d* pts \(A4\)/', $info);
        self::assertMatchesRegularExpression('/Pages:\s+1\b/', $info);

        $bar = array_values(
            array_filter($sheet->records('marks'), static fn(Record $m): bool => 'check-bar' === $m->string('kind')),
        )[0];
        $y = (int) round((($bar->number('y_mm') + $bar->number('height_mm') / 2.0) / 25.4) * self::DPI);
        $dark = static fn(int $x): bool => min(
            Pictures::at($page, $x, $y - 1)[0],
            Pictures::at($page, $x, $y)[0],
            Pictures::at($page, $x, $y + 1)[0],
        ) < 140;
        $from = (int) ((($bar->number('x_mm') - 2.0) / 25.4) * self::DPI);
        while (!$dark($from)) {
            ++$from;
        }
        $to = $from;
        while ($dark($to + 1)) {
            ++$to;
        }
        // Both ends are middles of ticks as thick as the line: half a thickness at either end.
        self::assertEqualsWithDelta(100.0, (($to - $from + 1) / self::DPI) * 25.4 - 0.15, 0.2);
    }

    public function testWhatMustBeReadStandsThereAndReadsRight(): void
    {
        $this->readyJob();
        [, , $pdf] = $this->printed($this->picture('png'), ['width' => '100 mm', 'name' => 'Crew – Ärmel & Söhne']);
        $text = (new Process(['pdftotext', '-layout', $pdf, '-']))->mustRun()->getOutput();
        self::assertStringContainsString('this way up', $text);
        self::assertStringContainsString('100 mm', $text);
        self::assertMatchesRegularExpression('/Crew – Ärmel & Söhne · plan [0-9a-f]{8}/u', $text);
    }

    public function testEverySheetThatThePiecesWantIsMade(): void
    {
        $this->readyJob();
        [, , $pdf] = $this->printed($this->picture('png'), ['width' => '100 mm', 'breakdown' => '5 S 180 mm, 2 M']);
        self::assertMatchesRegularExpression(
            '/Pages:\s+6\b/',
            (new Process(['pdfinfo', $pdf]))->mustRun()->getOutput(),
        );
        $text = (new Process(['pdftotext', '-layout', $pdf, '-']))->mustRun()->getOutput();
        self::assertSame(5, substr_count($text, 'S 180 mm'));
        self::assertStringContainsString('sheet 6 of 6', $text);
    }

    /** The ids of plans hung on words once: a sheet of that time stands as long as its job is not changed. */
    public function testASheetOfBeforeStandsUntilItsJobIsChanged(): void
    {
        $this->readyJob();
        $this->read($this->ask('POST', '/api/jobs/crew/sheet'), 201);
        $shop = new \PDO('sqlite:' . $this->data . '/wubbin.sqlite');
        $shop->exec("UPDATE printed_sheet SET plan = '00000000', at = '2026-01-02T10:00:00.000Z'");
        $shop->exec("UPDATE job SET updated = '2026-01-01T10:00:00.000Z'");
        $current = fn(): bool => $this->read($this->ask('GET', '/api/jobs/crew'))
            ->record('printed')
            ->boolean('current');
        self::assertTrue($current());
        $shop->exec("UPDATE job SET updated = '2026-01-03T10:00:00.000Z'");
        self::assertFalse($current());
    }

    public function testADrawingStaysADrawing(): void
    {
        $this->readyJob();
        [, , $pdf] = $this->printed($this->picture('svg'), ['width' => '140 mm']);
        $images = (new Process(['pdfimages', '-list', $pdf]))->mustRun()->getOutput();
        self::assertCount(2, explode("\n", trim($images)), 'the table has a head and no row');
    }

    public function testAPictureKeepsItsOwnResolution(): void
    {
        $this->readyJob();
        [, , $pdf] = $this->printed($this->picture('jpeg'), ['width' => '160 mm']);
        $images = (new Process(['pdfimages', '-list', $pdf]))->mustRun()->getOutput();
        self::assertMatchesRegularExpression('/\b1600\s+1200\b/', $images);
    }

    public function testTheSameSheetIsNotMadeTwiceAndAChangedJobIsNoticed(): void
    {
        $id = $this->readyJob();
        $first = $this->read($this->ask('POST', '/api/jobs/' . $id . '/sheet'), 201)->string('id');
        self::assertSame($first, $this->read($this->ask('POST', '/api/jobs/' . $id . '/sheet'), 201)->string('id'));
        $view = $this->read($this->ask('GET', '/api/jobs/' . $id));
        self::assertTrue($view->record('printed')->boolean('current'));
        $view = $this->read(
            $this->ask('PATCH', '/api/jobs/' . $id, [
                'revision' => $view->integer('revision'),
                'changes' => ['width' => '200 mm'],
            ]),
        );
        self::assertFalse($view->record('printed')->boolean('current'));
        self::assertSame(200, $this->ask('GET', '/api/sheets/' . $first . '.pdf')->getStatusCode());
    }

    public function testASheetIsNotMadeAgainstACheck(): void
    {
        $id = $this->readyJob();
        $view = $this->read($this->ask('GET', '/api/jobs/' . $id));
        $this->read(
            $this->ask('PATCH', '/api/jobs/' . $id, [
                'revision' => $view->integer('revision'),
                'changes' => ['colour' => '#1f4d2b'],
            ]),
        );
        $this->read($this->ask('POST', '/api/jobs/' . $id . '/sheet'), 422);
        self::assertDirectoryDoesNotExist($this->data . '/sheets');
    }

    /** Where the picture begins and ends on the page, to a fifth of a millimetre. */
    private function assertEdges(\Imagick $page, float $x, float $y, float $width, float $height): void
    {
        $tolerance = (0.2 / 25.4) * self::DPI;
        $coloured = static fn(float $px, float $py): bool => ColourDifference::ofRgb(
            [255, 255, 255],
            Pictures::at($page, $px, $py),
        ) > 20.0;
        /** @param callable(float): bool $at */
        $first = static function (float $from, int $step, callable $at): float {
            for ($i = $from; abs($i - $from) < 200.0; $i += $step) {
                if (true === $at($i)) {
                    return $i;
                }
            }

            return \NAN;
        };
        // From outside in, so that the trim line three millimetres off is not mistaken for the picture.
        [$mx, $my, $out] = [$x + $width * 0.3, $y + $height * 0.3, (2.0 / 25.4) * self::DPI];
        self::assertEqualsWithDelta(
            $x,
            $first($x - $out, 1, static fn(float $i): bool => $coloured($i, $my)),
            $tolerance + 1.0,
            'left edge',
        );
        self::assertEqualsWithDelta(
            $x + $width,
            $first($x + $width + $out, -1, static fn(float $i): bool => $coloured($i, $my)),
            $tolerance + 1.0,
            'right edge',
        );
        self::assertEqualsWithDelta(
            $y,
            $first($y - $out, 1, static fn(float $i): bool => $coloured($mx, $i)),
            $tolerance + 1.0,
            'upper edge',
        );
        self::assertEqualsWithDelta(
            $y + $height,
            $first($y + $height + $out, -1, static fn(float $i): bool => $coloured($mx, $i)),
            $tolerance + 1.0,
            'lower edge',
        );
    }

    /** Four fields of colour in this format; what they should look like is kept in expected.png. */
    private function picture(string $format): string
    {
        $path = $this->data . '/in.' . $format;
        if ('svg' === $format) {
            file_put_contents(
                $path,
                '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 80 60"><g stroke="none"><rect width="40" ' .
                    'height="30" fill="#d02020"/><rect x="40" width="40" height="30" fill="#20a040"/><rect y="30" ' .
                    'width="40" height="30" fill="#2040c0"/><rect x="40" y="30" width="40" height="30" ' .
                    'fill="#e0c020"/></g></svg>',
            );
        } else {
            Pictures::save(Pictures::quarters(1600, 1200), $format, $path);
        }
        Pictures::save(
            'svg' === $format ? Pictures::quarters(1600, 1200) : new \Imagick($format . ':' . $path),
            'png',
            $this->data . '/expected.png',
        );

        return $path;
    }

    /**
     * @param array<string, string> $changes
     *
     * @return array{Record, \Imagick, string} the sheet of the plan, the rendered page, the PDF
     */
    private function printed(string $picture, array $changes): array
    {
        $sha256 = $this->read($this->upload($picture), 201)->string('sha256');
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $plan = $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $revision,
                'changes' => ['artwork' => $sha256] + $changes,
            ]),
        )->record('plan');
        $pdf =
            $this->data .
            '/sheets/' .
            $this->read($this->ask('POST', '/api/jobs/crew/sheet'), 201)->string('id') .
            '.pdf';
        (new Process([
            'pdftoppm',
            '-png',
            '-r',
            (string) self::DPI,
            '-singlefile',
            $pdf,
            $this->data . '/page',
        ]))->mustRun();

        return [$plan->records('transfers')[0]->record('sheet'), new \Imagick($this->data . '/page.png'), $pdf];
    }
}
