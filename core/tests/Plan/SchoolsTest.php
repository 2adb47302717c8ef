<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\House;
use Wubbin\Core\Plan\DecidedBy;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Stack\Layer;
use Wubbin\Core\Tests\Orchard;

/** What the schools change beyond their own line of the ticket. Common practice, no source. */
final class SchoolsTest extends TestCase
{
    /** Where a matter shows only under circumstances: changes that bring them about. */
    private const WHERE = ['film-printer' => ['marking' => 'laser-mono'], 'candle-colour' => ['colour' => '#f0e2c0']];

    /** Matters that have no line of their own: drying says its school itself. */
    private const LINES = ['drying' => 'drying'];

    /**
     * @return iterable<string, array{string, string, string, string}> route, matter, its default there, another option
     */
    public static function ways(): iterable
    {
        foreach (array_keys(Orchard::catalogue()->routes) as $route) {
            foreach (Orchard::catalogue()->schoolsOf($route) as $matter => $school) {
                $default = $school->defaultFor($route);
                foreach (array_diff(array_keys($school->options), [$default]) as $option) {
                    yield $route . ' ' . $matter . ' ' . $option => [$route, $matter, $default, $option];
                }
            }
        }
    }

    #[DataProvider('ways')]
    public function testAnotherWayIsDoneAnotherWay(string $route, string $matter, string $default, string $option): void
    {
        $usual = self::work(self::plan($route, [$matter => $default], self::WHERE[$matter] ?? []), $matter);
        self::assertNotSame(
            $usual,
            self::work(self::plan($route, [$matter => $option], self::WHERE[$matter] ?? []), $matter),
        );
    }

    #[DataProvider('ways')]
    public function testTheHouseAndTheJobMeanTheSameWork(
        string $route,
        string $matter,
        string $default,
        string $option,
    ): void {
        $job = self::plan($route, [$matter => $option]);
        $house = Orchard::plan(Orchard::jobOf($route), house: new House([$matter => $option]));
        self::assertSame(self::titles($job), self::titles($house));
        self::assertSame(DecidedBy::Person, Orchard::decision($job, self::line($matter))->by);
        self::assertSame(DecidedBy::House, Orchard::decision($house, self::line($matter))->by);
    }

    #[DataProvider('ways')]
    public function testTheDefaultHasItsReasonAndNamesTheOthers(
        string $route,
        string $matter,
        string $default,
        string $option,
    ): void {
        $line = Orchard::decision(Orchard::plan(Orchard::jobOf($route)), self::line($matter));
        self::assertSame(DecidedBy::Wubbin, $line->by);
        self::assertNotSame('', $line->because->text);
        $offered = array_merge(...array_map(static fn($a): array => array_values($a->changes), $line->alternatives));
        self::assertContains($option, $offered);
    }

    /** Paper-backed film needs no cover, an opaque film has nothing else over it: common practice, no source. */
    public function testWhereTheBackingIsEnoughNothingCoversTheWork(): void
    {
        $roles = static fn(TransferPlan $plan): array => array_map(
            static fn(Layer $layer): LayerRole => $layer->role,
            $plan->arrangement->stack->layers,
        );
        self::assertNotContains(LayerRole::Cover, $roles(self::plan('multi-film', ['iron-cover' => 'none'])));
        self::assertContains(LayerRole::Cover, $roles(self::plan('multi-film', ['iron-cover' => 'tissue'])));
        $house = Orchard::plan(Orchard::jobOf('dark-film'), house: new House(['iron-cover' => 'none']));
        self::assertContains(
            LayerRole::Cover,
            $roles($house),
            'its film has left its backing: it stays with the usual cover',
        );
        self::assertSame(DecidedBy::Wubbin, Orchard::decision($house, 'school.iron-cover')->by);
    }

    public function testSevenCoatsAreSevenStepsWithWaitsBetween(): void
    {
        $count = static fn(TransferPlan $plan, StepKind $kind): int => count(
            array_filter($plan->steps, static fn(Step $s): bool => $s->kind === $kind),
        );
        self::assertSame(
            [3, 7],
            [
                $count(self::plan('toner-metal', ['coats' => 'coats-3']), StepKind::Coat),
                $count(self::plan('toner-metal', ['coats' => 'coats-7']), StepKind::Coat),
            ],
        );
    }

    public function testWaxIsNotFusedWhereTheHouseNeverDoes(): void
    {
        $fuses = static fn(TransferPlan $plan): bool => [] !==
            array_filter($plan->steps, static fn(Step $s): bool => StepKind::Fuse === $s->kind);
        self::assertFalse($fuses(self::plan('burnish-wax', ['fusing' => 'never'])));
        self::assertTrue($fuses(self::plan('burnish-wax', ['fusing' => 'low'])));
    }

    /**
     * @param array<string, string> $schools option by matter
     * @param array<string, string> $changes as typed
     */
    private static function plan(string $route, array $schools, array $changes = []): TransferPlan
    {
        foreach ($schools as $matter => $option) {
            $changes['school.' . $matter] = $option;
        }

        return Orchard::plan(Orchard::edit(Orchard::jobOf($route), $changes));
    }

    private static function line(string $matter): string
    {
        return self::LINES[$matter] ?? 'school.' . $matter;
    }

    /** What is done, laid, printed and warned of; not the line that names the school itself. */
    private static function work(TransferPlan $plan, string $matter): string
    {
        $lines = array_filter($plan->decisions, static fn($d): bool => $d->id !== self::line($matter));

        return json_encode(
            [
                array_map(static fn($d): array => [$d->id, $d->value], array_values($lines)),
                $plan->steps,
                $plan->arrangement->stack->layers,
                $plan->checks,
                $plan->arrangement->sheet,
                $plan->cautions,
            ],
            \JSON_THROW_ON_ERROR,
        );
    }

    /** @return list<string> */
    private static function titles(TransferPlan $plan): array
    {
        return array_map(
            static fn(Step $s): string => json_encode(
                [$s->title, $s->cue, $s->duration->seconds],
                \JSON_THROW_ON_ERROR,
            ),
            $plan->steps,
        );
    }
}
