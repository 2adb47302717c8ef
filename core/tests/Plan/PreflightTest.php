<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Tests\Orchard;

/** The mistakes of the trade (common practice, no source), each found while it can still be mended. */
final class PreflightTest extends TestCase
{
    public function testAPlainWhiteShirtPassesAndIsReady(): void
    {
        $plan = Orchard::plan();
        self::assertTrue($plan->ready());
        self::assertTrue($plan->printable());
        self::assertSame([], array_values(array_filter($plan->checks, static fn(Check $c): bool => $c->blocks())));
    }

    /** @return iterable<string, array{array<string, string>, string, Severity}> */
    public static function jobs(): iterable
    {
        yield 'synthetic cloth' => [['material' => 'polyester'], 'blank.surface', Severity::Stop];
        yield 'half cotton will do' => [['material' => 'cotton-blend'], 'blank.surface', Severity::Pass];
        yield 'dark cloth' => [['colour' => '#1f4d2b'], 'blank.tone', Severity::Stop];
        yield 'mid-toned cloth' => [['colour' => '#d9a441'], 'blank.tone', Severity::Warn];
        yield 'cream will do' => [['colour' => '#f4ecd8'], 'blank.tone', Severity::Pass];
        yield 'worn shirt' => [['condition' => 'used'], 'blank.worn', Severity::Note];
        yield 'too wide for the print area' => [['width' => '310 mm'], 'picture.print-area', Severity::Stop];
        yield 'over the edge of the print area' => [['right' => '100 mm'], 'place.print-area', Severity::Warn];
        yield 'into the collar' => [['below' => '10 mm'], 'place.print-area', Severity::Warn];
        yield 'larger than the sheet, in parts' => [['width' => '290 mm'], 'sheet.fits', Severity::Pass];
        yield 'larger than the sheet' => [
            ['route' => 'liner-fabric', 'material' => 'cotton-woven', 'width' => '290 mm'],
            'sheet.fits',
            Severity::Impossible,
        ];
        yield 'laser for inkjet film' => [['marking' => 'laser-mono'], 'marking.medium', Severity::Impossible];
        yield 'pigment ink in a hurry' => [
            ['marking' => 'inkjet-pigment', 'school.drying' => 'dry-5'],
            'drying.pigment',
            Severity::Warn,
        ];
        yield 'an iron that stays lukewarm' => [['heat' => 'iron-two-dot'], 'heat.hot', Severity::Stop];
        yield 'an iron with steam' => [['heat' => 'iron-household'], 'heat.steam', Severity::Note];
        yield 'soft base' => [['base' => 'ironing-board'], 'base.hard', Severity::Stop];
        yield 'as hot as cotton stands' => [[], 'blank.scorch', Severity::Note];
        yield 'mirror in one place' => [[], 'print.mirror-once', Severity::Note];
    }

    /** @param array<string, string> $changes */
    #[DataProvider('jobs')]
    public function testMistakesAreFound(array $changes, string $check, Severity $severity): void
    {
        self::assertSame($severity, self::severity(Orchard::plan(Orchard::edited($changes)), $check));
    }

    public function testTooFewPixels(): void
    {
        self::assertSame(
            Severity::Pass,
            self::severity(Orchard::plan(picture: Orchard::picture(1900.0, 1500.0)), 'picture.resolution'),
        );
        self::assertSame(
            Severity::Warn,
            self::severity(Orchard::plan(picture: Orchard::picture(1880.0, 1500.0)), 'picture.resolution'),
        );
        self::assertSame(
            Severity::Stop,
            self::severity(Orchard::plan(picture: Orchard::picture(900.0, 700.0)), 'picture.resolution'),
        );
    }

    public function testABackgroundIsPartOfThePicture(): void
    {
        self::assertSame(
            Severity::Note,
            self::severity(Orchard::plan(picture: Orchard::picture(clear: false)), 'picture.background'),
        );
        self::assertNull(Orchard::check(Orchard::plan(), 'picture.background'));
    }

