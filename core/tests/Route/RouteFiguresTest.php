<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Route;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\ProvenanceKind;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Setting;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Tests\Orchard;

/** The figures of each route against the trade's own: common practice, no source, one test a figure. */
final class RouteFiguresTest extends TestCase
{
    /** NIST SP 811 (from memory) turns 400 °F into 204.44 °C. */
    public function testSublimationPressesAGarmentAt400FahrenheitFor60Seconds(): void
    {
        $setting = self::setting('sublimation', 'flat-press');
        self::assertEqualsWithDelta(400.0, 1.8 * ($setting->temperature->celsius ?? 0.0) + 32.0, 0.05);
        self::assertSame(ProvenanceKind::CommonPractice, $setting->provenance->kind);
        self::assertSame([60.0], self::seconds('sublimation', StepKind::Heat));
    }

    public function testSublimationPressesTheGarmentEmptyFor10To20Seconds(): void
    {
        [$seconds] = self::seconds('sublimation', StepKind::Prepress);
        self::assertGreaterThanOrEqual(10.0, $seconds);
        self::assertLessThanOrEqual(20.0, $seconds);
    }

    public function testAMugIdlesAt300AndIsPressedAt360FahrenheitFor45SecondsHeavy(): void
    {
        $setting = self::setting('laser-ceramic', 'mug-press');
        self::assertEqualsWithDelta(300.0, 1.8 * ($setting->idle->celsius ?? 0.0) + 32.0, 0.05);
        self::assertEqualsWithDelta(360.0, 1.8 * ($setting->temperature->celsius ?? 0.0) + 32.0, 0.05);
        self::assertSame('heavy', $setting->pressure);
        self::assertSame([45.0], self::seconds('laser-ceramic', StepKind::Heat));
    }

    public function testAMugsPictureIsThreeInchesHigh(): void
    {
        self::assertEqualsWithDelta(
            3.0 * 25.4,
            Orchard::catalogue()->routes['laser-ceramic']->making->usualHeight->mm ?? 0.0,
            1e-9,
        );
    }

    public function testReleaseFilmIsTackedForThreeSeconds(): void
    {
        self::assertSame([3.0], self::seconds('multi-film', StepKind::Tack));
    }

    public function testASmallPieceOfReleaseFilmGets30SecondsAndAFullLetterSheetTwoMinutes(): void
    {
        $figure = Orchard::catalogue()->routes['multi-film']->figures['dwell'];
        self::assertSame(30.0, $figure->secondsFor(40.0 * 50.0));
        self::assertSame(120.0, $figure->secondsFor(215.9 * 279.4));
        self::assertSame(75.0, $figure->secondsFor((5000.0 + 60322.0) / 2.0), 'half-way between, half of the way');
    }

    public function testTonerOnMetalStands60SecondsAndMovesFor60To120(): void
    {
        [$still, $moving] = self::seconds('toner-metal', StepKind::Heat);
        self::assertSame(60.0, $still);
        self::assertGreaterThanOrEqual(60.0, $moving);
        self::assertLessThanOrEqual(120.0, $moving);
    }

    public function testPhotoPaperOnMetalIsSoakedForFiveMinutesAndALinerIsNot(): void
    {
        self::assertSame([], self::seconds('toner-metal', StepKind::Soak));
        self::assertSame([300.0], self::seconds('toner-metal', StepKind::Soak, ['school.toner-paper' => 'photo']));
    }

    public function testMetalGetsThreeCoatsFifteenMinutesApartOrSeven(): void
    {
        self::assertSame([900.0, 900.0, 900.0], self::seconds('toner-metal', StepKind::Wait));
        self::assertSame([1800.0], self::seconds('toner-metal', StepKind::Cool), 'the iron is cold before the first');
        self::assertCount(7, self::seconds('toner-metal', StepKind::Coat, ['school.coats' => 'coats-7']));
        $kinds = array_values(
            array_filter(
                array_map(static fn(Step $s): string => $s->kind->value, self::plan('toner-metal')->steps),
                static fn(string $k): bool => in_array($k, ['coat', 'wait'], true),
            ),
        );
        self::assertSame(['coat', 'wait', 'coat', 'wait', 'coat', 'wait'], $kinds, 'in turn');
    }

    public function testATissueCarrierIsAnInchLargerAllRound(): void
    {
        $carrier = array_values(
            array_filter(self::plan('tissue-wax')->steps, static fn(Step $s): bool => StepKind::Carrier === $s->kind),
        )[0];
        self::assertSame(25.4, $carrier->title->values['carrier']->value);
    }

    public function testWaxIsHeldFor30SecondsBeforePeeling(): void
    {
        self::assertSame([30.0], self::seconds('tissue-wax', StepKind::Set));
    }

    /** Dryer: a few minutes in all; gun: seconds a patch; spoon: far longer. */
    public function testTheSlowerTheHeatTheLongerACandleTakes(): void
    {
        $of = static fn(string $school): float => self::seconds('tissue-wax', StepKind::Heat, [
            'school.candle-heat' => $school,
        ])[0];
        self::assertEqualsWithDelta(40.0, $of('dryer-full'), 10.0, 'an area, and not the picture');
        self::assertLessThan($of('dryer-full'), $of('gun'));
        self::assertGreaterThan($of('dryer-full'), $of('dryer-gentle'));
        self::assertGreaterThan(3.0 * $of('dryer-full'), $of('spoon'));
    }

    public function testAWaxBoardWantsThreeCoats(): void
    {
        self::assertSame(3.0, Orchard::catalogue()->routes['burnish-wax']->figures['coats']->value);
    }

    public function testIronsAreHottestWithoutSteam(): void
    {
        foreach (
            ['light-film', 'dark-film', 'multi-film', 'liner-fabric', 'liner-wood', 'toner-metal', 'paper-wood']
            as $route
        ) {
            self::assertSame(3, self::setting($route, 'iron')->dots, $route);
            $heat = Orchard::decision(self::plan($route), 'heat');
            self::assertStringContainsString('no steam', $heat->value->text, $route);
        }
    }

    public function testPlainPaperOnWoodIsIronedForAFewMinutes(): void
    {
        [$seconds] = self::seconds('paper-wood', StepKind::Heat);
        self::assertGreaterThanOrEqual(120.0, $seconds);
        self::assertLessThanOrEqual(300.0, $seconds);
    }

    private static function setting(string $route, string $heat): Setting
    {
        return Orchard::catalogue()->routes[$route]->heating->settings[$heat];
    }

    /** @param array<string, string> $changes */
    private static function plan(string $route, array $changes = []): TransferPlan
    {
        return Orchard::plan(Orchard::edit(Orchard::jobOf($route), $changes));
    }

    /**
     * @param array<string, string> $changes
     *
     * @return list<float>
     */
    private static function seconds(string $route, StepKind $kind, array $changes = []): array
    {
        $steps = array_filter(self::plan($route, $changes)->steps, static fn(Step $s): bool => $s->kind === $kind);

        return array_values(array_map(static fn(Step $s): float => $s->duration->seconds, $steps));
    }
}
