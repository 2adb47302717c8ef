<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\House;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\ProvenanceKind;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Tests\Orchard;

final class RecipeTest extends TestCase
{
    public function testARecipeSurvivesItsFile(): void
    {
        $recipe = self::recipe();
        self::assertEquals(
            $recipe,
            Recipe::fromRecord(
                Record::of(json_decode((string) json_encode($recipe->toRecord()), true)),
                Orchard::catalogue(),
            ),
        );
    }

    public function testItOutranksSchoolAndBuiltInAndThePlanSaysSo(): void
    {
        $plan = self::plan(['school.drying' => 'dry-5']);
        self::assertSame('10 min', self::value($plan, 'drying'));
        self::assertSame(ProvenanceKind::Recipe, Orchard::decision($plan, 'drying')->provenance->kind);
        self::assertSame('Blue box film, version 2', Orchard::decision($plan, 'drying')->provenance->source);
        self::assertSame('Blue box film, version 2', self::value($plan, 'recipe'));
        self::assertStringContainsString('170 °C', self::value($plan, 'heat'));
        self::assertStringContainsString('peel hot', self::value($plan, 'finish'));
        self::assertStringContainsString('the shiny side', $plan->steps[0]->title->text);
        self::assertSame('4 areas × 22 s', self::value($plan, 'time'));
    }

    public function testTheJobOutranksIt(): void
    {
        self::assertSame('12 min', self::value(self::plan(['figure.dry' => '12 min']), 'drying'));
    }

    public function testAJobCanGoByNone(): void
    {
        $plan = self::plan(['recipe' => 'none']);
        self::assertSame('30 min', self::value($plan, 'drying'));
        self::assertSame('Wubbin’s own figures', self::value($plan, 'recipe'));
    }

    public function testItIsUsedOnlyForItsSheetAndItsHeat(): void
    {
        $letter = self::recipe(['medium' => 'film-clear-letter']);
        self::assertSame('Wubbin’s own figures', self::value(self::plan([], $letter), 'recipe'));
        self::assertSame(
            'Blue box film, version 2',
            self::value(self::plan(['medium' => 'film-clear-letter'], $letter), 'recipe'),
        );
    }

    public function testWithoutRecipesTheTicketHasNoSuchLine(): void
    {
        $this->expectException(\OutOfBoundsException::class);
        Orchard::decision(Orchard::plan(), 'recipe');
    }

    /** Bad input: a temperature above what the iron reaches, or above what the fibre stands. */
    public function testATemperatureThatNobodyReachesOrNothingStandsIsChecked(): void
    {
        $hot = self::plan([], self::recipe(['temperature_c' => 230, 'peel' => null]));
        self::assertSame(Severity::Stop, Orchard::check($hot, 'heat.hot')?->severity);
        self::assertSame(Severity::Warn, Orchard::check($hot, 'blank.scorch')?->severity);
        self::assertSame(Severity::Pass, Orchard::check(self::plan(), 'heat.hot')?->severity);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name'];
        yield 'an unheard-of route' => [['route' => 'teleport'], 'route'];
        yield 'a sheet of another route' => [['medium' => 'plain-a4'], 'medium'];
        yield 'heat of another route' => [['heat' => 'dryer'], 'heat'];
        yield 'a temperature of nothing in particular' => [['heat' => null], 'heat'];
        yield '900 degrees' => [['temperature_c' => 900], 'temperature_c'];
        yield 'a peel without a temperature' => [
            ['peel' => ['word' => 'hot', 'above_c' => null, 'below_c' => null, 'wait_s' => 0]],
            'peel.below_c',
        ];
        yield 'a peel that is turned over' => [
            ['peel' => ['word' => 'warm', 'above_c' => 50, 'below_c' => 40, 'wait_s' => 0]],
            'peel.below_c',
        ];
        yield 'a peel hotter than the press' => [
            ['peel' => ['word' => 'hot', 'above_c' => 200, 'below_c' => null, 'wait_s' => 0]],
            'peel.above_c',
        ];
        yield 'minus three seconds' => [['figures' => ['dwell' => -3]], 'figures.dwell'];
        yield 'minus three seconds to the peel' => [
            ['peel' => ['word' => 'hot', 'above_c' => 60, 'below_c' => null, 'wait_s' => -3]],
            'peel.wait_s',
        ];
        yield 'a figure of another route' => [['figures' => ['coats' => 3]], 'figures.coats'];
    }

    /** @param array<string, mixed> $over */
    #[DataProvider('mistakes')]
    public function testWhatCannotBeIsRefusedAtItsField(array $over, string $field): void
    {
        try {
            self::recipe($over);
            self::fail('It was let through.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** @param array<string, mixed> $over */
    private static function recipe(array $over = []): Recipe
    {
        return Recipe::fromRecord(
            Record::of(
                $over + [
                    'id' => 'blue',
                    'recipe_version' => 2,
                    'name' => 'Blue box film',
                    'route' => 'light-film',
                    'medium' => 'film-clear-a4',
                    'heat' => 'iron',
                    'figures' => ['dry' => 600, 'dwell' => 22],
                    'temperature_c' => 170,
                    'pressure' => null,
                    'peel' => ['word' => 'hot', 'above_c' => 60, 'below_c' => null, 'wait_s' => 5],
                    'print_side' => 'the shiny side',
                    'note' => 'From the leaflet {2026}.',
                ],
            ),
            Orchard::catalogue(),
        );
    }

    /** @param array<string, string> $changes */
    private static function plan(array $changes = [], ?Recipe $recipe = null): TransferPlan
    {
        return Orchard::plan(Orchard::edited($changes), house: new House([], [$recipe ?? self::recipe()]));
    }

    private static function value(TransferPlan $plan, string $line): string
    {
        return (new UnitFormat())->phrase(Orchard::decision($plan, $line)->value);
    }
}
