<?php

declare(strict_types=1);

namespace Wubbin\Tests\Order;

use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

/** One order until it is handed over: money, pieces, what the customer brought, papers and tables. */
final class OrderPageApiTest extends ShopTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->readyJob();
        $this->read(
            $this->ask('POST', '/api/orders', [
                'id' => 'farm',
                'label' => 'Hollow Farm',
                'due' => '2099-05-01',
                'note' => '',
                'customer' => 'Ivo',
                'contact' => '0123',
                'agreed' => '30.00',
                'lines' => [['what' => 'crew', 'quantity' => '3', 'sizes' => '']],
            ]),
            201,
        );
    }

    private function page(): Record
    {
        return $this->read($this->ask('GET', '/api/orders/farm'));
    }

    private function job(): string
    {
        return $this->page()->records('jobs')[0]->string('id');
    }

    private function good(int $pieces): void
    {
        $this->read($this->ask('POST', '/api/jobs/' . $this->job() . '/runs', ['id' => 'run', 'pieces' => 3]), 201);
        $this->service(Connection::class)->executeStatement(
            "UPDATE piece SET outcome = 'good', judged = '2026-11-27T10:00:00.000Z' WHERE number <= ?",
            [$pieces],
        );
    }

    /** @param array<string, mixed> $with */
    private function pay(array $with, int $status = 201): Record
    {
        return $this->read(
            $this->ask(
                'POST',
                '/api/orders/farm/payments',
                $with + [
                    'id' => 'one',
                    'day' => '2026-11-27',
                    'amount' => '10',
                    'how' => 'cash',
                ],
            ),
            $status,
        );
    }

    private static function text(Response $response): string
    {
        self::assertSame(200, $response->getStatusCode());
        $file = (string) tempnam(sys_get_temp_dir(), 'paper');
        file_put_contents($file, (string) $response->getContent());
        $text = (string) shell_exec('pdftotext -layout ' . escapeshellarg($file) . ' -');
        unlink($file);

        return $text;
    }

    public function testPaymentsAddUp(): void
    {
        self::assertSame(3000, $this->page()->record('order')->integer('owed'));
        self::assertSame(2000, $this->pay([])->record('order')->integer('owed'));
        self::assertSame(2000, $this->pay([])->record('order')->integer('owed'), 'a second click is the same one');
        $again = $this->pay(['id' => 'two'], 422);
        self::assertTrue($again->record('errors')->has('twice'), 'the same amount on the same day');
        self::assertSame(
            1000,
            $this->pay(['id' => 'two', 'twice' => true])
                ->record('order')
                ->integer('owed'),
        );
        self::assertSame(
            -500,
            $this->pay(['id' => 'three', 'amount' => '15'])
                ->record('order')
                ->integer('owed'),
        );
        self::assertSame(
            0,
            $this->pay(['id' => 'four', 'amount' => '-5'])
                ->record('order')
                ->integer('owed'),
        );
        $this->read($this->ask('DELETE', '/api/orders/farm/payments/three'));
        self::assertSame(1500, $this->page()->record('order')->integer('owed'));
        $this->read($this->ask('DELETE', '/api/orders/farm/payments/three'), 404);
    }

    public function testWhatIsWrongIsToldAtItsField(): void
    {
        foreach (
            [
                ['amount' => 'a lot'],
                ['amount' => '0'],
                ['amount' => ''],
                ['day' => 'today'],
                ['how' => str_repeat('x', 200)],
            ]
            as $wrong
        ) {
            self::assertTrue($this->pay($wrong, 422)->record('errors')->has(array_key_first($wrong)));
        }
        foreach ([['pieces' => 0], ['what' => ' '], ['terms' => str_repeat('x', 300)]] as $wrong) {
            $garment = $wrong + [
                'id' => 'g',
                'what' => 'shirt',
                'size' => 'M',
                'colour' => 'red',
                'pieces' => 2,
                'terms' => '',
            ];
            self::assertTrue(
                $this->read($this->ask('POST', '/api/orders/farm/garments', $garment), 422)
                    ->record('errors')
                    ->has(array_key_first($wrong)),
            );
        }
        $this->read($this->ask('GET', '/api/orders/nobody'), 404);
    }

    public function testOnlyGoodPiecesAreHandedOver(): void
    {
        $hand = fn(string $id, array $pieces, int $status = 201): Record => $this->read(
            $this->ask('POST', '/api/orders/farm/handovers', ['id' => $id, 'pieces' => (object) $pieces, 'note' => '']),
            $status,
        );
        self::assertTrue($hand('none', [], 422)->record('errors')->has('pieces'));
        $this->good(2);
        self::assertSame(2, $this->page()->integer('ready'));
        self::assertTrue(
            $hand('many', [$this->job() => 3], 422)
                ->record('errors')
                ->has('pieces'),
        );
        $page = $hand('first', [$this->job() => 1]);
        self::assertSame([1, 1], [$page->integer('ready'), $page->record('order')->integer('handed')]);
        self::assertSame(1, $hand('first', [])->record('order')->integer('handed'), 'a second click is the same one');
        self::assertSame(2, $hand('rest', [])->record('order')->integer('handed'));
        $stages = [];
        foreach ($this->page()->records('jobs')[0]->records('stages') as $stage) {
            $stages[$stage->string('id')] = $stage->integer('count');
        }
        self::assertSame([2, 2], [$stages['finished'], $stages['handed']]);
        $note = self::text($this->ask('GET', '/api/orders/farm/handovers/rest.pdf'));
        self::assertStringContainsString('Delivery note 2', $note);
        self::assertMatchesRegularExpression('/Crew shirts.*\b1\b/', $note);
        $this->read($this->ask('DELETE', '/api/orders/farm/handovers/rest'));
        self::assertSame(1, $this->page()->integer('ready'));
    }

    public function testPapersAndTables(): void
    {
        $this->pay([]);
        $paper = self::text($this->ask('GET', '/api/orders/farm/confirmation.pdf'));
        foreach (['Order confirmation', 'Hollow Farm', 'Ivo', '2099-05-01', '30.00', '20.00'] as $words) {
            self::assertStringContainsString($words, $paper);
        }
        $picks = self::text($this->ask('GET', '/api/orders/farm/picks.pdf'));
        self::assertMatchesRegularExpression('/Shirt\s+M\s+white\s+3/', $picks);
        $this->good(1);
        self::assertMatchesRegularExpression(
            '/M\s+white\s+2/',
            self::text($this->ask('GET', '/api/orders/farm/picks.pdf')),
        );
        $table = function (string $of): array {
            $response = $this->ask('GET', '/api/' . $of . '.csv');
            ob_start();
            $response->sendContent();

            return array_map(
                static fn(string $line): array => array_map(strval(...), str_getcsv($line, escape: '')),
                explode("\n", trim((string) ob_get_clean())),
            );
        };
        [$head, $row] = $table('orders');
        $order = array_combine($head, $row);
        self::assertSame(
            ['Hollow Farm', '3', '1', '30.00', '10.00', '20.00', 'EUR'],
            [
                $order['label'],
                $order['pieces'],
                $order['good'],
                $order['agreed'],
                $order['paid'],
                $order['owed'],
                $order['currency'],
            ],
        );
        self::assertSame(['one', 'farm', 'Hollow Farm', '2026-11-27', '10.00', 'EUR', 'cash'], $table('payments')[1]);
        self::assertCount(1, $table('quotes'), 'only its head');
    }

    public function testAnAcceptedQuoteIsAnOrderOnce(): void
    {
        $wish = [
            'jobs' => ['crew'],
            'for' => 'The mill',
            'by' => 'target',
            'margin' => '',
            'target' => '12.00',
            'breaks' => '',
            'set_up' => '0',
            'tax' => '0',
            'valid' => '2099-12-31',
        ];
        $this->read($this->ask('POST', '/api/quotes?id=q1', $wish), 201);
        $first = $this->read($this->ask('POST', '/api/quotes/q1/order', ['due' => '2099-06-01']), 201);
        $again = $this->read($this->ask('POST', '/api/quotes/q1/order', ['due' => '2099-06-01']), 201);
        self::assertSame($first->record('order')->string('id'), $again->record('order')->string('id'));
        self::assertSame(
            ['The mill', 1200, '2099-06-01', 1],
            [
                $first->record('order')->string('label'),
                $first->record('order')->integer('agreed'),
                $first->record('order')->string('due'),
                $first->integer('quote_number'),
            ],
        );
        $this->read($this->ask('POST', '/api/quotes/nobody/order', ['due' => '']), 404);
    }

    public function testListsAreNarrowed(): void
    {
        $labels = fn(string $which): array => array_map(
            static fn(Record $one): string => $one->string('label'),
            $this->rows('/api/orders?which=' . $which),
        );
        self::assertSame(['Hollow Farm'], $labels('owing'));
        self::assertSame([], $labels('handed'));
        $this->pay(['amount' => '30']);
        self::assertSame([], $labels('owing'));
        $names = fn(string $which): array => array_map(
            static fn(Record $one): string => $one->string('id'),
            $this->rows('/api/jobs?which=' . $which),
        );
        $job = $this->job();
        self::assertContains($job, $names('print'));
        $this->good(3);
        self::assertSame([$job], $names('bench'));
        self::assertSame([$job], $names('finished'));
        $this->read(
            $this->ask('POST', '/api/orders/farm/handovers', ['id' => 'all', 'pieces' => (object) [], 'note' => '']),
            201,
        );
        self::assertSame([[$job], []], [$names('handed'), $names('finished')]);
        self::assertSame(['Hollow Farm'], $labels('handed'));
    }

    public function testManyJobsAtOnce(): void
    {
        $many = fn(array $jobs, string $do, int $status = 200): Record => $this->read(
            $this->ask('POST', '/api/jobs/many', ['jobs' => $jobs, 'do' => $do]),
            $status,
        );
        self::assertSame(1, $many(['crew'], 'copy')->integer('jobs'));
        self::assertCount(3, $this->rows('/api/jobs'));
        $many(['crew', $this->job()], 'archive');
        self::assertCount(1, $this->rows('/api/jobs'));
        self::assertCount(2, $this->rows('/api/jobs?which=archived'));
        $many(['crew'], 'bring-back');
        self::assertCount(2, $this->rows('/api/jobs'));
        self::assertTrue($many([], 'copy', 422)->record('errors')->has('jobs'));
        self::assertTrue(
            $many(['crew'], 'burn', 422)
                ->record('errors')
                ->has('do'),
        );
    }
}
