<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Alternative;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Tests\Orchard;

/**
 * What the trade says, as tables of cases that were written down before the plan was asked. Common practice, no source;
 * settings that suppliers usually give are from memory.
 */
final class TradeTablesTest extends TestCase
{
    /**
     * @return iterable<string, array{string, array<string, string>, HeatKind, array{float, float}, array{float,
     *     float}}>
     */
    public static function settings(): iterable
    {
        // Route, what is pressed, source, degrees Celsius from and to, seconds from and to.
        yield 'clear film' => ['light-film', [], HeatKind::FlatPress, [175.0, 190.0], [15.0, 30.0]];
        yield 'opaque film' => ['dark-film', [], HeatKind::FlatPress, [165.0, 180.0], [20.0, 30.0]];
        yield 'multi-surface film' => ['multi-film', [], HeatKind::FlatPress, [185.0, 190.0], [30.0, 45.0]];
        yield 'toner on cotton' => ['liner-fabric', [], HeatKind::FlatPress, [180.0, 190.0], [30.0, 60.0]];
        yield 'toner on flat wood' => ['liner-wood', [], HeatKind::FlatPress, [180.0, 190.0], [60.0, 120.0]];
        yield 'sublimation on cloth' => ['sublimation', [], HeatKind::FlatPress, [204.0, 205.0], [60.0, 60.0]];
        // From memory; the supplier's sheet outranks.
        yield 'coated mug' => [
            'sublimation',
            ['kind' => 'mug', 'material' => 'coated-ceramic', 'width' => '80 mm'],
            HeatKind::MugPress,
            [180.0, 205.0],
            [150.0, 240.0],
        ];
        yield 'coated metal' => [
            'sublimation',
            ['kind' => 'metal', 'material' => 'coated-metal', 'width' => '50 mm'],
            HeatKind::FlatPress,
            [195.0, 205.0],
            [45.0, 75.0],
        ];
        yield 'coated board' => [
            'sublimation',
            ['kind' => 'wood-board', 'material' => 'coated-board', 'width' => '150 mm'],
            HeatKind::FlatPress,
            [195.0, 205.0],
            [60.0, 90.0],
        ];
        yield 'coated tile' => [
            'sublimation',
            ['kind' => 'tile', 'material' => 'coated-ceramic', 'width' => '80 mm'],
            HeatKind::FlatPress,
            [195.0, 205.0],
            [180.0, 420.0],
        ];
        // 360 °F and 45 s, of one make of press.
        yield 'laser mug' => ['laser-ceramic', [], HeatKind::MugPress, [182.0, 183.0], [45.0, 45.0]];
    }

    /**
     * @param array<string, string> $changes
     * @param array{float, float} $celsius
     * @param array{float, float} $seconds
     */
    #[DataProvider('settings')]
    public function testASourceIsSetAsTheTradeSetsIt(
        string $route,
        array $changes,
        HeatKind $heat,
        array $celsius,
        array $seconds,
    ): void {
        $plan = self::with($route, $changes, $heat);
        self::assertSame($heat, $plan->outfit->heat?->kind);
        self::assertGreaterThanOrEqual($celsius[0], $plan->outfit->temperature->celsius ?? 0.0);
        self::assertLessThanOrEqual($celsius[1], $plan->outfit->temperature->celsius ?? 999.0);
        $pressed = self::seconds($plan, StepKind::Heat);
        self::assertCount(1, $pressed, 'it covers the picture in one go');
        self::assertGreaterThanOrEqual($seconds[0], $pressed[0]);
        self::assertLessThanOrEqual($seconds[1], $pressed[0]);
        self::assertNotNull($plan->heatCase?->recipeS);
        $window = PressWindow::forCase($plan->heatCase, Orchard::catalogue()->heat->parameters, Draw::middles(), false);
        self::assertTrue($window->holds($plan->heatCase->recipeS), 'and lies in its window');
        foreach ($plan->steps as $step) {
            self::assertStringNotContainsString('iron', $step->title->text . ' ' . $step->cue->text);
        }
    }

