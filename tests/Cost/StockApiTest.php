<?php

declare(strict_types=1);

namespace Wubbin\Tests\Cost;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\RealServer;
use Wubbin\Tests\Support\ShopTestCase;

final class StockApiTest extends ShopTestCase
{
    private const FILM = 'sheet film-clear-a4';
    private const SHIRT = 'blank shirt M #ffffff';

    protected function setUp(): void
    {
        parent::setUp();
        $this->readyJob();
        // The demo's shelf has counted some sheets; these tests begin with none.
        $shop = new \PDO('sqlite:' . $this->data . '/wubbin.sqlite');
        $shop->exec('DELETE FROM stock_move');
        $shop->exec('DELETE FROM stock_item');
    }

    public function testWhatIsBoughtUsedAndCountedIsThere(): void
    {
        $this->moved('bought', '10', '9.00');
        $this->moved('bought', '10', '12.00');
        $this->moved('used', '12');
        $film = $this->item($this->stock(), self::FILM);
        self::assertEquals([8.0, 960, 120.0], [$film->number('level'), $film->integer('value'), $film->number('each')]);
        $this->moved('counted', '5');
        self::assertSame(5.0, $this->item($this->stock(), self::FILM)->number('level'));
    }

    public function testASecondClickChangesNothing(): void
    {
        $this->moved('bought', '10', '9.00', 'one');
        $this->moved('bought', '10', '9.00', 'one');
        self::assertSame(10.0, $this->item($this->stock(), self::FILM)->number('level'));
    }

