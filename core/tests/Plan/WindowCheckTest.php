<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Tests\Orchard;

/** The heat model comments on the times that people set, and never changes one. */
final class WindowCheckTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function routes(): iterable
    {
        foreach (array_keys(Orchard::catalogue()->routes) as $route) {
            yield $route => [$route];
        }
    }

    /** That is why they are not computed with every plan. */
    #[DataProvider('routes')]
    public function testEveryDefaultLiesInItsWindow(string $route): void
    {
        $case = Orchard::plan(Orchard::jobOf($route))->heatCase;
        if (null === $case || null === $case->recipeS) {
            self::assertContains($route, ['burnish-wax'], 'nothing is heated that is modelled');

            return;
        }
        $window = PressWindow::forCase($case, Orchard::catalogue()->heat->parameters, Draw::middles(), false);
        self::assertTrue($window->holds($case->recipeS), $case->recipeS . ' s from ' . $window->earliestS);
    }

    #[TestWith(['tissue-wax', 'figure.melt', '180 s', 'too long'])]
    #[TestWith(['tissue-wax', 'figure.melt', '10 s', 'too short'])]
    #[TestWith(['sublimation', 'figure.dwell', '25 s', 'too short'])]
    #[TestWith(['toner-metal', 'figure.dwell', '20 s', 'too short'])]
    public function testWhatAPersonSetsIsHeldAgainstTheModel(
        string $route,
        string $field,
        string $typed,
        string $words,
    ): void {
        $job = Orchard::edit(Orchard::jobOf($route), [$field => $typed]);
        $plan = Orchard::plan($job);
        $check = Orchard::check($plan, 'heat.window');
        self::assertSame(Severity::Warn, $check?->severity);
        self::assertStringContainsString($words, $check->message->text);
        self::assertNotNull($check->fix, 'there is a time that works');
        $mended = Orchard::plan(Orchard::edit($job, $check->fix->changes));
        self::assertNull(Orchard::check($mended, 'heat.window'), 'and it does');
        self::assertSame($typed, (int) self::dwell($plan) . ' s', 'the figure stays as it was set');
    }

    public function testWhatLiesInsideIsLeftAlone(): void
    {
        $job = Orchard::edit(Orchard::jobOf('tissue-wax'), ['figure.melt' => '50 s']);
        self::assertNull(Orchard::check(Orchard::plan($job), 'heat.window'));
    }

    private static function dwell(TransferPlan $plan): float
    {
        return $plan->heatCase->recipeS ?? 0.0;
    }
}