    public function testAnEmptyShelfSaysWhatIsMissing(): void
    {
        $plan = Orchard::plan(shelf: Shelf::nothing());
        foreach (['medium.there', 'marking.there', 'heat.there', 'base.there'] as $check) {
            self::assertSame(Severity::Missing, self::severity($plan, $check));
        }
        self::assertSame(Severity::Warn, self::severity($plan, 'guard.there'));
        self::assertFalse($plan->ready());
        self::assertFalse($plan->printable());
    }

    public function testAThingThatLeftTheShelfCanBeLetGo(): void
    {
        $plan = Orchard::plan(Orchard::edited(['heat' => 'sold']));
        $check = Orchard::check($plan, 'heat.there');
        self::assertSame(Severity::Missing, $check?->severity);
        self::assertSame(['heat' => ''], $check->fix?->changes);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function mendable(): iterable
    {
        foreach (self::jobs() as $name => [$changes, $check, $severity]) {
            if (
                in_array(
                    $check,
                    [
                        'blank.surface',
                        'blank.tone',
                        'picture.print-area',
                        'place.print-area',
                        'sheet.fits',
                        'drying.pigment',
                        'base.hard',
                        'marking.medium',
                    ],
                    true,
                ) &&
                !in_array($severity, [Severity::Pass], true) &&
                '#d9a441' !== ($changes['colour'] ?? '')
            ) {
                yield $name => [$changes, $check];
            }
        }
    }

    /** @param array<string, string> $changes */
    #[DataProvider('mendable')]
    public function testTheFixThatIsOfferedMendsIt(array $changes, string $check): void
    {
        $job = Orchard::edited($changes);
        $fix = Orchard::check(Orchard::plan($job), $check)?->fix;
        self::assertNotNull($fix);
        $mended = Orchard::edit($job, $fix->changes);
        self::assertSame(Severity::Pass, self::severity(Orchard::plan($mended), $check) ?? Severity::Pass);
    }

    public function testFixesMendTooFewPixels(): void
    {
        $picture = Orchard::picture(900.0, 700.0);
        $job = Orchard::job();
        for ($times = 0; $times < 2; ++$times) {
            $fix = Orchard::check(Orchard::plan($job, $picture), 'picture.resolution')?->fix;
            self::assertNotNull($fix);
            $job = Orchard::edit($job, $fix->changes);
        }
        self::assertSame(Severity::Pass, self::severity(Orchard::plan($job, $picture), 'picture.resolution'));
    }

    public function testAStopCanBeSetAsideWithAReasonThatStays(): void
    {
        $plan = Orchard::plan(
            Orchard::edited(['colour' => '#1f4d2b', 'override.blank.tone' => 'Black line art only.']),
        );
        $check = Orchard::check($plan, 'blank.tone');
        self::assertSame(Severity::Warn, $check?->severity);
        self::assertSame('Black line art only.', $check->overriddenBecause);
        self::assertTrue($plan->ready());
    }

    public function testWhatWouldRuinAMachineCannotBeSetAside(): void
    {
        $plan = Orchard::plan(Orchard::edited(['marking' => 'laser-mono', 'override.marking.medium' => 'I insist.']));
        self::assertSame(Severity::Impossible, self::severity($plan, 'marking.medium'));
        self::assertFalse($plan->printable());
    }

    public function testHeatChecksDoNotHoldUpThePrinter(): void
    {
        $plan = Orchard::plan(Orchard::edited(['base' => 'ironing-board']));
        self::assertTrue($plan->printable());
        self::assertFalse($plan->ready());
    }

    public function testWithoutAPictureThatIsSaid(): void
    {
        $job = Orchard::edited(['artwork' => '']);
        $plan = self::planWithout($job);
        self::assertSame(Severity::Missing, self::severity($plan, 'picture.there'));
        self::assertNull($plan->arrangement->sheet);
        self::assertStringContainsString(
            'not in this shop',
            self::planWithout(Orchard::job())->checks[2]->message->text,
        );
    }

    private static function planWithout(Job $job): TransferPlan
    {
        return (new Planner(Orchard::catalogue()))->plan($job, Orchard::shelf())->transfers[0];
    }

    private static function severity(TransferPlan $plan, string $check): ?Severity
    {
        return Orchard::check($plan, $check)?->severity;
    }
}
