<?php

declare(strict_types=1);

namespace Wubbin\Tests\Today;

use Doctrine\DBAL\Connection;
use Symfony\Component\Process\Process;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

/** What stands at the bench before anything is begun, the drawings of a session, and labels that lead back to it. */
final class LabelApiTest extends ShopTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->readyJob();
    }

    private function begin(int $pieces): void
    {
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => $pieces]), 201);
    }

    /** A drawing for each step, kept as it was though the job is another afterwards. */
    public function testEveryStepOfASessionHasItsDrawing(): void
    {
        $this->begin(1);
        $run = $this->read($this->ask('GET', '/api/runs/run'));
        $drawings = $this->read($this->ask('GET', '/api/runs/run/drawings'));
        foreach ($run->records('steps') as $step) {
            $drawing = $drawings->record($step->string('step'));
            self::assertNotSame([], $drawing->records('marks'), $step->string('step'));
            self::assertGreaterThan(0.0, $drawing->record('frame')->number('width_mm'));
        }
        $before = $this->ask('GET', '/api/runs/run/drawings')->getContent();
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => 1, 'changes' => ['below' => '120 mm']]));
        self::assertSame($before, $this->ask('GET', '/api/runs/run/drawings')->getContent());
        self::assertSame(404, $this->ask('GET', '/api/runs/none/drawings')->getStatusCode());
    }

    /** Of a session from before drawings were kept: those of its job while it is the same, and then none. */
    public function testASessionFromBeforeIsDrawnWhileItsJobIsTheSame(): void
    {
        $this->begin(1);
        $this->service(Connection::class)->executeStatement('DELETE FROM run_drawings');
        self::assertNotSame([], $this->read($this->ask('GET', '/api/runs/run/drawings'))->keys());
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => 1, 'changes' => ['width' => '180 mm']]));
        self::assertSame('{}', $this->ask('GET', '/api/runs/run/drawings')->getContent());
    }

    /** All that is left is offered, of each size what is left of it. */
    public function testWhatCanBeginIsOfferedWhole(): void
    {
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => 1,
                'changes' => ['quantity' => '7', 'due' => (new \DateTimeImmutable('+5 days'))->format('Y-m-d')],
            ]),
        );
        $heat = $this->rows('/api/bench/ready')[0];
        self::assertSame(200.0, $heat->number('celsius'));
        $job = $heat->records('jobs')[0];
        self::assertSame([7, 7, false], [$job->integer('pieces'), $job->integer('left'), $job->boolean('printed')]);
        $this->begin(2);
        self::assertSame(5, $this->rows('/api/bench/ready')[0]->records('jobs')[0]->integer('pieces'));
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => 2, 'changes' => ['breakdown' => '4 S, 3 M']]));
        self::assertSame([2, 3], $this->read($this->ask('GET', '/api/jobs/crew/runs'))->integers('shares'));
    }

    /** Each label leads to its piece; a code that is read back says the address (zbar is not asked: ours drew it). */
    public function testLabelsLeadToTheirPieces(): void
    {
        $this->begin(3);
        file_put_contents(
            $this->data . '/labels.pdf',
            (string) $this->ask('GET', '/api/runs/run/labels.pdf')->getContent(),
        );
        $text = (new Process(['pdftotext', '-layout', $this->data . '/labels.pdf', '-']))->mustRun()->getOutput();
        foreach (['rack place: 3 pieces', 'piece 1 of 3', 'piece 3 of 3'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        self::assertSame('/bench/run', $this->to('/api/scan/run/0'));
        self::assertSame('/bench/run?piece=2', $this->to('/api/scan/run/2'));
        $this->judge();
        self::assertMatchesRegularExpression('#^/logbook/\d+$#', $this->to('/api/scan/run/1'));
    }

    public function testALabelOfNothingLeadsNowhereAndSaysSo(): void
    {
        self::assertStringContainsString(
            'not in this shop any more',
            $this->read($this->ask('GET', '/api/scan/gone/1'), 404)->string('title'),
        );
        $this->begin(1);
        $this->read($this->ask('GET', '/api/scan/run/9'), 404);
        self::assertSame(404, $this->ask('GET', '/api/runs/gone/labels.pdf')->getStatusCode());
    }

    private function to(string $path): string
    {
        return $this->read($this->ask('GET', $path))->string('to');
    }

    /** Carries the first piece through to its judgement. */
    private function judge(): void
    {
        for ($n = 0; $n < 200; ++$n) {
            $hand = $this->read($this->ask('GET', '/api/runs/run'))->records('hands')[0];
            if ($hand->boolean('judging')) {
                $this->press($hand, 'judged', ['outcome' => 'good', 'piece' => $hand->integer('piece')]);

                return;
            }
            $this->press(
                $hand,
                [] !== $hand->strings('questions')
                    ? 'checked'
                    : ($hand->boolean('timed') && null === $hand->stringOrNull('since')
                        ? 'started'
                        : 'done'),
            );
        }
        self::fail('Nothing came to be judged.');
    }

    /** @param array<string, mixed> $more */
    private function press(Record $hand, string $type, array $more = []): void
    {
        $this->read(
            $this->ask(
                'POST',
                '/api/runs/run/presses',
                [
                    'id' => bin2hex(random_bytes(8)),
                    'position' => $hand->integer('position'),
                    'type' => $type,
                ] + $more,
            ),
        );
    }
}
