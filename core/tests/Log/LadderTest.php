<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Log\Ladder;
use Wubbin\Core\Log\LadderAxis;
use Wubbin\Core\Log\LadderMark;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Size;

final class LadderTest extends TestCase
{
    private static function ladder(): Ladder
    {
        return Ladder::fromAxes(
            LadderAxis::fromValues('x', LadderAxis::SECONDS, [30.0, 10.0, 20.0, 40.0]),
            LadderAxis::fromValues('y', LadderAxis::CELSIUS, [160.0, 180.0, 200.0]),
            25.0,
        );
    }

    public function testRungsRise(): void
    {
        self::assertSame([10.0, 20.0, 30.0, 40.0], self::ladder()->x->values);
        self::assertSame(
            ['light', 'heavy'],
            LadderAxis::fromValues('x', LadderAxis::PRESSURE, ['heavy', 'light'])->given(),
        );
    }

    public function testThePressIsOnlyEverMadeHotter(): void
    {
        $ladder = self::ladder();
        $celsius = array_map(
            static fn(array $one): ?float => $ladder->value(LadderAxis::CELSIUS, $one['x'], $one['y']),
            $ladder->order(),
        );
        $sorted = $celsius;
        sort($sorted);
        self::assertSame($sorted, $celsius);
        self::assertSame(['A1', 'A2', 'A3', 'A4', 'B1'], array_slice(array_column($ladder->order(), 'name'), 0, 5));
        self::assertCount(12, array_unique(array_column($ladder->order(), 'name')));
    }

    public function testWhatDriesLongestComesLast(): void
    {
        $ladder = Ladder::fromAxes(
            LadderAxis::fromValues('x', LadderAxis::CELSIUS, [200.0, 160.0]),
            LadderAxis::fromValues('y', LadderAxis::DRYING, [300.0, 1800.0]),
            25.0,
        );
        self::assertSame(['A1', 'A2', 'B1', 'B2'], array_column($ladder->order(), 'name'));
    }

    public function testSwatchesLieApartWithinThePrintableRoom(): void
    {
        $places = self::ladder()->places(Size::mm(210.0, 297.0), 5.0);
        self::assertCount(12, $places);
        foreach ($places as $name => $one) {
            self::assertGreaterThanOrEqual(5.0, $one->xMm);
            self::assertLessThanOrEqual(205.0, $one->right());
            self::assertLessThanOrEqual(292.0, $one->bottom());
            foreach ($places as $other => $two) {
                self::assertTrue($name === $other || null === $one->overlap($two));
            }
        }
    }

    /** In the middle of the good ones, not at their edge. */
    public function testTheSettingThatForgivesMostIsChosen(): void
    {
        $ladder = Ladder::fromAxes(
            LadderAxis::fromValues('x', LadderAxis::SECONDS, [10.0, 20.0, 30.0, 40.0, 50.0]),
            LadderAxis::fromValues('y', LadderAxis::CELSIUS, [150.0, 160.0, 170.0, 180.0, 190.0]),
            20.0,
        );
        $marks = [];
        foreach ($ladder->names() as $name) {
            $marks[$name] = LadderMark::Good;
        }
        foreach (['A1', 'A2', 'B1', 'A3'] as $name) {
            $marks[$name] = LadderMark::NotYet;
        }
        $marks['E5'] = LadderMark::TooMuch;
        $chosen = $ladder->marked($marks)->chosen();
        self::assertNotNull($chosen);
        self::assertSame(['C3', 2.0], [$chosen['name'], $chosen['away']]);
    }

    public function testWithoutAGoodOneNoneIsChosen(): void
    {
        self::assertNull(self::ladder()->chosen());
        self::assertNull(
            self::ladder()
                ->marked(['A1' => LadderMark::NotYet])
                ->chosen(),
        );
        self::assertSame(
            'B2',
            self::ladder()
                ->marked(['B2' => LadderMark::Good])
                ->chosen()['name'] ?? null,
        );
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function bad(): iterable
    {
        $seconds = static fn(): LadderAxis => LadderAxis::fromValues('x', LadderAxis::SECONDS, [10.0, 20.0]);
        yield 'one rung' => [static fn() => LadderAxis::fromValues('x', LadderAxis::SECONDS, [10.0]), 'x'];
        yield 'seven rungs' => [
            static fn() => LadderAxis::fromValues('x', LadderAxis::SECONDS, [1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0]),
            'x',
        ];
        yield 'a rung twice' => [static fn() => LadderAxis::fromValues('y', LadderAxis::SECONDS, [10.0, 10.0]), 'y'];
        yield 'endless' => [static fn() => LadderAxis::fromValues('x', LadderAxis::SECONDS, [10.0, 6000.0]), 'x'];
        yield 'too hot' => [static fn() => LadderAxis::fromValues('x', LadderAxis::CELSIUS, [100.0, 900.0]), 'x'];
        yield 'an unheard-of pressure' => [
            static fn() => LadderAxis::fromValues('x', LadderAxis::PRESSURE, ['light', 'firm']),
            'x',
        ];
        yield 'an unheard-of side' => [static fn() => LadderAxis::fromValues('x', 'moon', [1.0, 2.0]), 'x'];
        yield 'the same along both' => [
            static fn() => Ladder::fromAxes(
                $seconds(),
                LadderAxis::fromValues('y', LadderAxis::SECONDS, [1.0, 2.0]),
                25.0,
            ),
            'y',
        ];
        yield 'tiny swatches' => [
            static fn() => Ladder::fromAxes(
                $seconds(),
                LadderAxis::fromValues('y', LadderAxis::CELSIUS, [100.0, 200.0]),
                3.0,
            ),
            'swatch_mm',
        ];
        yield 'more than a sheet' => [static fn() => self::ladder()->places(Size::mm(100.0, 148.0), 5.0), 'swatch_mm'];
        yield 'no such swatch' => [static fn() => self::ladder()->marked(['Z9' => LadderMark::Good]), 'marks'];
    }

    /** @param callable(): mixed $make */
    #[DataProvider('bad')]
    public function testWhatCannotBeIsToldAtItsField(callable $make, string $field): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
        }
    }
}
