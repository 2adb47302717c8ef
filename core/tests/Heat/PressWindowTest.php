<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\Form;
use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Heat\HeatLimit;
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
        return Orchard::plan(Orchard::edit(Orchard::jobOf($route), $changes))->heatCase ??
            throw new \LogicException('It is heated.');
    }

    private static function window(HeatCase $case): PressWindow
    {
        return PressWindow::forCase($case, Orchard::catalogue()->heat->parameters, Draw::middles());
    }

    private static function wide(PressWindow $window): float
    {
        return null === $window->latestS || null === $window->earliestS ? \INF : $window->latestS - $window->earliestS;
    }

    /**
     * Facts of the trade, common practice, no source: computed at the middles of trade.md's ranges, which were fixed
     * before.
     */
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
        $gun = self::window(self::case('tissue-wax')->by(HeatKind::Gun));
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
     * Common practice, no source: a garment is pressed at 204 °C for 60 s, on the press's own pad. At the middles the
     * printed face comes to the 185 °C that sublimation is said to run from just before.
     */
    public function testAGarmentUnderThePressLiesInItsWindow(): void
    {
        $window = self::window(self::case('sublimation'));
        self::assertTrue($window->holds(60.0));
        self::assertFalse($window->holds(45.0), 'and hardly any shorter');
    }

    /** The air of a school is the air that is computed. */
    public function testADryerOnGentleIsComputedAsGentle(): void
    {
        $full = self::case('tissue-wax');
        $gentle = self::case('tissue-wax', ['school.candle-heat' => 'dryer-gentle']);
        self::assertSame(['air', 'gentle_air'], [$full->heater->air, $gentle->heater->air]);
        self::assertGreaterThan(
            2.0 * (self::window($full)->earliestS ?? \INF),
            self::window($gentle)->earliestS ?? \INF,
        );
        self::assertSame($gentle->heater->air, $gentle->heater->at(Temperature::celsius(60.0))->air);
    }

    public function testOnlyWhatIsWarmAllThroughIsOneBody(): void
    {
        $parameters = Orchard::catalogue()->heat->parameters;
        $lumped = PressWindow::lumped(self::case('toner-metal'), $parameters);
        self::assertArrayHasKey('row tag', $lumped);
        // A millimetre or two of aluminium at 237 W/mK, against 1000 W/m²K at the most.
        self::assertLessThan(0.01, $lumped['row tag']);
        self::assertSame(
            [],
            PressWindow::lumped(self::case('laser-ceramic'), $parameters),
            'a mug is warmer outside than inside',
        );
    }

    public function testMostDrawsAgreeThatFilmIsIronedLongEnough(): void
    {
        $spread = Spread::forCase(
            self::case('light-film'),
            Orchard::catalogue()->heat->parameters,
            24,
            static fn(int $done): bool => true,
        );
        self::assertGreaterThan(12, $spread->inside);
        self::assertLessThanOrEqual($spread->earliest[23] ?? \INF, $spread->earliest[0]);
    }

    public function testMoreHeatShortensTheWaitAndLessMayNeverDo(): void
    {
        $case = self::case('light-film');
        $at = static fn(float $celsius): PressWindow => self::window(
            $case->with($case->heater->at(Temperature::celsius($celsius))),
        );
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
        self::assertSame(['medium', 'light'], [$hard->heater->pressure, $soft->heater->pressure], 'one class lower');
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
        $draw = static fn(int $seed): ?float => PressWindow::forCase(
            $case,
            Orchard::catalogue()->heat->parameters,
            Draw::seeded($seed),
            false,
        )->earliestS;
        self::assertSame($draw(3), $draw(3));
        self::assertNotSame($draw(3), $draw(4));
    }

    /** Every parameter that is drawn says where it comes from, and lies in its range. */
    public function testEveryParameterHasItsProvenance(): void
    {
        $draw = Draw::seeded(1);
        PressWindow::forCase(self::case('tissue-wax'), Orchard::catalogue()->heat->parameters, $draw, false);
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

    /** Common practice, no source: a mug press idles at 149 °C and counts its 45 s from when it is back at 182 °C. */
    public function testAMugPressCountsFromWhenItIsBack(): void
    {
        $case = self::case('laser-ceramic');
        self::assertEqualsWithDelta(148.89, $case->heater->idle?->celsius, 0.01);
        $window = self::window($case);
        self::assertGreaterThan(5.0, $window->countedFromS);
        self::assertLessThan(180.0, $window->countedFromS);
        $since = array_values(
            array_filter($window->curve, static fn(array $point): bool => $point[0] >= ($window->countedFromS ?? \INF)),
        );
        self::assertGreaterThan(178.5, $since[0][1][0], 'the source is back');
        self::assertSame(0.0, self::window(self::case('light-film'))->countedFromS, 'an iron counts at once');
    }

    /** A press too weak for its mug never comes back: its clock never starts, so nothing lies in its window. */
    public function testAPressThatNeverComesBackIsTold(): void
    {
        $case = self::case('laser-ceramic');
        $weak = self::window($case->with($case->heater->at(Temperature::celsius(420.0))));
        self::assertNull($weak->countedFromS);
        self::assertNull($weak->holds(45.0));
    }

    public function testWhatFixesTheSheetHasItsLimit(): void
    {
        $limits = array_column(self::window(self::case('sublimation'))->limits, null, 'what');
        self::assertArrayHasKey('the heat tape fails', $limits);
        self::assertNull($limits['the heat tape fails']->atS, 'not at 204 °C');
        self::assertArrayHasKey('polyester softens from about here', $limits);
        $case = self::case('sublimation');
        $hot = self::window($case->with($case->heater->at(Temperature::celsius(400.0))));
        self::assertNotNull(array_column($hot->limits, null, 'what')['the heat tape fails']->atS);
        $plain = self::window(self::case('toner-metal'));
        $tape = array_values(array_filter($plain->limits, static fn(HeatLimit $limit): bool => !$limit->ends))[0];
        self::assertNotNull($tape->atS, 'plain tape would soften');
        self::assertTrue(
            null === $plain->latestS || $plain->latestS > $tape->atS,
            'which ends no window: it lies outside',
        );
    }

    /** A window ends where the first of its limits is passed, and says which. */
    #[TestWith(['light-film', 280.0])]
    #[TestWith(['sublimation', 290.0])]
    public function testTheFirstLimitEndsIt(string $route, float $celsius): void
    {
        $case = self::case($route);
        $window = self::window($case->with($case->heater->at(Temperature::celsius($celsius))));
        $ends = array_filter(
            $window->limits,
            static fn(HeatLimit $limit): bool => $limit->ends && null !== $limit->atS,
        );
        usort($ends, static fn(HeatLimit $one, HeatLimit $other): int => $one->atS <=> $other->atS);
        self::assertSame([$window->latestS, $window->spoilt], [($ends[0] ?? null)?->atS, ($ends[0] ?? null)?->what]);
    }

    /** Hot enough to yellow film before it has held for its five seconds. */
    public function testAWindowThatEndsBeforeItBeginsHasNoMiddle(): void
    {
        $case = self::case('light-film');
        $window = self::window($case->with($case->heater->at(Temperature::celsius(420.0))));
        self::assertLessThan($window->earliestS, $window->latestS);
        self::assertNull($window->middleS());
        self::assertNull($window->width());
        self::assertFalse($window->holds(($window->earliestS ?? 0.0) + 1.0));
    }

    public function testASourceTooCoolSaysSo(): void
    {
        $wax = self::case('tissue-wax');
        $film = self::case('light-film');
        $at = static fn(HeatCase $case, float $celsius): PressWindow => self::window(
            $case->with($case->heater->at(Temperature::celsius($celsius))),
        );
        self::assertSame(PressWindow::TOO_COOL, $at($wax, 45.0)->whyNever, 'wax melts above it');
        self::assertSame(PressWindow::TOO_COOL, $at($film, 5.0)->whyNever, 'colder than the room');
        self::assertSame(PressWindow::TOO_SLOW, $at($wax, 59.0)->whyNever);
        self::assertNull(self::window($wax)->whyNever);
    }

    /** The farther a gun is held the longer it wants; where it is usually held nothing changes. */
    public function testAirWeakensOnItsWay(): void
    {
        $gun = self::case('tissue-wax')->by(HeatKind::Gun);
        $from = static fn(float $mm): PressWindow => self::window($gun->with($gun->heater->from($mm)));
        self::assertEqualsWithDelta(self::window($gun)->earliestS, $from(75.0)->earliestS, 1e-6);
        self::assertGreaterThan($from(75.0)->earliestS, $from(150.0)->earliestS);
        self::assertGreaterThan($from(150.0)->earliestS, $from(300.0)->earliestS);
    }

    /** A candle of one layer, and nothing over it. */
    public function testAStackOfOneLayer(): void
    {
        $case = self::case('tissue-wax');
        $bare = new HeatCase($case->heater, [$case->layers[$case->blank]], $case->diameterMm, 'wax', 0, 0);
        $window = self::window($bare);
        self::assertNotNull($window->earliestS);
        self::assertLessThan(self::window($case)->earliestS, $window->earliestS, 'nothing hinders the heat');
    }
}
