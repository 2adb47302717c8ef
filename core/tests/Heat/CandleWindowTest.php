<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Tests\Orchard;

/** What a candle is heated for by default lies inside the window that the model computes for it. */
final class CandleWindowTest extends TestCase
{
    /** @return iterable<string, array{array<string, string>}> */
    public static function candles(): iterable
    {
        $candles = [
            'pillar' => ['size' => 'pillar'],
            'squat' => ['size' => 'squat'],
            'tapered' => ['size' => 'tapered-candle'],
            'LED' => ['kind' => 'led-candle'],
        ];
        foreach (['tissue-wax', 'handmade-wax'] as $route) {
            foreach ($candles as $name => $candle) {
                foreach (['dryer-full', 'dryer-gentle', 'gun'] as $heat) {
                    foreach (['parchment', 'waxed-paper'] as $cover) {
                        yield implode(', ', [$route, $name, $heat, $cover]) => [
                            $candle + [
                                'route' => $route,
                                'width' => '50 mm',
                                'school.candle-heat' => $heat,
                                'school.candle-cover' => $cover,
                            ],
                        ];
                    }
                }
            }
        }
    }

    /** @param array<string, string> $changes as typed */
    #[DataProvider('candles')]
    public function testTheDefaultOfAnAreaLiesInItsWindow(array $changes): void
    {
        $plan = self::plan($changes);
        $case = $plan->heatCase ?? self::fail('Nothing is heated that the model knows.');
        $window = PressWindow::forCase($case, Orchard::catalogue()->heat->parameters, Draw::middles(), false);
        self::assertTrue(
            $window->holds($case->recipeS ?? 0.0),
            sprintf('%.0f s in %.0f to %.0f', $case->recipeS, $window->earliestS, $window->latestS),
        );
    }

    /** Published by practitioners: about 40 s an area at full heat; on gentle it begins to bond within a minute. */
    public function testTheModelSaysWhatTheTradeSays(): void
    {
        $at = static fn(string $heat): PressWindow => PressWindow::forCase(
            self::plan(['school.candle-heat' => $heat])->heatCase ?? self::fail('no case'),
            Orchard::catalogue()->heat->parameters,
            Draw::middles(),
            false,
        );
        self::assertTrue($at('dryer-full')->holds(40.0));
        self::assertLessThan(60.0, $at('dryer-gentle')->earliestS);
        self::assertLessThan(45.0, $at('gun')->latestS, 'a small picture of three areas in three quarters of a minute');
    }

    /** Six areas, about 40 s each: their count and seconds stand on the ticket, and each is a step. */
    public function testThePictureIsSeveralAreas(): void
    {
        $plan = self::plan(['width' => '80 mm']);
        $places = count($plan->arrangement->coverage->places ?? []);
        self::assertGreaterThan(1, $places);
        $line = Orchard::decision($plan, 'time');
        self::assertStringContainsString($places . ' areas × {each}', $line->value->text);
        self::assertSame(40.0, $line->value->values['each']->value);
        self::assertCount($places, array_filter($plan->steps, static fn($step): bool => 'heat' === $step->kind->value));
    }

    /** Gentle is gentle everywhere. */
    public function testAGentleSettingIsSaidAsGentle(): void
    {
        $plan = self::plan(['school.candle-heat' => 'dryer-gentle']);
        $said = (string) json_encode([$plan->decisions, $plan->steps, $plan->arrangement->stack->layers]);
        self::assertStringNotContainsString('hottest', str_replace('hair dryer at full heat', '', $said));
        self::assertStringContainsString('the gentle setting, held longer', $said);
    }

    /** @param array<string, string> $changes as typed */
    private static function plan(array $changes): TransferPlan
    {
        return Orchard::plan(Orchard::edit(Orchard::jobOf('tissue-wax'), $changes));
    }
}