    /** The time under a press does not grow with the picture. */
    #[TestWith(['light-film', '60 mm', '250 mm'])]
    #[TestWith(['multi-film', '30 mm', '90 mm'])]
    public function testAPressTakesTheSameTimeForSmallAndLarge(string $route, string $small, string $large): void
    {
        self::assertSame(
            self::seconds(self::with($route, ['width' => $small], HeatKind::FlatPress), StepKind::Heat),
            self::seconds(self::with($route, ['width' => $large], HeatKind::FlatPress), StepKind::Heat),
        );
    }

    /** Cloth is pre-pressed for 5 s, and on a press nobody asks how the iron moves. */
    public function testAPressHasNoPace(): void
    {
        $plan = self::with('light-film', [], HeatKind::FlatPress);
        self::assertSame([5.0], self::seconds($plan, StepKind::Prepress));
        self::assertArrayNotHasKey('iron-move', $plan->outfit->ways->options);
        self::assertSame('Press pad', Orchard::decision($plan, 'base')->value->text);
    }

    /** Coated mugs: paper off hot with a glove, a rack, no cold water. Laser mugs and dark film: cold. */
    #[TestWith(['sublimation', 'mug', 'coated-ceramic', 'hot'])]
    #[TestWith(['laser-ceramic', 'mug', 'glazed-ceramic', 'cold'])]
    #[TestWith(['dark-film', 'shirt', 'cotton-jersey', 'cold'])]
    public function testItIsPeeledWhenTheTradePeels(string $route, string $kind, string $material, string $word): void
    {
        $plan = Orchard::plan(
            Orchard::edit(Orchard::jobOf($route), ['kind' => $kind, 'material' => $material, 'width' => '80 mm']),
        );
        self::assertSame($word, $plan->outfit->peel->word);
        $said = self::said($plan);
        self::assertSame('hot' === $word, str_contains($said, 'on a rack'));
        if ('sublimation' === $route) {
            self::assertStringContainsString('Use no cold water', $said);
            self::assertStringNotContainsString('hot water over it', $said);
        }
    }

    /** @return iterable<string, array{string, array<string, string>, Severity, string}> */
    public static function materials(): iterable
    {
        yield 'nylon' => ['light-film', ['kind' => 'jacket'], Severity::Stop, 'patch of cotton'];
        yield 'a rain jacket' => [
            'dark-film',
            ['kind' => 'jacket', 'material' => 'coated-cloth'],
            Severity::Stop,
            'patch of cotton',
        ];
        yield 'stretch jersey' => ['light-film', ['material' => 'stretch-jersey'], Severity::Warn, ''];
        yield 'steel' => ['toner-metal', ['material' => 'bare-steel'], Severity::Pass, ''];
        yield 'powder coat' => ['toner-metal', ['material' => 'powder-coat'], Severity::Stop, 'bare metal'];
        yield 'slate' => ['liner-wood', ['kind' => 'slate'], Severity::Stop, 'white acrylic field'];
        yield 'painted slate' => ['liner-wood', ['kind' => 'slate', 'material' => 'painted-slate'], Severity::Pass, ''];
        yield 'coated slate' => ['sublimation', ['kind' => 'slate', 'material' => 'coated-slate'], Severity::Pass, ''];
        yield 'leather' => ['multi-film', ['kind' => 'tote', 'material' => 'leather'], Severity::Warn, ''];
        yield 'cotton canvas' => ['light-film', ['kind' => 'canvas'], Severity::Pass, ''];
        yield 'polyester canvas' => [
            'sublimation',
            ['kind' => 'canvas', 'material' => 'canvas-polyester'],
            Severity::Pass,
            '',
        ];
        yield 'polyester felt' => [
            'light-film',
            ['kind' => 'tote', 'material' => 'felt-polyester'],
            Severity::Stop,
            '',
        ];
        yield 'a bare tile' => [
            'laser-ceramic',
            ['kind' => 'tile', 'material' => 'glazed-ceramic'],
            Severity::Impossible,
            '',
        ];
        yield 'round glass' => ['multi-film', ['kind' => 'lantern-glass'], Severity::Warn, ''];
        yield 'a paper lantern' => ['multi-film', ['kind' => 'paper-lantern'], Severity::Warn, ''];
        yield 'cork' => ['multi-film', ['kind' => 'card', 'material' => 'cork'], Severity::Warn, ''];
    }

