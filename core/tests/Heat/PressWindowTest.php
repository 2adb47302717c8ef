<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\Form;
use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Heat\Spread;
use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Tests\Orchard;

final class PressWindowTest extends TestCase
{
    /** @param array<string, string> $changes */
    private static function case(string $route, array $changes = []): HeatCase
    {
        return Orchard::plan(Orchard::edit(Orchard::jobOf($route), $changes))->heatCase ?? throw new \LogicException('It is heated.');
    }

    private static function window(HeatCase $case): PressWindow
    {
        return PressWindow::of($case, Orchard::catalogue()->heatParameters, Draw::middles());
    }

    private static function wide(PressWindow $window): float
    {
        return null === $window->latestS || null === $window->earliestS ? \INF : $window->latestS - $window->earliestS;
    }

    /** Facts of the trade, common practice, no source: computed at the middles of trade.md's ranges, which were fixed before. */
    public function testADryerWantsAMinuteToAFewOnACandle(): void
    {
        $window = self::window(self::case('tissue-wax'));
        self::assertSame(Form::Cylinder, $window->form);
        self::assertGreaterThan(20.0, $window->earliestS);
        self::assertLessThan(300.0, $window->earliestS);
        self::assertSame('the shape runs', $window->spoilt);
    }

    /** Common practice, no source: a gun wants a few seconds to tens of seconds, and its window is short. */
    public function testAGunIsQuickerThanADryerAndSpoilsSooner(): void
    {
        $dryer = self::window(self::case('tissue-wax'));
        $of = self::case('tissue-wax');
        $gun = self::window(new HeatCase(HeatKind::Gun, $of->layers, null, $of->pressure, $of->diameterMm, $of->need, $of->medium, $of->blank, $of->limitC, $of->limitWhy, null));
        self::assertLessThan(60.0, $gun->earliestS);
        self::assertGreaterThan(2.0, $gun->earliestS);
        self::assertLessThan(self::wide($dryer), self::wide($gun));
    }

    /** Common practice, no source: film on a hard board is ironed 15 to 20 s an area; a mug at 182 °C 45 s. */
    #[TestWith(['light-film', 15.0])]
    #[TestWith(['light-film', 20.0])]
    #[TestWith(['laser-ceramic', 45.0])]
    public function testRecipesOfTheTradeLieInTheirWindows(string $route, float $seconds): void
    {
        self::assertTrue(self::window(self::case($route))->holds($seconds));
    }

    /**
     * Common practice, no source: a garment is pressed at 204 °C for 60 s. Outside, and told so: at the middles the printed
     * face has not come to the 185 °C that sublimation is said to run from. It hangs on the conductance of the contacts,
     * which nobody measured, and on that temperature.
     */
    public function testAGarmentUnderThePressLiesOutsideItsWindow(): void
    {
        $window = self::window(self::case('sublimation'));
        self::assertFalse($window->holds(60.0));
        $at60 = array_values(array_filter($window->curve, static fn (array $point): bool => $point[0] >= 60.0))[0][1][2];
        self::assertGreaterThan(150.0, $at60);
        self::assertLessThan(185.0, $at60);
    }

    /**
     * The air of a school is the air that is computed. At the middles a dryer on gentle wants ten minutes, where common
     * practice (no source) sees the first bond in under one: it hangs on the 65 °C of its air.
     */
    public function testADryerOnGentleIsComputedAsGentle(): void
    {
        $full = self::case('tissue-wax');
        $gentle = self::case('tissue-wax', ['school.candle-heat' => 'dryer-gentle']);
        self::assertSame(['air', 'gentle_air'], [$full->air, $gentle->air]);
        self::assertGreaterThan(3.0 * (self::window($full)->earliestS ?? \INF), self::window($gentle)->earliestS ?? \INF);
        self::assertSame($gentle->air, $gentle->at(Temperature::celsius(60.0))->air);
    }

