<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\ProvenanceKind;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\DecidedBy;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Tests\Orchard;

final class TicketTest extends TestCase
{
    public function testEveryLineSaysWhatWhyAndWhereFrom(): void
    {
        $plan = Orchard::plan();
        self::assertSame(
            [
                'blank',
                'quantity',
                'use',
                'route',
                'picture',
                'place',
                'mirrored',
                'marking',
                'medium',
                'loading',
                'drying',
                'finish',
                'heat',
                'time',
                'guard',
                'base',
                'school.film-printer',
                'school.iron-move',
                'school.trimming',
                'school.guide',
                'aftercare',
            ],
            array_column($plan->decisions, 'id'),
        );
        foreach ($plan->decisions as $decision) {
            self::assertNotSame('', $decision->value->text);
            self::assertNotSame('', $decision->because->text);
            self::assertMatchesRegularExpression('/^[a-z]+\.[a-z-]+$/', $decision->rule);
        }
    }

    public function testDpiFollowsTheSize(): void
    {
        self::assertStringContainsString('254 dpi', self::because(Orchard::plan(), 'picture'));
        self::assertStringContainsString(
            '508 dpi',
            self::because(Orchard::plan(Orchard::edited(['width' => '120 mm'])), 'picture'),
        );
        self::assertStringContainsString(
            'sharp at any size',
            self::because(Orchard::plan(picture: Orchard::picture(kind: PictureKind::Vector)), 'picture'),
        );
    }

    /** Common practice, no source: cold peel for a shiny finish, slightly warm for a matte one. */
    public function testPeelFollowsTheFinish(): void
    {
        self::assertStringContainsString('peel warm', self::value(Orchard::plan(), 'finish'));
        self::assertStringContainsString('35–50 °C', self::because(Orchard::plan(), 'finish'));
        $gloss = Orchard::plan(Orchard::edited(['finish' => 'gloss']));
        self::assertStringContainsString('peel cold', self::value($gloss, 'finish'));
        self::assertSame(ProvenanceKind::Assumed, Orchard::decision($gloss, 'finish')->provenance->kind);
    }

    /** Common practice, no source: 30 minutes is the default, 5 the other school. */
    public function testDryingIsASchool(): void
    {
        self::assertSame('30 min', self::value(Orchard::plan(), 'drying'));
        self::assertSame('5 min', self::value(Orchard::plan(Orchard::edited(['school.drying' => 'dry-5'])), 'drying'));
        self::assertCount(2, Orchard::decision(Orchard::plan(), 'drying')->alternatives);
    }

    public function testAreasFollowTheIronsPlate(): void
    {
        self::assertSame('4 areas × 18 s', self::value(Orchard::plan(), 'time'));
        $travel = Orchard::plan(Orchard::edited(['heat' => 'iron-travel']));
        self::assertStringStartsWith('8 areas', self::value($travel, 'time'));
    }

    /** Common practice, no source: a chest-size picture takes at least a minute. */
    public function testAChestPictureGetsAMinuteAtLeast(): void
    {
        $plan = Orchard::plan(Orchard::edited(['width' => '160 mm']));
        self::assertSame('2 areas × 18 s, then the edges 24 s', self::value($plan, 'time'));
        self::assertSame('1 area × 18 s', self::value(Orchard::plan(Orchard::edited(['width' => '60 mm'])), 'time'));
    }

    public function testTheIronIsHottestWithoutSteamAndTheDotsAreTold(): void
    {
        self::assertStringContainsString('●●● 200 °C, no steam', self::value(Orchard::plan(), 'heat'));
    }

    public function testWhatThePersonChoseIsMarkedSo(): void
    {
        self::assertSame(DecidedBy::Wubbin, Orchard::decision(Orchard::plan(), 'heat')->by);
        self::assertSame(
            DecidedBy::Person,
            Orchard::decision(Orchard::plan(Orchard::edited(['heat' => 'iron-travel'])), 'heat')->by,
        );
        self::assertSame(DecidedBy::Nobody, Orchard::decision(Orchard::plan(shelf: Shelf::nothing()), 'heat')->by);
    }

    public function testAlternativesCarryTheChangeThatTakesThem(): void
    {
        $line = Orchard::decision(Orchard::plan(), 'finish');
        $other = array_values(array_filter($line->alternatives, static fn($a): bool => !$a->selected))[0];
        self::assertSame(['finish' => 'gloss'], $other->changes);
        self::assertSame('gloss', Orchard::edited($other->changes)->transfers[0]->finish->value);
    }

    public function testThePlaceIsToldFromTheCollar(): void
    {
        self::assertSame('Centred, 80 mm below the collar', self::value(Orchard::plan(), 'place'));
        self::assertSame(
            '12 mm left of centre, 80 mm below the collar',
            self::value(Orchard::plan(Orchard::edited(['right' => '-12'])), 'place'),
        );
    }

    public function testAnUnknownThingInTheJobIsNamed(): void
    {
        foreach (
            [
                ['route' => 'teleport'],
                ['blank' => ['size' => 'XXS']],
                ['blank' => ['material' => 'lead']],
                ['choices' => ['schools' => ['drying' => 'never']]],
                ['blank' => ['kind' => 'spaceship']],
                ['blank' => ['condition' => 'rough']],
            ]
            as $over
        ) {
            try {
                Orchard::plan(Orchard::job($over));
                self::fail('It was let through.');
            } catch (BadRecord $e) {
                self::assertStringContainsString('It knows', $e->getMessage());
            }
        }
    }

    private static function value(TransferPlan $plan, string $line): string
    {
        return (new UnitFormat())->phrase(Orchard::decision($plan, $line)->value);
    }

    private static function because(TransferPlan $plan, string $line): string
    {
        return (new UnitFormat())->phrase(Orchard::decision($plan, $line)->because);
    }
}
