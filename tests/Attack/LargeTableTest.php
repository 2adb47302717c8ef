<?php

declare(strict_types=1);

namespace Wubbin\Tests\Attack;

use Symfony\Component\HttpFoundation\File\UploadedFile;
use Wubbin\Stock\Inventory;
use Wubbin\Tests\Support\ShopTestCase;

/** A table of stock of any length is taken in, once, and in one go. */
final class LargeTableTest extends ShopTestCase
{
    private function import(string $table): \Symfony\Component\HttpFoundation\Response
    {
        $path = $this->data . '/table.csv';
        file_put_contents($path, $table);

        return $this->ask('POST', '/api/stock/import', file: new UploadedFile($path, 'table.csv', test: true));
    }

    public function testTwentyThousandLines(): void
    {
        $this->readyJob();
        $lines = ["item;kind;amount;price;note\n"];
        for ($i = 1; $i <= 20_000; ++$i) {
            $lines[] = sprintf(
                "sheet film-clear-a4;%s;%d,5;%d,25;line %d\n",
                0 === $i % 2 ? 'used' : 'bought',
                1,
                2,
                $i,
            );
        }
        $table = implode('', $lines);
        $told = $this->read($this->import($table));
        self::assertSame([20_000, 0], [$told->integer('added'), $told->integer('known')]);
        $told = $this->read($this->import($table));
        self::assertSame(
            [0, 20_000],
            [$told->integer('added'), $told->integer('known')],
            'a second time changes nothing',
        );
        $stock = $this->service(Inventory::class);
        // The number beside the item is what going through all its movements says.
        $ledger = $stock->ledgers()['sheet film-clear-a4'];
        self::assertSame($stock->items()['sheet film-clear-a4']->level, $ledger->level());
        self::assertSame(0, $ledger->missing);
    }

    public function testALineThatUsesMoreThanThereIsTakesNothingIn(): void
    {
        $this->readyJob();
        $before = $this->read($this->ask('GET', '/api/stock'));
        $table = "item,kind,amount,price\nsheet film-clear-a4,bought,5,1\nsheet film-clear-a4,used,9999,\n";
        $problem = $this->read($this->import($table), 422);
        self::assertStringContainsString('Line 3', $problem->record('errors')->string('file'));
        self::assertEquals($before, $this->read($this->ask('GET', '/api/stock')));
    }
}
