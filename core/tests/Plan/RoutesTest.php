<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\House;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\ProvenanceKind;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\DecidedBy;
use Wubbin\Core\Plan\Decision;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Tests\Orchard;

final class RoutesTest extends TestCase
{
    /** Face and mirroring of each route as the trade has them: common practice, no source. */
    private const MIRRORED = [
        'light-film' => true,
        'dark-film' => false,
        'multi-film' => true,
        'sublimation' => true,
        'laser-ceramic' => true,
        'liner-fabric' => true,
        'liner-wood' => true,
        'toner-metal' => true,
        'paper-wood' => true,
        'tissue-wax' => false,
        'handmade-wax' => false,
        'burnish-wax' => true,
    ];

    /** @return iterable<string, array{string, bool}> */
    public static function routes(): iterable
    {
        foreach (self::MIRRORED as $route => $mirrored) {
            yield $route => [$route, $mirrored];
        }
    }

    /** A mug of 82 mm shows 2 · 41 · arccos(41/600) = 123 mm of its wall at arm's length: geometry. */
    public function testWhatReachesRoundTheCornerIsTold(): void
    {
        $on = static fn(float $width, string $check): string => (new UnitFormat())->phrase(
            Orchard::check(
                Orchard::plan(
                    Orchard::jobOf('laser-ceramic', ['placement' => ['side_mm' => $width]]),
                    Orchard::picture(2400.0, 400.0),
                ),
                $check,
            )->message ?? Phrase::of('nothing'),
        );
        self::assertSame('nothing', $on(120.0, 'place.corner'));
        self::assertStringContainsString('only 123 mm of it', $on(150.0, 'place.corner'));
        self::assertSame('nothing', $on(250.0, 'place.corner'), 'a full wrap is told by its seam');
        self::assertStringContainsString('7.6 mm stay open at the seam', $on(250.0, 'place.seam'));
        self::assertStringContainsString('overlap by 12.4 mm', $on(270.0, 'place.seam'));
    }

    public function testAllTwelveAreThere(): void
    {
        self::assertSame(
            array_keys(self::MIRRORED),
            array_values(array_intersect(array_keys(self::MIRRORED), array_keys(Orchard::catalogue()->routes))),
        );
        self::assertCount(12, Orchard::catalogue()->routes);
    }

    #[DataProvider('routes')]
    public function testMirroringFollowsFromTheLayers(string $route, bool $mirrored): void
    {
        $plan = self::plan($route);
        self::assertSame($mirrored, $plan->arrangement->stack->mirrored());
        self::assertSame($mirrored, $plan->arrangement->sheet?->mirrored);
        self::assertStringContainsString(
            $mirrored ? 'must be mirrored' : 'is not mirrored',
            Orchard::decision($plan, 'mirrored')->because->text,
        );
    }

    #[DataProvider('routes')]
    public function testOnABlankItSuitsItIsReady(string $route, bool $mirrored): void
    {
        $blocking = array_filter(self::plan($route)->checks, static fn(Check $c): bool => $c->blocks());
        self::assertSame(
            [],
            array_values(array_map(static fn(Check $c): string => $c->id . ': ' . $c->message->text, $blocking)),
        );
    }

    #[DataProvider('routes')]
    public function testEverySentenceIsWhole(string $route, bool $mirrored): void
    {
        $plan = self::plan($route);
        $format = new UnitFormat();
        $sentences = [];
        foreach (array_filter($plan->decisions, static fn(Decision $d): bool => 'picture' !== $d->id) as $decision) {
            array_push($sentences, $format->phrase($decision->value), $format->phrase($decision->because));
        }
        foreach ($plan->steps as $step) {
            array_push($sentences, $format->phrase($step->title), $format->phrase($step->cue), ...$step->cautions);
        }
        foreach ($sentences as $sentence) {
            self::assertDoesNotMatchRegularExpression('/[<>{}]|  /', $sentence);
            self::assertMatchesRegularExpression('/^[\p{Lu}\d●({“]/u', $sentence);
        }
    }

    #[DataProvider('routes')]
    public function testStepsHaveIdsOfTheirOwnAndEndWithLookingAtIt(string $route, bool $mirrored): void
    {
        $steps = self::plan($route)->steps;
        $ids = array_map(static fn(Step $s): string => $s->id, $steps);
        self::assertSame($ids, array_values(array_unique($ids)));
        $pieces = array_values(array_filter($steps, static fn(Step $s): bool => 'each-piece' === $s->scope->value));
        self::assertSame(StepKind::Compare, array_slice($pieces, -1)[0]->kind);
        $kinds = array_map(static fn(Step $s): string => $s->kind->value, $steps);
        self::assertContains('burnish-wax' === $route ? 'burnish' : 'heat', $kinds);
        foreach ($steps as $step) {
            self::assertGreaterThanOrEqual(0.0, $step->duration->seconds);
        }
    }