    /** @param array<string, string> $changes */
    #[DataProvider('materials')]
    public function testWhatPeopleBringHasAVerdict(
        string $route,
        array $changes,
        Severity $severity,
        string $wayOut,
    ): void {
        $plan = Orchard::plan(Orchard::edit(Orchard::jobOf($route), $changes));
        $check = Orchard::check($plan, 'blank.surface');
        self::assertSame($severity, $check?->severity);
        self::assertStringContainsString($wayOut, $check->mend->text ?? '');
    }

    /** Untried things are called so, and send to a test ladder. */
    #[TestWith(['lantern-glass', 'glass'])]
    #[TestWith(['paper-lantern', 'lantern-paper'])]
    #[TestWith(['card', 'cork'])]
    #[TestWith(['metal', 'powder-coat'])]
    public function testWhatNobodyKnowsIsCalledUntried(string $kind, string $material): void
    {
        $plan = Orchard::plan(Orchard::edit(Orchard::jobOf('multi-film'), ['kind' => $kind, 'material' => $material]));
        $said = Orchard::check($plan, 'blank.surface')->message->text ?? '';
        self::assertMatchesRegularExpression('/untried.*test ladder/i', $said);
    }

    /** From inside a glass: face down, not mirrored; from outside: mirrored. */
    #[TestWith(['smooth', true])]
    #[TestWith(['seen-through', false])]
    public function testARoundGlassIsSeenFromInOrOutside(string $condition, bool $mirrored): void
    {
        $plan = Orchard::plan(
            Orchard::edit(Orchard::jobOf('multi-film'), ['kind' => 'lantern-glass', 'condition' => $condition]),
        );
        self::assertSame($mirrored, $plan->arrangement->stack->mirrored());
    }

    /** Steel rusts: dried at once, never left soaking. */
    public function testSteelIsDriedAtOnce(): void
    {
        $steel = Orchard::edit(Orchard::jobOf('toner-metal'), ['material' => 'bare-steel']);
        self::assertStringContainsString('dry it at once', self::said(Orchard::plan($steel)));
        $photo = Orchard::edit($steel, ['school.toner-paper' => 'photo']);
        self::assertStringContainsString('no longer, and dry it at once', self::said(Orchard::plan($photo)));
        self::assertStringNotContainsString('rust', self::said(Orchard::plan(Orchard::jobOf('toner-metal'))));
    }

    /** “Will be washed” takes the long end of the dwell; what stays outdoors gets seven coats. */
    public function testUseChangesTimesAndCoats(): void
    {
        $shirt = Orchard::job();
        $washed = Orchard::plan(Orchard::edit($shirt, ['use' => 'washed']));
        self::assertSame(18.0, Orchard::plan($shirt)->outfit->ways->figures['dwell']->value);
        self::assertSame(20.0, $washed->outfit->ways->figures['dwell']->value);
        $tag = Orchard::edit(Orchard::jobOf('toner-metal'), ['use' => 'outdoors']);
        $coats = static fn(TransferPlan $plan): int => count(
            array_filter($plan->steps, static fn(Step $step): bool => StepKind::Coat === $step->kind),
        );
        self::assertSame(3, $coats(Orchard::plan(Orchard::jobOf('toner-metal'))));
        self::assertSame(7, $coats(Orchard::plan($tag)));
        $three = Orchard::plan(Orchard::edit($tag, ['school.coats' => 'coats-3']));
        self::assertSame(3, $coats($three), 'unless somebody says otherwise');
        $candle = Orchard::plan(Orchard::edit(Orchard::jobOf('tissue-wax'), ['use' => 'burned']));
        self::assertSame('burn-down', $candle->outfit->ways->options['burning']->id);
    }

