<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Job;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Owning;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Route\OwnedAnswer;
use Wubbin\Core\Tests\Orchard;

/** @phpstan-import-type ShelfRecord from Owning */
final class OwningTest extends TestCase
{
    /** An iron, an inkjet, film, a board and card make a shirt: as the first hour promises. */
    public function testAFewTapsMakeAShelfThatPlans(): void
    {
        $shelf = self::tapped(['iron' => 'three', 'inkjet' => 'dye', 'film-clear' => 'a4', 'wood-board' => 'yes']);
        self::assertTrue($shelf->heat['iron-household']->isAssumed());
        $planner = new Planner(Orchard::catalogue());
        self::assertTrue($planner->plan(Orchard::job(), $shelf, Orchard::pictures())->ready());
    }

    public function testEveryAnswerOfEveryThingHoldsOnceItIsGiven(): void
    {
        foreach (Orchard::catalogue()->owned as $thing) {
            foreach ($thing->answers as $answer) {
                $shelf = self::tapped([$thing->id => $answer->id]);
                self::assertContains($answer->id, Owning::answers($shelf, $thing), $thing->id);
                self::assertSame([], Owning::own($shelf, $thing, Orchard::catalogue()), $thing->id);
            }
        }
    }

    /** Whatever Wubbin knows can be pointed at: nothing is left that a new shop cannot say it has. */
    public function testEverythingKnownCanBePointedAt(): void
    {
        $catalogue = Orchard::catalogue();
        $puts = array_fill_keys(OwnedAnswer::KINDS, []);
        foreach ($catalogue->owned as $thing) {
            foreach ($thing->answers as $answer) {
                foreach ($answer->puts as $kind => $ids) {
                    $puts[$kind] = [...$puts[$kind], ...$ids];
                }
            }
        }
        self::assertSame([], array_diff(array_keys($catalogue->sheets->media), $puts['media']));
        self::assertSame([], array_diff(array_keys($catalogue->sheets->markings), $puts['markings']));
        self::assertSame([], array_diff(array_keys($catalogue->heat->sources), $puts['heat']));
        self::assertSame([], array_diff(array_keys($catalogue->supports->covers), $puts['covers'], ['tissue-cover']));
        self::assertSame([], array_diff(array_keys($catalogue->supports->bases), $puts['bases']));
    }

    /** A shelf that was filled before keeps every word of it, whatever is tapped on and off. */
    public function testWhatTheShopMeasuredStays(): void
    {
        $shop = self::record([
            'heat' => [
                [
                    'id' => 'mine',
                    'label' => 'old iron',
                    'kind' => 'iron',
                    'plate_width_mm' => 101,
                    'plate_length_mm' => 190,
                    'dots' => 3,
                ],
                [
                    'id' => 'iron-household',
                    'label' => 'new iron',
                    'kind' => 'iron',
                    'plate_width_mm' => 111,
                    'plate_length_mm' => 201,
                    'dots' => 3,
                ],
            ],
            'media' => ['film-clear-a4', 'rough'],
            'own' => [
                'media' => [
                    [
                        'id' => 'rough',
                        'like' => 'tissue-a4',
                        'label' => 'rough tissue',
                        'paper' => 'a4',
                        'thickness_mm' => 0.04,
                        'print_side' => 'the rough side',
                    ],
                ],
            ],
        ]);
        $catalogue = Orchard::catalogue();
        $after = $shop;
        foreach ($catalogue->owned as $thing) {
            $after = Owning::set($after, $thing, [$thing->answers[0]->id], $catalogue);
            $after = Owning::set($after, $thing, 'film-clear' === $thing->id ? ['a4'] : [], $catalogue);
        }
        self::assertSame(array_slice($shop['heat'], 0, 2), array_slice($after['heat'], 0, 2));
        self::assertSame(['film-clear-a4', 'rough'], $after['media'] ?? null);
        self::assertSame($shop['own']['media'][0] ?? [], $after['own']['media'][0] ?? null);
        $shelf = Shelf::fromRecord(Record::of($after), $catalogue);
        self::assertSame(['old iron'], Owning::own($shelf, $catalogue->owned['iron'], $catalogue));
        self::assertSame(['rough tissue'], Owning::own($shelf, $catalogue->owned['tissue'], $catalogue));
    }

    public function testASheetOfAnotherSizeBehavesAsTheOneThatIsKnown(): void
    {
        $shelf = self::tapped(['film-opaque' => 'letter']);
        $sheet = $shelf->media['film-opaque-letter'];
        self::assertSame('opaque film for dark cloth, Letter', $sheet->label);
        self::assertSame('film-opaque-a4', $sheet->like);
        self::assertEqualsWithDelta(215.9, $sheet->paper->size()->widthMm, 1e-9);
    }

    /** Nobody is asked for the paper that the shop prints on. */
    public function testTheUsualSheetIsOfTheShopsPaper(): void
    {
        $owned = Orchard::catalogue()->owned;
        self::assertSame('letter', $owned['film-clear']->usualOn(PaperSize::Letter)->id);
        self::assertSame('a4', $owned['film-release']->usualOn(PaperSize::A4)->id);
        self::assertSame('three', $owned['iron']->usualOn(PaperSize::A4)->id);
    }

    /** One iron is one iron: another answer takes the place of the one before. */
    public function testOneAnswerTakesThePlaceOfAnother(): void
    {
        $iron = Orchard::catalogue()->owned['iron'];
        $record = self::record();
        foreach (['three', 'two'] as $answer) {
            $record = Owning::set($record, $iron, [$answer], Orchard::catalogue());
        }
        self::assertSame(['iron-two-dot'], array_column($record['heat'], 'id'));
        $this->expectException(BadRecord::class);
        Owning::set($record, $iron, ['three', 'two'], Orchard::catalogue());
    }

    /** @param array<string, string> $taps */
    private static function tapped(array $taps): Shelf
    {
        $record = self::record();
        foreach ($taps as $thing => $answer) {
            $record = Owning::set($record, Orchard::catalogue()->owned[$thing], [$answer], Orchard::catalogue());
        }

        return Shelf::fromRecord(Record::of($record), Orchard::catalogue());
    }

    /**
     * @param array<string, mixed> $over
     *
     * @return ShelfRecord
     */
    private static function record(array $over = []): array
    {
        /** @var ShelfRecord $record */
        $record = $over + Shelf::nothing()->toRecord();

        return $record;
    }
}
