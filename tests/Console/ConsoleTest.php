<?php

declare(strict_types=1);

namespace Wubbin\Tests\Console;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Wubbin\Core\Measure\Record;

/** The console as a person runs it: a process of its own, with no shop to read from. */
final class ConsoleTest extends TestCase
{
    private const PROJECT = __DIR__ . '/../..';
    private const JOB = 'demo/jobs/picking-crew.json';

    private string $data;

    protected function setUp(): void
    {
        $this->data = sys_get_temp_dir() . '/wubbin-console-' . bin2hex(random_bytes(6));
        mkdir($this->data);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->data);
    }

    public function testAJobFileGoesInAndAPlanByTheSchemaComesOut(): void
    {
        $process = $this->run_(['plan', self::JOB]);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $plan = json_decode($process->getOutput());
        $schema = json_decode((string) file_get_contents(self::PROJECT . '/schema/plan.schema.json'));
        self::assertIsObject($schema);
        $result = (new Validator())->validate($plan, $schema);
        self::assertTrue($result->isValid(), (string) $result->error());
    }

    public function testThePressWindowOfAJobFileIsTold(): void
    {
        $process = $this->run_(['heat', self::JOB]);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertMatchesRegularExpression('/works from \d+ s, .*the plan says 18 s/', $process->getOutput());
        self::assertIsArray(json_decode($this->run_(['heat', self::JOB, '--json'])->getOutput()));
        self::assertSame(1, $this->run_(['heat', self::PROJECT . '/demo/jobs/variety-boards.json'])->getExitCode());
    }

    public function testABenchCardIsWritten(): void
    {
        self::assertSame(2, $this->run_(['card', self::JOB])->getExitCode());
        $process = $this->run_(['card', self::JOB, '--out', $this->data . '/card.pdf', '--us']);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertStringStartsWith('%PDF-', (string) file_get_contents($this->data . '/card.pdf'));
        $this->run_(['card', self::JOB, '--care', '--out', $this->data . '/care.pdf', '--us']);
        $text = (new Process(['pdftotext', '-layout', $this->data . '/care.pdf', '-']))->mustRun()->getOutput();
        self::assertSame(4, preg_match_all('/(?:^|\s)So that the picture/', $text), 'four cards to be cut apart');
    }

    public function testTheDemosFilesKeepToTheirSchemas(): void
    {
        $files = ['shelf' => 'shelf'];
        foreach ((array) glob(self::PROJECT . '/demo/jobs/*.json') as $job) {
            $files['jobs/' . basename((string) $job, '.json')] = 'job';
        }
        self::assertGreaterThanOrEqual(12, count($files));
        foreach ($files as $file => $kind) {
            $schema = json_decode((string) file_get_contents(self::PROJECT . '/schema/' . $kind . '.schema.json'));
            self::assertIsObject($schema);
            $result = (new Validator())->validate(
                json_decode((string) file_get_contents(self::PROJECT . '/demo/' . $file . '.json')),
                $schema,
            );
            self::assertTrue($result->isValid(), $file . ': ' . $result->error());
        }
    }

    /** Every job of the demo on the demo's shelf gives a plan by the schema and, where it is printable, a sheet. */
    public function testEveryRouteOfTheDemoIsPlannedAndPrinted(): void
    {
        $schema = json_decode((string) file_get_contents(self::PROJECT . '/schema/plan.schema.json'));
        self::assertIsObject($schema);
        $routes = $started = [];
        // Three at a time: each starts anew and reads its picture.
        foreach (array_chunk((array) glob(self::PROJECT . '/demo/jobs/*.json'), 3) as $some) {
            $running = [];
            foreach ($some as $job) {
                $running[(string) $job] = $this->process(['plan', (string) $job, '--shelf', 'demo/shelf.json']);
                $running[(string) $job]->start();
            }
            $started += $running;
            array_map(static fn(Process $process): int => $process->wait(), $running);
        }
        foreach ($started as $job => $process) {
            self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
            $plan = json_decode($process->getOutput());
            $result = (new Validator())->validate($plan, $schema);
            self::assertTrue($result->isValid(), $job . ': ' . $result->error());
            $record = Record::of(json_decode($process->getOutput(), true));
            $routes[] = $record->records('transfers')[0]->string('route');
            self::assertSame('helpers' !== basename($job, '.json'), $record->boolean('printable'), $job);
        }
        self::assertCount(9, array_unique($routes));
        $sheet = $this->run_(['sheet', 'demo/jobs/night-candles.json', '--out', $this->data . '/template.pdf']);
        self::assertSame(0, $sheet->getExitCode(), $sheet->getErrorOutput());
        self::assertFileExists($this->data . '/template.pdf');
    }

    public function testStandardInputAndATicketToRead(): void
    {
        $process = $this->run_(
            ['plan', '--ticket', '--us'],
            (string) file_get_contents(self::PROJECT . '/' . self::JOB),
            self::PROJECT . '/demo/jobs',
        );
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertStringContainsString('apple-branch.svg, 9 7/16 × ', $process->getOutput());
        self::assertStringContainsString('390 °F', $process->getOutput());
    }

    public function testASheetIsWritten(): void
    {
        $process = $this->run_(['sheet', self::JOB, '--out', $this->data . '/sheet.pdf', '--shelf', 'demo/shelf.json']);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertStringStartsWith('%PDF-', (string) file_get_contents($this->data . '/sheet.pdf'));
    }

    public function testWhatStandsAgainstPrintingIsSaidAndNothingIsWritten(): void
    {
        $process = $this->run_(['sheet', 'demo/jobs/helpers.json', '--out', $this->data . '/sheet.pdf']);
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('no white ink', $process->getErrorOutput());
        self::assertFileDoesNotExist($this->data . '/sheet.pdf');
    }

    public function testBadFilesAreAProblemAndBadUsageIsAnother(): void
    {
        file_put_contents($this->data . '/bad.json', '{"format": "wubbin-job", "version": 9}');
        $process = $this->run_(['plan', $this->data . '/bad.json']);
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('version: This file has version 9', $process->getErrorOutput());
        self::assertSame('', $process->getOutput());
        self::assertSame(2, $this->run_(['plan', $this->data . '/none.json'])->getExitCode());
        self::assertSame(2, $this->run_(['sheet', self::JOB])->getExitCode());
        self::assertSame(2, $this->run_(['plan', '--sideways'])->getExitCode());
        self::assertSame(2, $this->run_(['press'])->getExitCode());
    }

    /** @param list<string> $arguments */
    private function run_(array $arguments, ?string $input = null, string $directory = self::PROJECT): Process
    {
        $process = $this->process($arguments, $input, $directory);
        $process->run();

        return $process;
    }

    /** @param list<string> $arguments */
    private function process(array $arguments, ?string $input = null, string $directory = self::PROJECT): Process
    {
        return new Process(
            [\PHP_BINARY, realpath(self::PROJECT) . '/bin/wubbin', ...$arguments],
            $directory,
            ['WUBBIN_DATA' => $this->data, 'WUBBIN_ENV' => 'test'],
            $input,
            60,
        );
    }
}
