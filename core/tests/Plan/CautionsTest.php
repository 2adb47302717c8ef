<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Tests\Orchard;

/** Safety at the step where it matters. Common practice, no source: local codes and the makers' sheets come first. */
final class CautionsTest extends TestCase
{
    /** @param array<string, string> $changes as typed */
    #[TestWith(['light-film', [], 'heat', 'never lay it down'])]
    #[TestWith(['light-film', [], 'heat', 'Open a window'])]
    #[TestWith(['light-film', [], 'peel', 'Use a cloth'])]
    #[TestWith(['sublimation', [], 'heat', 'when it closes'])]
    #[TestWith(['sublimation', [], 'heat', 'polyester and coatings give off fumes'])]
    #[TestWith(['laser-ceramic', [], 'heat', 'Wear a mitt'])]
    #[TestWith(['laser-ceramic', [], 'cool', 'breaks in cold water'])]
    #[TestWith(['toner-metal', [], 'clean', 'keep flames and hot irons away'])]
    #[TestWith(['toner-metal', [], 'sand', 'Wear a mask'])]
    #[TestWith(['toner-metal', [], 'sand', 'empty and unplugged'])]
    #[TestWith(['toner-metal', [], 'coat', 'outdoors'])]
    #[TestWith(['toner-metal', ['school.toner-paper' => 'photo'], 'soak', 'hot enough to burn'])]
    #[TestWith(['tissue-wax', [], 'heat', 'Never put water on burning wax'])]
    #[TestWith(['tissue-wax', [], 'heat', 'mitt or a folded towel'])]
    #[TestWith(['tissue-wax', [], 'heat', 'Take breaks'])]
    #[TestWith(['tissue-wax', [], 'heat', 'Open a window'])]
    #[TestWith(['tissue-wax', ['school.candle-heat' => 'gun'], 'heat', 'fingers out of the hot air'])]
    #[TestWith(['tissue-wax', ['school.candle-heat' => 'spoon'], 'heat', 'Keep tissue and solvents away'])]
    #[TestWith(['burnish-wax', ['school.fusing' => 'low'], 'fuse', 'Wax burns'])]
    #[TestWith(['light-film', [], 'off', 'Never leave'])]
    public function testItStandsAtItsStep(string $route, array $changes, string $kind, string $words): void
    {
        $steps = array_filter(
            self::plan($route, $changes)->steps,
            static fn(Step $step): bool => $step->kind->value === $kind,
        );
        self::assertNotEmpty($steps, $route . ' has no step ' . $kind);
        foreach ($steps as $step) {
            self::assertStringContainsString($words, implode(' ', $step->cautions));
        }
    }

    /** @param array<string, string> $changes as typed */
    #[TestWith(['tissue-wax', ['school.candle-heat' => 'spoon'], 'fingers out of the hot air'])]
    #[TestWith(['tissue-wax', [], 'away from behind the candle'])]
    #[TestWith(['light-film', [], 'when it closes'])]
    #[TestWith(['sublimation', [], 'Wax and paper burn'])]
    #[TestWith(['burnish-wax', [], 'hot film'])]
    #[TestWith(['tissue-wax', [], 'batteries out'])]
    public function testNobodyIsWarnedOfWhatIsNotThere(string $route, array $changes, string $words): void
    {
        $all = array_merge(
            ...array_map(static fn(Step $step): array => $step->cautions, self::plan($route, $changes)->steps),
        );
        self::assertStringNotContainsString($words, implode(' ', $all));
    }

    /** What would be taken is warned of like what is at hand: a gun that still has to be bought burns as well. */
    #[TestWith(['gun', 'away from behind the candle'])]
    #[TestWith(['spoon', 'away from the flame'])]
    public function testWhatIsNotOnTheShelfYetHasItsCautionsToo(string $source, string $words): void
    {
        $bare = Shelf::fromRecord(Record::of(['heat' => []] + Orchard::shelf()->toRecord()), Orchard::catalogue());
        $plan = Orchard::plan(
            Orchard::edit(Orchard::jobOf('tissue-wax'), ['school.candle-heat' => $source]),
            null,
            $bare,
        );
        self::assertNull($plan->outfit->heat);
        $said = array_merge(...array_map(static fn(Step $step): array => $step->cautions, $plan->steps));
        self::assertStringContainsString($words, implode(' ', $said));
        self::assertStringContainsString('urn', implode(' ', $said), 'and of fire');
    }

    /** A candle with batteries is not burned, and a new candle has no hollow. */
    public function testCandlesAreBurnedOrLitAsTheyCanBe(): void
    {
        $said = static fn(TransferPlan $plan): string => implode(
            "\n",
            array_map(static fn(Step $step): string => $step->title->text . ' ' . $step->cue->text, $plan->steps),
        );
        $led = Orchard::plan(Orchard::edit(Orchard::jobOf('tissue-wax'), ['kind' => 'led-candle', 'width' => '60 mm']));
        self::assertArrayNotHasKey('burning', $led->outfit->ways->options, 'there is no wick');
        self::assertStringContainsString('batteries out', $said($led));
        self::assertStringNotContainsString('burn it down', $said($led) . implode(' ', $led->cautions));
        self::assertStringNotContainsString('flame', $said($led));
        foreach (['led-votive', 'burn-down', 'with-care'] as $burning) {
            $plan = self::plan('tissue-wax', ['school.burning' => $burning]);
            self::assertSame(
                'led-votive' === $burning,
                str_contains($said($plan), 'paint pen'),
                'no paint on what burns: ' . $burning,
            );
            self::assertSame('burn-down' === $burning, str_contains($said($plan), 'burn it down'), $burning);
        }
    }

    public function testWhatIsOfTheBlankStandsOnTheTicket(): void
    {
        $on = static fn(TransferPlan $plan): string => implode(' ', $plan->cautions);
        self::assertStringContainsString(
            'children’s clothing',
            $on(Orchard::plan(Orchard::job(['blank' => ['size' => 'child-9'], 'placement' => ['side_mm' => 150]]))),
        );
        self::assertStringNotContainsString('children’s clothing', $on(Orchard::plan()));
        self::assertStringContainsString('drinking rim', $on(self::plan('laser-ceramic', [])));
        self::assertStringContainsString(
            'Keep the flame of a decorated candle away from the paper',
            $on(self::plan('tissue-wax', [])),
        );
        self::assertStringContainsString('owns the rights', $on(Orchard::plan()));
    }

    /** @param array<string, string> $changes as typed */
    private static function plan(string $route, array $changes): TransferPlan
    {
        return Orchard::plan(Orchard::edit(Orchard::jobOf($route), $changes));
    }
}