    public function testOnlyWhatIsWarmAllThroughIsOneBody(): void
    {
        $parameters = Orchard::catalogue()->heatParameters;
        $lumped = PressWindow::lumped(self::case('toner-metal'), $parameters);
        self::assertArrayHasKey('row tag', $lumped);
        // A millimetre or two of aluminium at 237 W/mK, against 1000 W/m²K at the most.
        self::assertLessThan(0.01, $lumped['row tag']);
        self::assertSame([], PressWindow::lumped(self::case('laser-ceramic'), $parameters), 'a mug is warmer outside than inside');
    }

    public function testMostDrawsAgreeThatFilmIsIronedLongEnough(): void
    {
        $spread = Spread::of(self::case('light-film'), Orchard::catalogue()->heatParameters, 24, static fn (int $done): bool => true);
        self::assertGreaterThan(12, $spread->inside);
        self::assertLessThanOrEqual($spread->earliest[23] ?? \INF, $spread->earliest[0]);
    }

    public function testMoreHeatShortensTheWaitAndLessMayNeverDo(): void
    {
        $case = self::case('light-film');
        $at = static fn (float $celsius): PressWindow => self::window($case->at(Temperature::celsius($celsius)));
        self::assertLessThan($at(160.0)->earliestS, $at(200.0)->earliestS);
        self::assertNull($at(100.0)->earliestS, 'it never bonds');
        self::assertNull($at(100.0)->holds(20.0));
        self::assertNotNull($at(260.0)->latestS, 'and something burns');
        $usual = self::window(self::case('tissue-wax'));
        self::assertEqualsWithDelta(($usual->latestS ?? 0.0) / ($usual->earliestS ?? 1.0), $usual->width(), 1e-9);
        self::assertNull($at(100.0)->width());
    }

    public function testASoftBoardWantsLonger(): void
    {
        $hard = self::case('light-film', ['base' => 'wood-board']);
        $soft = self::case('light-film', ['base' => 'ironing-board']);
        self::assertSame(['medium', 'light'], [$hard->pressure, $soft->pressure], 'one class lower');
        self::assertLessThan(self::window($soft)->earliestS, self::window($hard)->earliestS);
    }

    public function testTheBackingCoolsThroughHotAndWarmToCold(): void
    {
        $window = self::window(self::case('light-film'));
        self::assertLessThan($window->coolerThan(30.0), $window->coolerThan(60.0));
        self::assertGreaterThan(5.0, $window->coolerThan(30.0));
        self::assertNull($window->coolerThan(10.0), 'not below the room');
    }

    public function testNoHeatIsLostInAnyOfThem(): void
    {
        foreach (['light-film', 'sublimation', 'laser-ceramic', 'liner-wood', 'toner-metal', 'tissue-wax'] as $route) {
            self::assertLessThan(0.001, self::window(self::case($route))->imbalance, $route);
        }
    }

    public function testTheSameSeedDrawsTheSame(): void
    {
        $case = self::case('tissue-wax');
        $draw = static fn (int $seed): ?float => PressWindow::of($case, Orchard::catalogue()->heatParameters, Draw::seeded($seed), false)->earliestS;
        self::assertSame($draw(3), $draw(3));
        self::assertNotSame($draw(3), $draw(4));
    }

    /** Every parameter that is drawn says where it comes from, and lies in its range. */
    public function testEveryParameterHasItsProvenance(): void
    {
        $draw = Draw::seeded(1);
        PressWindow::of(self::case('tissue-wax'), Orchard::catalogue()->heatParameters, $draw, false);
        self::assertNotSame([], $draw->used());
        foreach ($draw->used() as $parameter) {
            self::assertNotSame('', (string) $parameter->provenance->source, $parameter->id);
            self::assertGreaterThanOrEqual($parameter->from, $draw->of($parameter));
            self::assertLessThanOrEqual($parameter->to, $draw->of($parameter));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function cold(): iterable
    {
        yield 'rubbed with a spoon' => ['burnish-wax'];
    }

    #[DataProvider('cold')]
    public function testWhatIsNotHeatedIsNotModelled(string $route): void
    {
        self::assertNull(Orchard::plan(Orchard::jobOf($route))->heatCase);
    }
}