    #[DataProvider('routes')]
    public function testWhatGetsHotIsSwitchedOffBeforeAnythingThatBurnsIsOpened(string $route, bool $mirrored): void
    {
        $first = $last = $off = null;
        $opened = [];
        foreach (self::plan($route)->steps as $n => $step) {
            if ($step->kind->heats()) {
                [$first, $last] = [$first ?? $n, $n];
            }
            $off = StepKind::Off === $step->kind ? $n : $off;
            $opened = [...$opened, ...$step->vapour ? [$n] : []];
        }
        self::assertSame(null === $last, null === $off, 'what is heated is switched off, and only that');
        self::assertGreaterThanOrEqual($last ?? 0, $off ?? 0);
        foreach ($opened as $n) {
            self::assertTrue($n < $first || $n > $off, 'beside a hot iron: step ' . $n);
        }
    }

    /** Front and back of a tag: both are cleaned before the iron is on, and coated when it is off. */
    public function testBothSidesOfMetalAreCleanedFirstAndCoatedLast(): void
    {
        $job = Orchard::jobOf('toner-metal');
        $back = $job->transfers[0]->with(sideId: 'back');
        $plan = Orchard::whole($job->with(transfers: [$job->transfers[0], $back]));
        $kinds = array_map(
            static fn(Step $step): string => $step->kind->value,
            array_values(
                array_filter(
                    $plan->steps(),
                    static fn(Step $step): bool => $step->vapour ||
                        in_array($step->kind, [StepKind::Sand, StepKind::Heat, StepKind::Off, StepKind::Turn], true),
                ),
            ),
        );
        self::assertSame(
            'sand clean sand clean heat heat turn heat heat off coat coat coat coat coat coat',
            implode(' ', $kinds),
        );
    }

    /**
     * A cover that the route wants lies under the heat; a guard only in what is hollow; a base where it lies on one.
     */
    public function testLayersFollowTheBlank(): void
    {
        $roles = static fn(TransferPlan $plan): array => array_map(
            static fn($l): string => $l->role->value,
            $plan->arrangement->stack->layers,
        );
        self::assertSame(
            ['heat', 'cover', 'medium', 'blank', 'guard', 'blank', 'cloth', 'base'],
            $roles(self::plan('dark-film')),
        );
        self::assertSame(['heat', 'medium', 'blank'], $roles(self::plan('laser-ceramic')));
        self::assertSame(
            ['heat', 'cover', 'medium', 'blank', 'cloth', 'base'],
            $roles(self::plan('sublimation')),
            'an apron has no back',
        );
    }

    public function testAPaneSeenThroughItsBackTurnsThePictureOnceMore(): void
    {
        $glass = ['blank' => ['kind' => 'glass', 'size' => 'pane', 'material' => 'glass', 'condition' => 'smooth']];
        self::assertTrue(self::plan('multi-film', [], $glass)->arrangement->stack->mirrored());
        $through = self::plan('multi-film', ['condition' => 'seen-through'], $glass);
        self::assertFalse($through->arrangement->stack->mirrored());
        self::assertStringContainsString(
            'through the piece. So the sheet is not mirrored',
            Orchard::decision($through, 'mirrored')->because->text,
        );
    }

    public function testAWrapRoundACandleIsMeltedInTwoFronts(): void
    {
        $heats = static fn(TransferPlan $plan, string $half): array => array_values(
            array_map(
                static fn(Step $step): ?int => $step->area,
                array_filter(
                    $plan->steps,
                    static fn(Step $s): bool => StepKind::Heat === $s->kind &&
                        ('back' === $half) === str_starts_with($s->id, 'heat-back'),
                ),
            ),
        );
        $front = self::plan('tissue-wax');
        self::assertSame([], $heats($front, 'back'));
        self::assertCount(count($front->arrangement->coverage->places ?? []), $heats($front, 'front'));
        $wrapped = self::plan('tissue-wax', ['width' => '120 mm']);
        self::assertNotSame([], $heats($wrapped, 'back'));
        $all = [...$heats($wrapped, 'front'), ...$heats($wrapped, 'back')];
        sort($all);
        self::assertSame(range(1, count($wrapped->arrangement->coverage->places ?? [])), $all, 'each area once');
        self::assertSame(Severity::Note, Orchard::check($wrapped, 'place.wraps')?->severity);
    }