    /** How many sheets the shelf says there are is what the stock has. */
    public function testTheShelfCountsTheSameSheets(): void
    {
        $this->moved('bought', '10', '9.00');
        $shelf = $this->read($this->ask('GET', '/api/shelf'));
        self::assertSame(10, $shelf->record('paper')->record('sheets')->integer('film-clear-a4'));
        $this->read($this->ask('POST', '/api/shelf/sheets', ['medium' => 'film-clear-a4', 'count' => '7']));
        self::assertSame(7.0, $this->item($this->stock(), self::FILM)->number('level'));
        $this->read($this->ask('POST', '/api/shelf/sheets', ['medium' => 'film-clear-a4', 'count' => '']));
        self::assertFalse($this->item($this->stock(), self::FILM)->boolean('counted'));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrong(): iterable
    {
        yield 'nothing bought' => [['kind' => 'bought', 'amount' => '0'], 'amount'];
        yield 'less than nothing' => [['kind' => 'counted', 'amount' => '-3'], 'amount'];
        yield 'words' => [['kind' => 'used', 'amount' => 'some'], 'amount'];
        yield 'a price below zero' => [['kind' => 'bought', 'price' => '-1'], 'price'];
        yield 'no price' => [['kind' => 'bought', 'price' => ''], 'price'];
        yield 'too fine a price' => [['kind' => 'bought', 'price' => '1.005'], 'price'];
        yield 'stolen' => [['kind' => 'stolen'], 'kind'];
        yield 'something nobody has' => [['item' => 'sheet of-gold'], 'item'];
        yield 'a blank nobody makes' => [['item' => 'blank shirt 9XL #ffffff'], 'item'];
        yield 'nothing of a kind' => [['item' => 'cat tabby'], 'item'];
        yield 'more than there is' => [['kind' => 'used', 'amount' => '1'], 'amount'];
    }

    /** @param array<string, string> $with */
    #[DataProvider('wrong')]
    public function testWhatIsWrongIsToldAtItsField(array $with, string $field): void
    {
        $move = $with + [
            'id' => 'wrong',
            'item' => self::FILM,
            'kind' => 'bought',
            'amount' => '5',
            'price' => '1.00',
            'note' => '',
        ];
        self::assertTrue($this->read($this->ask('POST', '/api/stock', $move), 422)->record('errors')->has($field));
        self::assertSame(
            [],
            array_filter(
                $this->stock()->records('items'),
                static fn(Record $item): bool => $item->number('level') > 0.0,
            ),
        );
    }

    /** A gift costs nothing. */
    public function testAPriceOfNothing(): void
    {
        $this->moved('bought', '5', '0');
        self::assertSame(0.0, $this->item($this->stock(), self::FILM)->number('each'));
    }

    /** Two people take the last sheet at once: one gets it, and the other is told. */
    public function testTheLastOneIsTakenOnce(): void
    {
        $this->moved('counted', '1');
        $server = RealServer::of($this->data);
        $server->start();
        try {
            $sockets = [];
            for ($n = 0; $n < 8; ++$n) {
                $sockets[] = $server->send('POST', '/api/stock', [
                    'id' => 'taken-' . $n,
                    'item' => self::FILM,
                    'kind' => 'used',
                    'amount' => '1',
                    'price' => '',
                    'note' => '',
                ]);
            }
            $statuses = array_count_values(
                array_map(static function ($socket): int {
                    self::assertNotNull($socket);
                    stream_set_blocking($socket, true);

                    return RealServer::status((string) stream_get_contents($socket));
                }, $sockets),
            );
        } finally {
            $server->kill();
        }
        self::assertSame([200 => 1, 422 => 7], [200 => $statuses[200] ?? 0, 422 => $statuses[422] ?? 0]);
        self::assertSame(0.0, $this->item($this->stock(), self::FILM)->number('level'));
    }

    public function testWhatIsDueIsNeededAndWhatIsShortIsOnTheList(): void
    {
        $this->due(12);
        $this->moved('bought', '10', '9.00');
        $this->read($this->ask('PUT', '/api/stock/pack', ['item' => self::FILM, 'pack' => '10']));
        $stock = $this->stock();
        self::assertSame(
            [12.0, true],
            [$this->item($stock, self::FILM)->number('needed'), $this->item($stock, self::FILM)->boolean('short')],
        );
        $buy = $stock->records('buy');
        self::assertCount(1, $buy, 'nobody counts shirts');
        self::assertEquals([10.0, 900], [$buy[0]->number('buy'), $buy[0]->integer('cost')]);
        self::assertContains(
            self::SHIRT,
            array_map(static fn(Record $other): string => $other->string('key'), $stock->records('others')),
            'what is needed can be stocked',
        );
        self::assertTrue(
            $this->read($this->ask('PUT', '/api/stock/pack', ['item' => self::FILM, 'pack' => '0']), 422)
                ->record('errors')
                ->has('pack'),
        );
    }

    /** A piece at the bench takes its sheet and its shirt; judged by mistake, they are back. */
    public function testTheBenchUsesUp(): void
    {
        $this->moved('counted', '10');
        $this->moved('counted', '4', item: self::SHIRT);
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 2]), 201);
        $judged = $this->read($this->judgedFirst('good'));
        self::assertSame(
            [9.0, 3.0],
            [
                $this->item($this->stock(), self::FILM)->number('level'),
                $this->item($this->stock(), self::SHIRT)->number('level'),
            ],
        );
        $this->read(
            $this->ask('POST', '/api/runs/run/presses', [
                'id' => 'oops',
                'position' => 0,
                'type' => 'undone',
                'undoes' => $judged->record('last')->string('press'),
            ]),
        );
        self::assertSame(10.0, $this->item($this->stock(), self::FILM)->number('level'));
    }

    /** A session uses what it was begun with, whatever becomes of its job meanwhile. */
    public function testAJobThatIsEditedMeanwhileChangesNothingOfWhatASessionUses(): void
    {
        $this->moved('counted', '10');
        $this->moved('counted', '4', item: self::SHIRT);
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 2]), 201);
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $revision,
                'changes' => ['size' => 'XL', 'width' => '60 mm', 'name' => 'Else'],
            ]),
        );
        $this->read($this->judgedFirst('good'));
        self::assertSame(
            [9.0, 3.0],
            [
                $this->item($this->stock(), self::FILM)->number('level'),
                $this->item($this->stock(), self::SHIRT)->number('level'),
            ],
        );
    }

    /** What was counted between two pieces is true: only the second is taken from it. */
    public function testACountBetweenTwoPieces(): void
    {
        $this->moved('counted', '10');
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 2]), 201);
        $this->read($this->judgedFirst('good'));
        $this->moved('counted', '20');
        $second = 0;
        foreach ($this->read($this->ask('GET', '/api/runs/run'))->records('steps') as $n => $step) {
            $second =
                !$step->boolean('shared') && in_array(2, $step->integers('pieces'), true) && 0 === $second
                    ? $n
                    : $second;
        }
        $this->read(
            $this->ask('POST', '/api/runs/run/presses', [
                'id' => 'judge-2',
                'piece' => 2,
                'position' => $second,
                'type' => 'judged',
                'outcome' => 'spoiled',
                'defects' => [],
            ]),
        );
        self::assertSame(19.0, $this->item($this->stock(), self::FILM)->number('level'));
    }

    public function testPiecesThatWereMadeAreTakenEvenIfNothingShouldBeThere(): void
    {
        $this->moved('counted', '0', item: self::SHIRT);
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 1]), 201);
        $this->read($this->judgedFirst('spoiled'));
        $shirt = $this->item($this->stock(), self::SHIRT);
        self::assertSame([0.0, 1.0], [$shirt->number('level'), $shirt->number('missing')]);
    }

    public function testATableGoesOutAndComesIn(): void
    {
        $this->moved('bought', '10', '9.00');
        ob_start();
        $this->ask('GET', '/api/stock.csv')->sendContent();
        $csv = (string) ob_get_clean();
        self::assertStringContainsString('bought,10,sheets,9.00', $csv);
        $this->takenIn($csv, 0, 1);
        $more = "item,kind,amount,price\r\n" . self::SHIRT . ",bought,20,\"80,00\"\r\n" . self::SHIRT . ",used,3,\r\n";
        $this->takenIn($more, 2, 0);
        $this->takenIn($more, 0, 2);
        self::assertSame(17.0, $this->item($this->stock(), self::SHIRT)->number('level'));
    }

    /** One bad line in a thousand: it is named, and nothing is taken in. */
    public function testOneBadLineInAThousand(): void
    {
        $lines = array_fill(0, 1000, self::FILM . ',bought,1,0.10');
        $lines = array_map(
            static fn(string $line, int $n): string => $line . ',line ' . $n,
            $lines,
            array_keys($lines),
        );
        $lines[499] = self::FILM . ',bought,one,0.10,';
        $message = $this->read($this->csv("item,kind,amount,price,note\n" . implode("\n", $lines)), 422)
            ->record('errors')
            ->string('file');
        self::assertStringContainsString('1 of 1000 lines are wrong', $message);
        self::assertStringContainsString('Line 501, amount', $message);
        self::assertSame([], $this->stock()->records('items'));
        $lines[499] = self::FILM . ',bought,1,0.10,line 499';
        $this->takenIn("item,kind,amount,price,note\n" . implode("\n", $lines), 1000, 0);
        self::assertSame(1000.0, $this->item($this->stock(), self::FILM)->number('level'));
    }

    /** What would take more out than there is stops the whole table. */
    public function testATableThatUsesMoreThanThereIs(): void
    {
        $message = $this->read(
            $this->csv("item,kind,amount\n" . self::FILM . ",counted,3\n" . self::FILM . ",used,4\n"),
            422,
        )
            ->record('errors')
            ->string('file');
        self::assertStringContainsString('Line 3', $message);
        self::assertSame([], $this->stock()->records('items'));
    }

    /** Prices would be read as another currency's. */
    public function testTheCurrencyStaysWhileThereArePrices(): void
    {
        $this->read($this->ask('PATCH', '/api/settings', ['currency' => 'JPY']));
        self::assertTrue(
            $this->read(
                $this->ask('POST', '/api/stock', [
                    'id' => 'yen',
                    'item' => self::FILM,
                    'kind' => 'bought',
                    'amount' => '5',
                    'price' => '12.50',
                    'note' => '',
                ]),
                422,
            )
                ->record('errors')
                ->has('price'),
            'there is no half a yen',
        );
        $this->moved('bought', '10', '1200');
        self::assertSame(
            [1200, 0],
            [$this->item($this->stock(), self::FILM)->integer('value'), $this->stock()->integer('digits')],
        );
        self::assertTrue(
            $this->read($this->ask('PATCH', '/api/settings', ['currency' => 'EUR']), 422)
                ->record('errors')
                ->has('currency'),
        );
        $this->read($this->ask('PATCH', '/api/settings', ['currency' => 'JPY', 'units' => 'us']));
    }

    private function stock(): Record
    {
        return $this->read($this->ask('GET', '/api/stock'));
    }

    private function item(Record $stock, string $key): Record
    {
        foreach ($stock->records('items') as $item) {
            if ($item->string('key') === $key) {
                return $item;
            }
        }
        self::fail($key . ' is not stocked');
    }

    private function moved(
        string $kind,
        string $amount,
        string $price = '',
        ?string $id = null,
        string $item = self::FILM,
    ): void {
        $this->read(
            $this->ask('POST', '/api/stock', [
                'id' => $id ?? bin2hex(random_bytes(8)),
                'item' => $item,
                'kind' => $kind,
                'amount' => $amount,
                'price' => $price,
                'note' => '',
            ]),
        );
    }

    private function due(int $quantity): void
    {
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $revision,
                'changes' => [
                    'due' => (new \DateTimeImmutable('+5 days'))->format('Y-m-d'),
                    'quantity' => (string) $quantity,
                ],
            ]),
        );
    }

    /** Everything shared is done, and the first piece is judged. */
    private function judgedFirst(string $outcome): Response
    {
        $position = 0;
        foreach ($this->read($this->ask('GET', '/api/runs/run'))->records('steps') as $n => $step) {
            if (!$step->boolean('shared')) {
                $position = $n;
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

        return $this->ask('POST', '/api/runs/run/presses', [
            'id' => 'judge',
            'position' => $position,
            'type' => 'judged',
            'outcome' => $outcome,
            'defects' => [],
        ]);
    }

    private function csv(string $text): Response
    {
        $path = $this->data . '/upload-' . bin2hex(random_bytes(4)) . '.csv';
        file_put_contents($path, $text);

        return $this->ask('POST', '/api/stock/import', file: new UploadedFile($path, 'stock.csv', test: true));
    }

    private function takenIn(string $text, int $added, int $known): void
    {
        $taken = $this->read($this->csv($text));
        self::assertSame([$added, $known], [$taken->integer('added'), $taken->integer('known')]);
    }
}