    /** What belongs together comes together: a napkin is ironed hot between parchment and taped all round. */
    public function testAWayBringsWhatBelongsToIt(): void
    {
        $napkin = Orchard::edit(Orchard::jobOf('tissue-wax'), ['school.candle-sheet' => 'napkin']);
        $options = Orchard::plan($napkin)->outfit->ways->options;
        self::assertSame('hot-parchment', $options['flattening']->id);
        self::assertSame('double-tape', $options['carrier']->id);
        $own = Orchard::plan(Orchard::edit($napkin, ['school.carrier' => 'glued-fold']));
        self::assertSame('glued-fold', $own->outfit->ways->options['carrier']->id, 'unless somebody says otherwise');
        $stamped = Orchard::plan(Orchard::edit(Orchard::jobOf('handmade-wax'), ['school.outline' => 'stamped']));
        self::assertSame('tissue', $stamped->outfit->ways->options['drawn-sheet']->id);
    }

    /** A patterned ply and white film are used as they are: nothing is printed, mirrored or dried. */
    public function testWhatIsUsedAsItIsIsNotPrinted(): void
    {
        $napkin = Orchard::edit(Orchard::jobOf('tissue-wax'), ['school.candle-sheet' => 'napkin-patterned']);
        $white = Orchard::edit(Orchard::jobOf('dark-film'), ['marking' => 'unprinted']);
        foreach ([$napkin, $white] as $job) {
            $plan = Orchard::plan($job);
            self::assertSame('unprinted', $plan->outfit->marking?->id);
            $kinds = array_map(static fn(Step $step): StepKind => $step->kind, $plan->steps);
            foreach ([StepKind::Print, StepKind::Look, StepKind::Dry, StepKind::Carrier] as $kind) {
                self::assertNotContains($kind, $kinds);
            }
            self::assertContains(StepKind::Cut, $kinds);
        }
    }

    /** Who fuses at once waits no night; who never fuses lets it dry too. */
    #[TestWith(['dry-only', true, true])]
    #[TestWith(['never', true, false])]
    #[TestWith(['low', false, true])]
    public function testFusingAndDryingGoTogether(string $school, bool $dries, bool $fuses): void
    {
        $ids = array_map(
            static fn(Step $step): string => $step->id,
            Orchard::plan(Orchard::edit(Orchard::jobOf('burnish-wax'), ['school.fusing' => $school]))->steps,
        );
        self::assertSame(
            [$dries, $fuses, $fuses],
            [in_array('dry-fully', $ids, true), in_array('fuse', $ids, true), in_array('off', $ids, true)],
        );
    }

    /** @return iterable<string, array{string, array<string, string>, string, float}> */
    public static function aftercare(): iterable
    {
        yield 'film' => ['light-film', [], 'Wait a day before the first wash.', 30.0];
        yield 'opaque film' => ['dark-film', [], 'without softener', 30.0];
        yield 'toner on cloth' => ['liner-fabric', [], 'Never iron on the picture without parchment.', 30.0];
        yield 'sublimated cloth' => ['sublimation', [], 'no need to wait a day', 40.0];
        yield 'a laser mug' => ['laser-ceramic', [], 'by hand', 0.0];
        yield 'a coated mug' => [
            'sublimation',
            ['kind' => 'mug', 'material' => 'coated-ceramic'],
            'as the maker of the mug says',
            0.0,
        ];
        yield 'a candle' => ['tissue-wax', [], 'out of the sun', 0.0];
        yield 'a candle that is burned' => ['tissue-wax', ['use' => 'burned'], 'Burn it down first', 0.0];
        yield 'an LED candle' => ['tissue-wax', ['kind' => 'led-candle'], 'Never light it', 0.0];
        yield 'wood' => ['liner-wood', [], 'Use no solvent', 0.0];
        yield 'metal' => ['toner-metal', [], 'dry or damp cloth', 0.0];
        yield 'steel' => ['toner-metal', ['material' => 'bare-steel'], 'steel rusts', 0.0];
    }

