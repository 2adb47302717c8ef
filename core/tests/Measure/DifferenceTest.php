<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Difference;
use Wubbin\Core\Measure\Record;

/** What tells two documents apart, and how a change is taken back. */
final class DifferenceTest extends TestCase
{
    /** @return iterable<string, array{array<array-key, mixed>, array<array-key, mixed>, list<list<string>>}> */
    public static function changes(): iterable
    {
        yield 'nothing' => [['a' => 1], ['a' => 1], []];
        yield 'a value' => [['a' => 1, 'b' => 2], ['a' => 3, 'b' => 2], [['a']]];
        yield 'one inside' => [['a' => ['b' => 1, 'c' => 2]], ['a' => ['b' => 1, 'c' => 9]], [['a', 'c']]];
        yield 'one that comes' => [['a' => 1], ['a' => 1, 'b' => null], [['b']]];
        yield 'one that goes' => [['a' => 1, 'b' => null], ['a' => 1], [['b']]];
        yield 'in a list' => [['l' => [['x' => 1], ['x' => 2]]], ['l' => [['x' => 1], ['x' => 3]]], [['l', '1', 'x']]];
        yield 'a list that grows' => [['l' => [1]], ['l' => [1, 2]], [['l']]];
        yield 'the first of what is named' => [['l' => []], ['l' => ['a' => 1]], [['l']]];
    }

    /**
     * @param array<array-key, mixed> $before
     * @param array<array-key, mixed> $after
     * @param list<list<string>> $at
     */
    #[DataProvider('changes')]
    public function testPartsAreAsSmallAsTheyCanBe(array $before, array $after, array $at): void
    {
        $change = Difference::between($before, $after);
        self::assertSame($at, array_column($change->jsonSerialize()['parts'], 'at'));
        self::assertSame([] === $at, $change->isNothing());
        self::assertSame($after, $change->on($before));
        self::assertSame($before, $change->turnedRound()->on($after));
    }

    public function testWhatOthersChangedBesideItStays(): void
    {
        $change = Difference::between(['name' => 'tags', 'due' => null], ['name' => 'row tags', 'due' => null]);
        self::assertSame(
            ['name' => 'tags', 'due' => '2026-12-01', 'note' => 'blue'],
            $change->turnedRound()->on(['name' => 'row tags', 'due' => '2026-12-01', 'note' => 'blue']),
        );
    }

    public function testWhatWasChangedAgainIsNotTakenBack(): void
    {
        $back = Difference::between(['a' => ['b' => 1]], ['a' => ['b' => 2]])->turnedRound();
        foreach ([['a' => ['b' => 3]], ['a' => []], ['a' => 7], []] as $now) {
            try {
                $back->on($now);
                self::fail('it was not as it had been left');
            } catch (BadRecord $e) {
                self::assertSame('a.b', $e->field);
            }
        }
    }

    public function testItSurvivesItsRecord(): void
    {
        $change = Difference::between(['a' => 1, 'c' => null], ['b' => [1.5], 'c' => 'x']);
        /** @var array<string, mixed> $written */
        $written = json_decode((string) json_encode($change), true);
        $read = Difference::fromRecord(Record::of($written));
        self::assertSame(['c' => 'x', 'b' => [1.5]], $read->on(['a' => 1, 'c' => null]));
        self::assertEquals($change, $read);
    }

    /** Any document becomes any other, and itself again. */
    public function testSeeded(): void
    {
        $random = new Randomizer(new Mt19937(15));
        $make = static function (int $depth) use (&$make, $random): mixed {
            $kind = $depth > 3 ? 0 : $random->getInt(0, 3);
            if ($kind < 2) {
                return [null, 1, 'a', 2.5, true][$random->getInt(0, 4)];
            }
            $made = [];
            for ($n = $random->getInt(0, 4); $n > 0; --$n) {
                $made[2 === $kind ? 'k' . $random->getInt(1, 5) : count($made)] = $make($depth + 1);
            }

            return $made;
        };
        for ($n = 0; $n < 500; ++$n) {
            [$one, $other] = [['d' => $make(0)], ['d' => $make(0)]];
            $change = Difference::between($one, $other);
            self::assertEquals($other, $change->on($one));
            self::assertEquals($one, $change->turnedRound()->on($other));
        }
    }
}
