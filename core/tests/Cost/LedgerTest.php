<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Cost;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Cost\Ledger;
use Wubbin\Core\Cost\Movement;

final class LedgerTest extends TestCase
{
    /** First in, first out, as introductions to bookkeeping work it: 10 at 1.00, 10 at 1.20, 15 used cost 16.00. */
    public function testWhatWasBoughtFirstIsUsedFirst(): void
    {
        $ledger = Ledger::of([Movement::bought(10.0, 1000), Movement::bought(10.0, 1200), Movement::used(15.0)]);
        self::assertSame(1600, $ledger->spent);
        self::assertSame([5000, 600], [$ledger->level(), $ledger->value()]);
        self::assertSame(0, $ledger->missing);
    }

    public function testWhatIsUsedNextCostsWhatWasPaidForIt(): void
    {
        $ledger = Ledger::of([Movement::bought(10.0, 1000), Movement::bought(10.0, 1200)]);
        self::assertEqualsWithDelta(400.0, $ledger->costOf(4.0), 1e-9);
        self::assertEqualsWithDelta(1600.0, $ledger->costOf(15.0), 1e-9);
        self::assertEqualsWithDelta(
            2200.0 + 600.0,
            $ledger->costOf(25.0),
            1e-9,
            'beyond what there is at the last price',
        );
        self::assertNull(Ledger::of([Movement::counted(10.0)])->costOf(20.0), 'nobody knows what it cost');
        self::assertNull(Ledger::of([])->costOf(1.0));
        self::assertNull(Ledger::of([Movement::counted(10.0)])->costOf(1.0), 'nor what is there');
        self::assertEqualsWithDelta(
            500.0,
            Ledger::of([Movement::counted(10.0), Movement::bought(2.0, 200)])->costOf(5.0),
            1e-9,
            'then as the next was bought',
        );
    }

    public function testMoreIsUsedThanWasThere(): void
    {
        $ledger = Ledger::of([Movement::bought(3.0, 300), Movement::used(5.0)]);
        self::assertSame([0, 2000, 300], [$ledger->level(), $ledger->missing, $ledger->spent]);
        self::assertSame(
            0,
            Ledger::of([Movement::bought(3.0, 300), Movement::used(5.0), Movement::counted(1.0)])->missing,
            'counting settles it',
        );
    }

    public function testCountingCorrects(): void
    {
        $less = Ledger::of([Movement::bought(10.0, 1000), Movement::counted(7.0)]);
        self::assertSame([7000, 700, 0], [$less->level(), $less->value(), $less->spent]);
        $more = Ledger::of([Movement::bought(10.0, 1000), Movement::counted(12.0)]);
        self::assertSame([12_000, 1200], [$more->level(), $more->value()]);
    }

    public function testSmallAmountsAreExact(): void
    {
        $ledger = Ledger::of([Movement::bought(100.0, 1999), ...array_fill(0, 1000, Movement::used(0.1))]);
        self::assertSame([0, 0, 1999], [$ledger->level(), $ledger->value(), $ledger->spent]);
    }

    /** A gift costs nothing, and is used like anything else. */
    public function testAPriceOfNothing(): void
    {
        self::assertSame(0.0, Ledger::of([Movement::bought(10.0, 0)])->costOf(5.0));
    }

    /** Whatever happens: what is there and what was used and counted away cost what was paid. */
    public function testNothingIsLostOrWon(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($n = 0; $n < 200; ++$n) {
            $paid = $level = 0;
            $movements = [];
            for ($step = 0; $step < 30; ++$step) {
                if (0 === $random->getInt(0, 1)) {
                    $price = $random->getInt(0, 5000);
                    $paid += $price;
                    $movements[] = Movement::bought($random->getInt(1, 500) / 10.0, $price);
                } else {
                    $movements[] = Movement::used($random->getInt(1, 400) / 10.0);
                }
            }
            $ledger = Ledger::of($movements);
            foreach ($movements as $movement) {
                $level = $movement->after($level);
            }
            self::assertSame($ledger->level(), $level, 'told one by one it is the same');
            self::assertSame($paid, $ledger->value() + $ledger->spent);
            self::assertGreaterThanOrEqual(0, $ledger->level());
        }
    }
}