    /** @param array<string, string> $changes */
    #[DataProvider('aftercare')]
    public function testAPieceIsLookedAfterAsTheTradeSays(
        string $route,
        array $changes,
        string $words,
        float $wash,
    ): void {
        $plan = Orchard::plan(Orchard::edit(Orchard::jobOf($route), $changes));
        $line = Orchard::decision($plan, 'aftercare')->value;
        self::assertStringContainsString($words, $line->text);
        self::assertSame($wash, $line->values['wash']->value ?? 0.0);
        // Temperatures of the wash tub symbol: ISO 3758:2012 (from memory).
        self::assertContains($wash, [0.0, 30.0, 40.0, 50.0, 60.0, 70.0, 95.0]);
        self::assertSame(
            str_contains($line->text, 'urn'),
            in_array($plan->brief->kind->id, ['pillar-candle'], true),
            'burning is told where there is a wick',
        );
        self::assertGreaterThan(0.0, $plan->facts->jsonSerialize()['ask_after_days']);
    }

    /** Who holds a mug in the left hand sees the other side of it. */
    public function testAMugIsForEitherHand(): void
    {
        $place = Orchard::decision(Orchard::plan(Orchard::jobOf('laser-ceramic')), 'place');
        $right = array_map(
            static fn(Alternative $one): float => (float) ($one->changes['right'] ?? 0),
            $place->alternatives,
        );
        $quarter = round((\M_PI * 82.0) / 4.0, 1);
        self::assertSame([0.0, $quarter, -$quarter], $right);
        self::assertSame([], Orchard::decision(Orchard::plan(Orchard::jobOf('tissue-wax')), 'place')->alternatives);
    }

    /** Zips and seams: clear of them, or lifted above them, in a press and under an iron. */
    public function testAPictureOverAZipIsMovedOrLifted(): void
    {
        $job = Orchard::edit(Orchard::job(), ['kind' => 'jacket', 'material' => 'cotton-woven', 'width' => '200 mm']);
        $check = Orchard::check(Orchard::plan($job), 'place.clear');
        self::assertSame(Severity::Warn, $check?->severity);
        self::assertMatchesRegularExpression('/Move it.*use a pad.*hard board/', $check->mend->text ?? '');
    }

    /** Who fuses needs a gun. */
    public function testFusingWantsAGun(): void
    {
        $shelf = Shelf::fromRecord(
            Record::of([
                'media' => ['plain-a4'],
                'markings' => ['laser-mono'],
                'heat' => [],
                'bases' => ['wood-board'],
            ]),
            Orchard::catalogue(),
        );
        $check = Orchard::check(Orchard::plan(Orchard::jobOf('burnish-wax'), null, $shelf), 'fuse.gun');
        self::assertSame(['school.fusing' => 'never'], $check->fix->changes ?? []);
        self::assertNull(Orchard::check(Orchard::plan(Orchard::jobOf('burnish-wax')), 'fuse.gun'));
    }

    /** Film that is larger than its sheet lies edge to edge; sublimation overlaps by a sliver. */
    #[TestWith(['light-film', '290 mm', 0.0, 'edge to edge'])]
    #[TestWith(['sublimation', '600 mm', 3.0, 'overlap a little'])]
    public function testALargePictureGoesInParts(string $route, string $width, float $overlap, string $words): void
    {
        $plan = Orchard::plan(Orchard::edit(Orchard::jobOf($route), ['width' => $width]));
        self::assertNotNull($plan->arrangement->tiling);
        self::assertSame($overlap, $plan->arrangement->tiling->overlapMm);
        self::assertStringContainsString($words, self::said($plan));
    }

    /** @param array<string, string> $changes */
    private static function with(string $route, array $changes, HeatKind $heat): TransferPlan
    {
        $source = HeatKind::MugPress === $heat ? 'press-mug' : 'press-large';

        return Orchard::plan(Orchard::edit(Orchard::jobOf($route), [...$changes, 'heat' => $source]));
    }

    /** @return list<float> seconds of the steps of a kind */
    private static function seconds(TransferPlan $plan, StepKind $kind): array
    {
        return array_values(
            array_map(
                static fn(Step $step): float => $step->duration->seconds,
                array_filter($plan->steps, static fn(Step $step): bool => $step->kind === $kind),
            ),
        );
    }

    private static function said(TransferPlan $plan): string
    {
        return implode(
            ' ',
            array_map(static fn(Step $s): string => $s->title->text . ' ' . $s->cue->text, $plan->steps),
        );
    }
}
