<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\ProvenanceKind;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Route\HandTime;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Tests\Orchard;

final class HeatQuestionsTest extends TestCase
{
    /** @return list<Step> that ask something */
    private static function asking(string $route): array
    {
        return array_values(
            array_filter(
                Orchard::plan(Orchard::jobOf($route))->steps,
                static fn(Step $step): bool => [] !== $step->questions->first,
            ),
        );
    }

    /** Mistakes that cost a piece and can still be seen before the heat comes on: common practice, no source. */
    #[TestWith(['light-film', 'The print reads backwards.'])]
    #[TestWith(['light-film', 'The printed side looks down, onto the piece.'])]
    #[TestWith(['dark-film', 'The print reads the right way round.'])]
    #[TestWith(['tissue-wax', 'The printed side looks up.'])]
    #[TestWith(['laser-ceramic', 'I wear a mitt.'])]
    #[TestWith(['tissue-wax', 'I wear a mitt.'])]
    #[TestWith(['toner-metal', 'The cloth, the can and the solvent are away.'])]
    public function testWhatCostsAPieceIsAskedBeforeTheHeat(string $route, string $question): void
    {
        self::assertContains($question, self::asking($route)[0]->questions->first);
    }

    #[TestWith(['light-film'])]
    #[TestWith(['multi-film'])]
    #[TestWith(['sublimation'])]
    #[TestWith(['toner-metal'])]
    #[TestWith(['tissue-wax'])]
    public function testItIsAskedOnceBeforeTheFirstHeat(string $route): void
    {
        $asking = self::asking($route);
        self::assertCount(1, $asking);
        self::assertContains($asking[0]->kind, [StepKind::Tack, StepKind::Heat]);
        $steps = Orchard::plan(Orchard::jobOf($route))->steps;
        $before = array_filter(
            $steps,
            static fn(Step $step): bool => in_array($step->kind, [StepKind::Tack, StepKind::Heat], true),
        );
        self::assertSame($asking[0]->id, array_values($before)[0]->id);
    }

    /** On the back of glass the picture lies face down and reads right on its face: two facts, asked apart. */
    public function testFaceAndMirroringAreTwoFacts(): void
    {
        $glass = ['kind' => 'glass', 'material' => 'glass', 'condition' => 'seen-through'];
        $step = self::first(Orchard::edit(Orchard::jobOf('multi-film'), $glass + ['width' => '60 mm']));
        self::assertContains('The print reads the right way round.', $step->questions->first);
        self::assertContains('The printed side looks down, onto the piece.', $step->questions->first);
        self::assertNotContains('The printed side looks up.', $step->questions->first);
    }

    /** What is laid anew with every piece is asked with every piece; what stays as it is, once. */
    public function testWhatIsLaidAnewIsAskedAgain(): void
    {
        $step = self::first(Orchard::jobOf('dark-film'));
        self::assertSame(
            ['The baking parchment lies over it, flat.', 'The printed side looks up.', 'The card is inside.'],
            $step->questions->again,
        );
        self::assertNotContains('The print reads the right way round.', $step->questions->again);
    }

    private static function first(Job $job): Step
    {
        return array_values(
            array_filter(Orchard::plan($job)->steps, static fn(Step $step): bool => [] !== $step->questions->first),
        )[0];
    }

    public function testSteamIsAskedOnlyOfAnIron(): void
    {
        $of = static fn(string $route): string => implode(' ', self::asking($route)[0]->questions->first);
        self::assertStringContainsString('Steam is off', $of('light-film'));
        self::assertStringNotContainsString('team', $of('tissue-wax'));
    }

    public function testWhatIsNotHeatedAsksNothing(): void
    {
        self::assertSame([], self::asking('burnish-wax'));
    }

    /** An iron with steam holes that stands on a place is moved on the way; one in circles is not told to. */
    public function testASoleWithHolesThatStandsIsMovedHalfway(): void
    {
        $cue = static fn(string $move): string => array_values(
            array_filter(
                Orchard::plan(Orchard::edit(Orchard::jobOf('light-film'), ['school.iron-move' => $move]))->steps,
                static fn(Step $step): bool => StepKind::Heat === $step->kind,
            ),
        )[0]->cue->text;
        self::assertStringNotContainsString('steam hole', $cue('circles'));
        self::assertStringContainsString('steam hole', $cue('stand-press'));
    }

    /** How long hands have been seen to take outranks what is usual; a clock's time stays the recipe's. */
    public function testLearnedTimesAreUsed(): void
    {
        $house = (new House())->withHands(['peel' => new HandTime(7.0, 40.0), 'heat' => new HandTime(0.0, 3.0)]);
        $steps = Orchard::plan(null, null, null, $house)->steps;
        $of = static fn(StepKind $kind): Step => array_values(
            array_filter($steps, static fn(Step $step): bool => $kind === $step->kind),
        )[0];
        self::assertSame(
            [47.0, ProvenanceKind::Learned],
            [$of(StepKind::Peel)->duration->seconds, $of(StepKind::Peel)->time->provenance->kind],
        );
        self::assertSame(18.0, $of(StepKind::Heat)->duration->seconds);
    }
}
