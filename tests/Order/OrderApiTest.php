<?php

declare(strict_types=1);

namespace Wubbin\Tests\Order;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Tests\Slice;
use Wubbin\Tests\Support\ShopTestCase;

final class OrderApiTest extends ShopTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->readyJob();
    }

    public function testLinesBecomeJobs(): void
    {
        $order = $this->taken(
            ['what' => 'crew', 'quantity' => '3', 'sizes' => ''],
            ['what' => 'crew', 'quantity' => '', 'sizes' => '6 S, 10 M navy'],
        );
        self::assertSame([19, 0, false], [$order->integer('pieces'), $order->integer('good'), $order->boolean('done')]);
        [$three, $sizes] = $order->records('lines');
        self::assertSame('Crew shirts · Rowan Mill', $three->string('name'));
        self::assertSame('6 S, 10 M navy', $sizes->string('sizes'));
        $job = $this->read($this->ask('GET', '/api/jobs/' . $sizes->string('job')));
        self::assertSame(
            [16, '2099-05-01'],
            [$job->record('job')->integer('quantity'), $job->record('job')->string('due')],
        );
        self::assertSame(
            64,
            strlen($job->record('job')->records('transfers')[0]->record('artwork')->string('sha256')),
            'with the picture of the one it is like',
        );
    }

    public function testASecondClickTakesNothingMore(): void
    {
        $this->taken(['what' => 'crew', 'quantity' => '3', 'sizes' => '']);
        $this->taken(['what' => 'crew', 'quantity' => '3', 'sizes' => '']);
        self::assertCount(1, $this->rows('/api/orders'));
        self::assertCount(2, $this->rows('/api/jobs'));
    }

    public function testItsJobsAreDueWithItAndPutAwayWithIt(): void
    {
        $order = $this->taken(['what' => 'crew', 'quantity' => '3', 'sizes' => '']);
        $job = $order->records('lines')[0]->string('job');
        $change = [
            'revision' => $order->integer('revision'),
            'label' => 'Rowan Mill',
            'due' => '2099-06-01',
            'note' => '',
            'archived' => false,
        ];
        $changed = $this->read($this->ask('PUT', '/api/orders/fair', $change));
        self::assertSame(
            '2099-06-01',
            $this->read($this->ask('GET', '/api/jobs/' . $job))->record('job')->string('due'),
        );
        self::assertSame(
            'conflict',
            basename($this->read($this->ask('PUT', '/api/orders/fair', $change), 409)->string('type')),
        );
        $this->read(
            $this->ask(
                'PUT',
                '/api/orders/fair',
                ['revision' => $changed->integer('revision'), 'archived' => true] + $change,
            ),
        );
        self::assertSame([], $this->rows('/api/orders'));
        self::assertCount(1, $this->rows('/api/orders?which=archived'));
        self::assertTrue($this->read($this->ask('GET', '/api/jobs/' . $job))->boolean('archived'));
    }

    /** Due yesterday: it is taken, and told. */
    public function testAnOrderWhoseDayIsOver(): void
    {
        $order = $this->taken(['what' => 'crew', 'quantity' => '1', 'sizes' => '']);
        self::assertFalse($order->boolean('over'));
        $this->freeze('2026-11-27 10:00:00 UTC');
        $yesterday = '2026-11-26';
        self::assertTrue(
            $this->read(
                $this->ask('PUT', '/api/orders/fair', [
                    'revision' => $order->integer('revision'),
                    'label' => 'Rowan Mill',
                    'due' => $yesterday,
                    'note' => '',
                    'archived' => false,
                ]),
            )->boolean('over'),
        );
        self::assertSame(['Crew shirts · Rowan Mill'], $this->read($this->ask('GET', '/api/day'))->strings('late'));
    }

    /** A job that was put away by itself stays so when its order gets another day. */
    public function testAJobPutAwayByItselfStaysSo(): void
    {
        $order = $this->taken(['what' => 'crew', 'quantity' => '1', 'sizes' => '']);
        $job = $order->records('lines')[0]->string('job');
        $this->read(
            $this->ask('PATCH', '/api/jobs/' . $job, ['revision' => 1, 'changes' => (object) [], 'archived' => true]),
        );
        $this->read(
            $this->ask('PUT', '/api/orders/fair', [
                'revision' => $order->integer('revision'),
                'label' => 'Rowan Mill',
                'due' => '2099-07-01',
                'note' => '',
                'archived' => false,
            ]),
        );
        $view = $this->read($this->ask('GET', '/api/jobs/' . $job));
        self::assertSame([true, '2099-07-01'], [$view->boolean('archived'), $view->record('job')->string('due')]);
    }

    public function testAnOrderIsRepeated(): void
    {
        $this->taken(['what' => 'crew', 'quantity' => '', 'sizes' => '2 S, 1 L']);
        $again = $this->read(
            $this->ask('POST', '/api/orders/fair/repeat', ['id' => 'again', 'due' => '2099-09-01']),
            201,
        );
        self::assertSame(
            ['Rowan Mill', '2099-09-01', 3, '2 S, 1 L'],
            [
                $again->string('label'),
                $again->string('due'),
                $again->integer('pieces'),
                $again->records('lines')[0]->string('sizes'),
            ],
        );
        self::assertSame(
            'again',
            $this->read($this->ask('POST', '/api/orders/fair/repeat', ['id' => 'again', 'due' => '']), 201)->string(
                'id',
            ),
        );
        self::assertCount(2, $this->rows('/api/orders'));
    }

    public function testALineIsAdded(): void
    {
        $this->taken(['what' => 'crew', 'quantity' => '3', 'sizes' => '']);
        $more = $this->read(
            $this->ask('POST', '/api/orders/fair/lines', ['what' => 'crew', 'quantity' => '2', 'sizes' => '']),
            201,
        );
        self::assertSame(
            [3, 2],
            array_map(static fn(Record $line): int => $line->integer('quantity'), $more->records('lines')),
        );
        self::assertTrue(
            $this->read(
                $this->ask('POST', '/api/orders/fair/lines', ['what' => 'crew', 'quantity' => '0', 'sizes' => '']),
                422,
            )
                ->record('errors')
                ->has('quantity'),
        );
    }

    /** How far it is comes from the bench. */
    public function testProgressComesFromTheRuns(): void
    {
        $job = $this->taken(['what' => 'crew', 'quantity' => '1', 'sizes' => ''])
            ->records('lines')[0]
            ->string('job');
        $this->read($this->ask('POST', '/api/jobs/' . $job . '/runs', ['id' => 'run', 'pieces' => 1]), 201);
        foreach ($this->read($this->ask('GET', '/api/runs/run'))->records('steps') as $n => $step) {
            if (!$step->boolean('shared')) {
                $this->read(
                    $this->ask('POST', '/api/runs/run/presses', [
                        'id' => 'judge',
                        'position' => $n,
                        'type' => 'judged',
                        'outcome' => 'good',
                        'defects' => [],
                    ]),
                );
                break;
            }
            $this->read(
                $this->ask('POST', '/api/runs/run/presses', [
                    'id' => 'skip-' . $n,
                    'position' => $n,
                    'type' => 'skipped',
                    'reason' => 'done before',
                ]),
            );
        }
        $order = $this->rows('/api/orders')[0];
        self::assertSame([1, true], [$order->integer('good'), $order->boolean('done')]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        $line = static fn(string $what, string $quantity, string $sizes): array => [
            'lines' => [
                ['what' => 'crew', 'quantity' => '1', 'sizes' => ''],
                ['what' => $what, 'quantity' => $quantity, 'sizes' => $sizes],
            ],
        ];
        yield 'for nobody' => [['label' => ' '], 'label'];
        yield 'no day' => [['due' => 'Thursday'], 'due'];
        yield 'nothing' => [['lines' => []], 'lines'];
        yield 'something unknown' => [$line('nothing', '1', ''), 'lines.1.what'];
        yield 'no pieces' => [$line('crew', '', ''), 'lines.1.quantity'];
        yield 'a size there is not' => [$line('crew', '', '4 XXXXL'), 'lines.1.sizes'];
        yield 'sizes that add up to something else' => [$line('crew', '5', '2 S, 2 M'), 'lines.1.quantity'];
    }

    /** @param array<string, mixed> $with */
    #[DataProvider('wrong')]
    public function testWhatIsWrongIsToldAtItsLineAndField(array $with, string $field): void
    {
        $order = $with + [
            'id' => 'fair',
            'label' => 'Rowan Mill',
            'due' => '',
            'note' => '',
            'lines' => [['what' => 'crew', 'quantity' => '1', 'sizes' => '']],
        ];
        self::assertTrue($this->read($this->ask('POST', '/api/orders', $order), 422)->record('errors')->has($field));
        self::assertSame([], $this->rows('/api/orders'));
        self::assertCount(1, $this->rows('/api/jobs'), 'and no job was made');
    }

    public function testATableIsLookedAtBeforeItIsTakenIn(): void
    {
        $table =
            "order,due,what,quantity,sizes,note\nRowan Mill,2099-05-01,Crew shirts,3,,by the gate\nRowan " .
            "Mill,2099-05-01,crew SHIRTS,,\"6 S, 10 M\",\nHollow Farm,,Crew shirts,two,,\n";
        $preview = $this->read($this->csv('preview', $table));
        self::assertSame([1, 2], [$preview->integer('orders'), count($preview->records('lines'))]);
        self::assertSame(
            [4, 'quantity'],
            [$preview->records('wrong')[0]->integer('line'), $preview->records('wrong')[0]->string('column')],
        );
        self::assertSame([], $this->rows('/api/orders'), 'nothing was taken in');
        self::assertStringContainsString(
            'Line 4, quantity',
            $this->read($this->csv('import', $table), 422)->record('errors')->string('file'),
        );
        self::assertSame([], $this->rows('/api/orders'));
        $mended = str_replace('two', '2', $table);
        self::assertSame(2, $this->read($this->csv('import', $mended))->integer('added'));
        self::assertSame(
            [0, 2],
            [
                $this->read($again = $this->csv('import', $mended))->integer('added'),
                $this->read($again)->integer('known'),
            ],
            'a second time nothing',
        );
        self::assertSame(19, $this->rows('/api/orders')[0]->integer('pieces'));
        self::assertTrue($this->read($this->csv('preview', $mended))->records('lines')[0]->boolean('known'));
    }

    /** One bad line in a thousand, and five hundred orders that are all planned for or left for later by name. */
    #[Group('long')]
    public function testFiveHundredOrders(): void
    {
        // A day over so many jobs takes ten seconds.
        $many = Slice::isWhole() ? 500 : 150;
        $lines = array_map(
            static fn(int $n): string => sprintf('Order %03d,2099-05-%02d,Crew shirts,1,,', $n, 1 + ($n % 28)),
            range(1, $many),
        );
        $bad = $lines;
        $bad[119] = 'Order 120,2099-02-30,Crew shirts,1,,';
        self::assertStringContainsString(
            '1 of ' . $many . ' lines are wrong',
            $this->read($this->csv('import', "order,due,what,quantity,sizes,note\n" . implode("\n", $bad)), 422)
                ->record('errors')
                ->string('file'),
        );
        self::assertSame(
            $many,
            $this->read($this->csv('import', "order,due,what,quantity,sizes,note\n" . implode("\n", $lines)))->integer(
                'added',
            ),
        );
        self::assertCount(60, $this->rows('/api/orders'), 'a page at a time');
        self::assertCount(20, $this->rows('/api/orders?after=' . ($many - 20)));
        self::assertCount(1, $this->rows('/api/orders?words=order%20120'));
        $day = $this->read($this->ask('GET', '/api/day'));
        self::assertNull($day->stringOrNull('why'));
        self::assertSame($many, count($day->records('jobs')) + count($day->strings('later')));
    }

    /** @param array{what: string, quantity: string, sizes: string} ...$lines */
    private function taken(array ...$lines): Record
    {
        return $this->read(
            $this->ask('POST', '/api/orders', [
                'id' => 'fair',
                'label' => 'Rowan Mill',
                'due' => '2099-05-01',
                'note' => '',
                'lines' => $lines,
            ]),
            201,
        );
    }

    private function csv(string $what, string $text): Response
    {
        $path = $this->data . '/upload-' . bin2hex(random_bytes(4)) . '.csv';
        file_put_contents($path, $text);

        return $this->ask('POST', '/api/orders/' . $what, file: new UploadedFile($path, 'orders.csv', test: true));
    }
}