    public function testAJobThenTheHouseThenWubbinDecides(): void
    {
        $house = new House(['coats' => 'coats-7', 'drying' => 'dry-5']);
        $line = static fn(TransferPlan $plan): array => [
            Orchard::decision($plan, 'school.coats')->value->text,
            Orchard::decision($plan, 'school.coats')->by,
        ];
        self::assertSame(
            ['Three very thin coats', DecidedBy::Wubbin],
            $line(Orchard::plan(Orchard::jobOf('toner-metal'))),
        );
        self::assertSame(
            ['Seven very thin coats', DecidedBy::House],
            $line(Orchard::plan(Orchard::jobOf('toner-metal'), house: $house)),
        );
        $job = Orchard::edit(Orchard::jobOf('toner-metal'), ['school.coats' => 'coats-3']);
        self::assertSame(['Three very thin coats', DecidedBy::Person], $line(Orchard::plan($job, house: $house)));
    }

    public function testAFigureOfTheJobOutranksTheSchools(): void
    {
        $job = Orchard::edited(['school.drying' => 'dry-5', 'figure.dry' => '12 min', 'figure.dwell' => '25 s']);
        $plan = Orchard::plan($job);
        self::assertSame('12 min', (new UnitFormat())->phrase(Orchard::decision($plan, 'drying')->value));
        self::assertSame(ProvenanceKind::Person, Orchard::decision($plan, 'time')->provenance->kind);
        self::assertStringContainsString('25 s', (new UnitFormat())->phrase(Orchard::decision($plan, 'time')->value));
    }

    public function testAHouseThatGoesAnUnknownWayIsTold(): void
    {
        $this->expectException(BadRecord::class);
        Orchard::plan(Orchard::jobOf('toner-metal'), house: new House(['coats' => 'coats-99']));
    }

    /** A step's way follows the school: each option of each matter gives a plan that is whole. */
    #[DataProvider('routes')]
    public function testEveryWayGivesAPlan(string $route, bool $mirrored): void
    {
        foreach (Orchard::catalogue()->schoolsOf($route) as $matter => $school) {
            foreach ($school->options as $option) {
                $plan = self::plan($route, ['school.' . $matter => $option->id]);
                self::assertNotEmpty($plan->steps);
                self::assertSame($mirrored, $plan->arrangement->stack->mirrored(), $matter . ' ' . $option->id);
            }
        }
    }

    public function testASealedSheetOfItsMakerMayLetALaserPrintFilm(): void
    {
        $laser = ['marking' => 'laser-mono'];
        self::assertSame(
            Severity::Impossible,
            Orchard::check(self::plan('light-film', $laser), 'marking.medium')?->severity,
        );
        self::assertSame(
            Severity::Stop,
            Orchard::check(
                self::plan('light-film', ['school.film-printer' => 'sheet-says-laser'] + $laser),
                'marking.medium',
            )?->severity,
        );
    }

    public function testAMugPressClosesOnlyRoundItsMugs(): void
    {
        $small = ['blank' => ['size' => 'mug-small'], 'placement' => ['side_mm' => 70]];
        self::assertSame(
            Severity::Impossible,
            Orchard::check(self::plan('laser-ceramic', [], $small), 'heat.diameter')?->severity,
        );
        self::assertSame(Severity::Pass, Orchard::check(self::plan('laser-ceramic'), 'heat.diameter')?->severity);
    }

    /** Polyester is often marked for two dots, yet pressed at 204 °C: dots warn for a hand iron, never stop a press. */
    public function testCareDotsWarnOnlyWhereAHandIronIsUsed(): void
    {
        $blend = ['blank' => ['material' => 'cotton-blend']];
        self::assertSame(Severity::Warn, Orchard::check(self::plan('light-film', [], $blend), 'blank.care')?->severity);
        self::assertNull(Orchard::check(self::plan('sublimation'), 'blank.care'));
        self::assertTrue(self::plan('sublimation')->ready());
    }

    public function testADrawnJobNeedsNoPictureAndGetsATemplate(): void
    {
        $job = Orchard::edit(Orchard::jobOf('handmade-wax'), [
            'artwork' => '',
            'width' => '60 mm',
            'height' => '40 mm',
        ]);
        $plan = (new Planner(Orchard::catalogue()))->plan($job, Orchard::shelf())->transfers[0];
        self::assertTrue($plan->printable());
        self::assertSame(
            [60.0, 40.0],
            [$plan->arrangement->sheet?->picture->size->widthMm, $plan->arrangement->sheet?->picture->size->heightMm],
        );
        self::assertStringContainsString('template', Orchard::decision($plan, 'picture')->because->text);
    }

    /**
     * @param array<string, string> $changes
     * @param array<string, mixed> $over
     */
    private static function plan(string $route, array $changes = [], array $over = []): TransferPlan
    {
        return Orchard::plan(Orchard::edit(Orchard::jobOf($route, $over), $changes));
    }
}
