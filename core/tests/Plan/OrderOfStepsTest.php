<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Tests\Orchard;

/** What comes after what, and what does not come at all. Common practice, no source. */
final class OrderOfStepsTest extends TestCase
{
    /** What is drawn on film dries when it is drawn, and nothing is printed. */
    public function testDrawnFilmDriesAfterItIsDrawn(): void
    {
        $kinds = self::kinds(self::plan('multi-film', ['marking' => 'marker']));
        self::assertNotContains('print', $kinds);
        self::assertSame(['draw', 'dry', 'cut'], array_slice($kinds, 0, 3));
    }

    /** A stamped outline is dry before it is coloured, and the colours before it is cut. */
    #[TestWith(['dry-colours', 'stamped'])]
    #[TestWith(['taped-tile', 'stamped'])]
    #[TestWith(['dry-colours', 'drawn'])]
    public function testAStampedOutlineDriesBeforeItIsColoured(string $school, string $outline): void
    {
        $ids = array_map(
            static fn(Step $step): string => $step->id,
            self::plan('handmade-wax', ['school.watercolour' => $school, 'school.outline' => $outline])->steps,
        );
        $order = array_values(array_intersect($ids, ['outline', 'dry-outline', 'draw', 'dry', 'cut']));
        $dries = 'stamped' === $outline ? ['dry-outline'] : [];
        self::assertSame(['outline', ...$dries, 'draw', 'dry', 'cut'], $order);
    }

    #[TestWith(['light-film', 'laser-colour', false])]
    #[TestWith(['light-film', 'inkjet-dye', true])]
    #[TestWith(['multi-film', 'laser-colour', false])]
    #[TestWith(['tissue-wax', 'laser-colour', false])]
    #[TestWith(['tissue-wax', 'inkjet-dye', true])]
    public function testTonerNeedsNoDrying(string $route, string $marking, bool $dries): void
    {
        $plan = self::plan($route, ['marking' => $marking]);
        self::assertSame($dries, in_array('dry', self::kinds($plan), true), $plan->outfit->marking->label ?? '');
    }

    public function testDotsAreSightedOnlyWhereThereAreHoles(): void
    {
        $lid = ['size' => 'box-lid', 'width' => '112 mm', 'below' => '1 mm'];
        foreach ([[[], false], [$lid, true]] as [$changes, $sighted]) {
            $said = array_map(
                static fn(Step $step): string => $step->title->text . ' ' . $step->cue->text,
                self::plan('toner-metal', $changes)->steps,
            );
            self::assertSame($sighted, str_contains(implode(' ', $said), 'Line up the dots'));
            self::assertSame($sighted, str_contains(implode(' ', $said), 'middle of the holes'));
        }
    }

    /** Painted wood is sanded before it is painted; a liner is ironed under parchment; varnish is brushed on. */
    public function testWhatIsPaintedIsNotSandedAgain(): void
    {
        $painted = self::plan('liner-wood', ['material' => 'painted-wood']);
        $raw = self::plan('liner-wood', ['material' => 'raw-wood']);
        self::assertNotContains('sand', self::kinds($painted));
        self::assertContains('sand', self::kinds($raw));
        self::assertSame('parchment', $painted->outfit->cover?->id);
        $coats = array_filter($painted->steps, static fn(Step $step): bool => 'coat' === $step->kind->value);
        foreach ($coats as $step) {
            self::assertStringNotContainsString('Spray', implode(' ', $step->cautions));
        }
    }

    #[TestWith(['matte', true])]
    #[TestWith(['gloss', false])]
    public function testOnlyAHotBackingIsCalledHot(string $finish, bool $hot): void
    {
        $peel = array_values(
            array_filter(
                self::plan('light-film', ['finish' => $finish])->steps,
                static fn(Step $step): bool => 'peel' === $step->kind->value,
            ),
        )[0];
        self::assertSame($hot, str_contains(implode(' ', $peel->cautions), 'still hot'));
    }

    /** Seconds an area, or a pace: one of the two, by the school. */
    #[TestWith(['circles', false])]
    #[TestWith(['stand-press', false])]
    #[TestWith(['keep-moving', true])]
    public function testAPaceIsToldToWhoKeepsMoving(string $school, bool $pace): void
    {
        $plan = self::plan('light-film', ['school.iron-move' => $school]);
        $cue = array_values(array_filter($plan->steps, static fn(Step $step): bool => 'heat' === $step->kind->value))[0]
            ->cue;
        self::assertSame($pace, isset($cue->values['pace']));
        self::assertStringNotContainsString('slide nothing', $cue->text);
    }

    /** @return list<string> */
    private static function kinds(TransferPlan $plan): array
    {
        return array_map(static fn(Step $step): string => $step->kind->value, $plan->steps);
    }

    /** @param array<string, string> $changes as typed */
    private static function plan(string $route, array $changes): TransferPlan
    {
        return Orchard::plan(Orchard::edit(Orchard::jobOf($route), $changes));
    }
}
