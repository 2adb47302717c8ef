<?php

declare(strict_types=1);

namespace Wubbin\Tests\Sheet;

use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use Wubbin\Core\Measure\Record;
use Wubbin\Task\TaskQueue;
use Wubbin\Tests\Support\RealSpooler;
use Wubbin\Tests\Support\ShopTestCase;

/**
 * Sheets go to printers that nobody here made: CUPS with `ippeveprinter`, which speaks IPP as office printers do, and
 * with its PDF printer. What arrives is measured by poppler.
 */
#[Group('serial')]
#[Group('real-printer')]
final class RealPrinterTest extends ShopTestCase
{
    private const DPI = 100;

    private RealSpooler $spooler;

    protected function setUp(): void
    {
        parent::setUp();
        if (0 !== posix_geteuid()) {
            self::markTestSkipped('Only root may start a spooler.');
        }
        $this->spooler = RealSpooler::start();
        $this->readyJob();
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $due = (new \DateTimeImmutable('+3 days'))->format('Y-m-d');
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $revision,
                'changes' => ['quantity' => '2', 'due' => $due],
            ]),
        );
    }

    protected function tearDown(): void
    {
        if (isset($this->spooler)) {
            $this->spooler->stop();
        }
        parent::tearDown();
    }

    /** @param array<string, mixed> $with */
    private function setting(string $device, array $with = []): Record
    {
        $group = $this->read($this->ask('GET', '/api/print/due'))->records('groups')[0];
        $this->read(
            $this->ask(
                'PUT',
                '/api/print/settings',
                $with + [
                    'marking' => $group->string('marking'),
                    'medium' => $group->string('medium'),
                    'device' => $device,
                ],
            ),
        );

        return $group;
    }

    private function begin(Record $group): string
    {
        return $this->read($this->ask('POST', '/api/print/due', ['group' => $group->string('key')]), 202)->string('id');
    }

    private function print(Record $group): Record
    {
        $id = $this->begin($group);
        $this->service(TaskQueue::class)->workOnNext('test');

        return $this->read($this->ask('GET', '/api/tasks/' . $id));
    }

    /** @return array{float, float} mm, upright */
    private static function page(string $pdf): array
    {
        preg_match(
            '/Page size:\s+([\d.]+) x ([\d.]+) pts/',
            (string) shell_exec('pdfinfo ' . escapeshellarg($pdf)),
            $found,
        );
        $mm = [(float) ($found[1] ?? 0) * (25.4 / 72.0), (float) ($found[2] ?? 0) * (25.4 / 72.0)];
        sort($mm);

        return [$mm[0], $mm[1]];
    }

    /** @return array{int, int} pixels of all that is printed on the first page, upright */
    private static function ink(string $pdf): array
    {
        $to = $pdf . '.page';
        shell_exec(
            sprintf(
                'pdftoppm -r %d -f 1 -l 1 -singlefile -gray -png %s %s',
                self::DPI,
                escapeshellarg($pdf),
                escapeshellarg($to),
            ),
        );
        $image = new \Imagick($to . '.png');
        $image->trimImage(0.1 * \Imagick::getQuantum());
        $size = [$image->getImageWidth(), $image->getImageHeight()];
        sort($size);

        return [$size[0], $size[1]];
    }

    public function testAPrinterIsToldThePaperAndWhatArrivesIsAsLargeAsItWasLaidOut(): void
    {
        $this->spooler->printer('barn');
        $group = $this->setting('lp:barn', ['type' => 'transparency', 'source' => 'by-pass-tray', 'quality' => 5]);
        $offer = $this->read(
            $this->ask('GET', '/api/print/offers?device=lp:barn&group=' . rawurlencode($group->string('key'))),
        );
        self::assertContains(
            'transparency',
            array_map(static fn(Record $one): string => $one->string('id'), $offer->records('types')),
        );
        self::assertContains(
            'by pass tray',
            array_map(static fn(Record $one): string => $one->string('label'), $offer->records('sources')),
        );
        self::assertSame([], $offer->strings('lacks'));
        $task = $this->print($group);
        self::assertSame('done', $task->string('state'), (string) json_encode($task->raw()));
        $this->spooler->until(fn(): bool => [] !== $this->spooler->kept());
        $pdf = $this->spooler->kept()[0];
        self::assertEqualsWithDelta([210.0, 297.0], self::page($pdf), 0.5);
        $unseen = $this->read($this->ask('GET', '/api/print/due'))->records('unseen')[0];
        self::assertCount(2, $unseen->records('pages'));
        // Nothing was scaled: all that is printed is as large as in the file, to a pixel.
        $made = $this->data . '/sheets/' . $unseen->string('sheet') . '.pdf';
        self::assertEqualsWithDelta(self::ink($made), self::ink($pdf), 2.0);
        // What the printer itself says that it was told.
        $told = (string) shell_exec(
            'ipptool -tv ipp://localhost:8633/ipp/print ' . escapeshellarg(self::jobsTest($this->data)),
        );
        self::assertMatchesRegularExpression('/media-col .*media-source=by-pass-tray/', $told);
        self::assertMatchesRegularExpression('/media-col .*media-type=transparency/', $told);
        self::assertMatchesRegularExpression('/media-size=\{x-dimension=21000 y-dimension=29700\}/', $told);
        self::assertMatchesRegularExpression('/print-quality \(enum\) = high/', $told);
        self::assertMatchesRegularExpression('/sides \(keyword\) = one-sided/', $told);
    }

    public function testWhatThePrinterDoesNotOfferIsSaidBefore(): void
    {
        $this->spooler->printer('barn');
        $group = $this->setting('lp:barn', ['type' => 'back-print-film']);
        $offer = $this->read(
            $this->ask('GET', '/api/print/offers?device=lp:barn&group=' . rawurlencode($group->string('key'))),
        );
        self::assertStringContainsString('back print film', $offer->strings('lacks')[0]);
        $task = $this->print($group);
        self::assertSame('failed', $task->string('state'));
        self::assertSame([], $this->spooler->kept(), 'nothing was printed');
        self::assertSame(2, $this->read($this->ask('GET', '/api/print/due'))->records('groups')[0]->integer('sheets'));
    }

    public function testAPrinterWithoutPaperSaysSoAndWhoeverGivesUpTakesItBack(): void
    {
        $command = $this->data . '/no-paper';
        file_put_contents($command, "#!/bin/sh\necho 'STATE: +media-empty' >&2\nsleep 60\n");
        chmod($command, 0o755);
        $this->spooler->printer('barn', $command);
        $id = $this->begin($this->setting('lp:barn'));
        $worker = $this->worker();
        $this->spooler->until(
            fn(): bool => str_contains(
                $this->read($this->ask('GET', '/api/tasks/' . $id))->string('doing'),
                'no paper',
            ),
        );
        self::assertStringContainsString('barn-', $this->spooler->jobs());
        $this->ask('DELETE', '/api/tasks/' . $id);
        $this->spooler->until(fn(): bool => !str_contains($this->spooler->jobs(), 'barn-'));
        $worker->stop(2.0);
        self::assertSame(2, $this->read($this->ask('GET', '/api/print/due'))->records('groups')[0]->integer('sheets'));
    }

    public function testAPrinterThatIsGone(): void
    {
        $printer = $this->spooler->printer('barn');
        $printer->stop(2.0);
        $id = $this->begin($this->setting('lp:barn'));
        $worker = $this->worker();
        $this->spooler->until(
            fn(): bool => str_contains(
                $this->read($this->ask('GET', '/api/tasks/' . $id))->string('doing'),
                'switched on',
            ),
        );
        $this->ask('DELETE', '/api/tasks/' . $id);
        $this->spooler->until(fn(): bool => !str_contains($this->spooler->jobs(), 'barn-'));
        $worker->stop(2.0);
    }

    public function testThePdfPrinterOfTheSpooler(): void
    {
        $this->spooler->pdf('papers');
        $before = self::papers();
        $task = $this->print($this->setting('lp:papers'));
        self::assertSame('done', $task->string('state'), (string) json_encode($task->raw()));
        $this->spooler->until(static fn(): bool => [] !== array_diff(self::papers(), $before));
        $pdf = array_values(array_diff(self::papers(), $before))[0];
        self::assertEqualsWithDelta([210.0, 297.0], self::page($pdf), 0.5);
        unlink($pdf);
    }

    /** @return list<string> */
    private static function papers(): array
    {
        $home = posix_getpwuid(posix_geteuid())['dir'] ?? '';

        return array_values(array_filter((array) glob($home . '/PDF/*.pdf'), is_string(...)));
    }

    private function worker(): Process
    {
        $worker = new Process(
            [\PHP_BINARY, self::PROJECT . '/bin/wubbin', 'work'],
            env: ['WUBBIN_DATA' => $this->data, 'CUPS_SERVER' => (string) getenv('CUPS_SERVER')],
            timeout: null,
        );
        $worker->start();

        return $worker;
    }

    private static function jobsTest(string $directory): string
    {
        $file = $directory . '/jobs.test';
        file_put_contents(
            $file,
            "{\nOPERATION Get-Jobs\nGROUP operation-attributes-tag\nATTR charset attributes-charset utf-8\n" .
                "ATTR naturalLanguage attributes-natural-language en\nATTR uri printer-uri \$uri\n" .
                "ATTR keyword which-jobs all\nATTR keyword requested-attributes all\n}\n",
        );

        return $file;
    }
}
