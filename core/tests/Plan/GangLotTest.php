<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Tests\Orchard;

/** What may share a sheet. */
final class GangLotTest extends TestCase
{
    public function testJobsOfOneFilmShareSheetsAndOthersDoNot(): void
    {
        $shirts = Orchard::whole(Orchard::jobOf('light-film', ['id' => 'shirts', 'quantity' => 5]));
        $more = Orchard::whole(Orchard::jobOf('light-film', ['id' => 'more', 'quantity' => 3]));
        $dark = Orchard::whole(Orchard::jobOf('dark-film', ['id' => 'dark', 'quantity' => 2]));
        $lots = GangLot::of([$shirts, $more, $dark]);
        self::assertCount(2, $lots);
        self::assertSame(
            8,
            array_sum(array_map(static fn(GangPicture $one): int => $one->piece->count, $lots[0]->pictures)),
        );
        self::assertTrue($lots[0]->mirrored);
        self::assertFalse($lots[1]->mirrored);
    }

    /** Front and back of one job, each as often as there are pieces; and one piece for each size. */
    public function testEveryPictureAndEveryShareIsAPiece(): void
    {
        $two = Orchard::whole(Orchard::layered([['side' => 'front'], ['side' => 'back']], ['quantity' => 4]));
        self::assertSame(
            [4, 4],
            array_values(
                array_map(static fn(GangPicture $one): int => $one->piece->count, GangLot::of([$two])[0]->pictures),
            ),
        );
        $sizes = Orchard::whole(Orchard::edit(Orchard::job(), ['breakdown' => '6 S 120 mm, 10 M']));
        self::assertSame(
            [6, 10],
            array_values(
                array_map(static fn(GangPicture $one): int => $one->piece->count, GangLot::of([$sizes])[0]->pictures),
            ),
        );
    }

    public function testASheetThatItsMarginsTakeUpIsRefused(): void
    {
        $record = [
            'own' => [
                'media' => [
                    [
                        'id' => 'card',
                        'like' => 'film-clear-a4',
                        'label' => 'card',
                        'paper' => 'a6',
                        'thickness_mm' => 0.2,
                        'print_side' => 'front',
                    ],
                ],
                'markings' => [['id' => 'odd', 'like' => 'inkjet-dye', 'label' => 'odd', 'margin_mm' => 50]],
            ],
            'media' => ['card'],
            'markings' => ['odd'],
        ];
        $plan = Orchard::whole(
            shelf: Shelf::fromRecord(
                Record::of($record + (array) json_decode((string) json_encode(Orchard::shelf()->toRecord()), true)),
                Orchard::catalogue(),
            ),
        );
        self::assertFalse($plan->printable(), 'nothing fits it, and that is told');
        self::assertSame([], GangLot::of([$plan]));
    }

    public function testMirroredAndUnmirroredPicturesAreKeptApartAndTheReasonIsTold(): void
    {
        $bag = Orchard::whole(Orchard::jobOf('multi-film'));
        self::assertSame([], GangLot::apart(GangLot::of([$bag])));
        // On glass that is seen through its back the picture is turned once more.
        $glass = Orchard::whole(
            Orchard::jobOf('multi-film', [
                'id' => 'glass',
                'name' => 'Cellar door',
                'blank' => ['kind' => 'glass', 'size' => 'pane', 'material' => 'glass', 'condition' => 'seen-through'],
            ]),
        );
        $lots = GangLot::of([$bag, $glass]);
        self::assertSame([true, false], array_map(static fn(GangLot $lot): bool => $lot->mirrored, $lots));
        self::assertStringContainsString('Cellar door reads right', GangLot::apart($lots)[0] ?? '');
    }

    public function testNothingIsTurnedOnASheetWithAGrain(): void
    {
        $record = [
            'own' => [
                'media' => [
                    [
                        'id' => 'grain',
                        'like' => 'film-clear-a4',
                        'label' => 'grained film',
                        'paper' => 'a4',
                        'thickness_mm' => 0.2,
                        'print_side' => 'front',
                        'one_way' => true,
                    ],
                ],
            ],
            'media' => ['grain'],
        ];
        $shelf = Shelf::fromRecord(
            Record::of($record + (array) json_decode((string) json_encode(Orchard::shelf()->toRecord()), true)),
            Orchard::catalogue(),
        );
        $plan = Orchard::whole(
            Orchard::edit(Orchard::job(['quantity' => 6]), ['width' => '120 mm', 'medium' => 'grain']),
            shelf: $shelf,
        );
        $gang = GangLot::of([$plan])[0]->laidOut(Length::mm(3.0), 1, static fn(int $tried): bool => $tried < 10);
        self::assertSame(
            [0],
            array_values(
                array_unique(
                    array_merge(
                        ...array_map(
                            static fn($sheet): array => array_map(
                                static fn($place): int => $place->quarters,
                                $sheet->places,
                            ),
                            $gang->sheets,
                        ),
                    ),
                ),
            ),
        );
    }

    public function testAPieceIsAsLargeAsItsTrimLine(): void
    {
        $plan = Orchard::whole(Orchard::jobOf('multi-film', ['quantity' => 9]));
        $lot = GangLot::of([$plan])[0];
        $piece = array_values($lot->pictures)[0]->piece;
        self::assertEquals($plan->transfers[0]->arrangement->sheet?->cut->size, $piece->size);
        $gang = $lot->laidOut(Length::mm(3.0), 1, static fn(int $tried): bool => false);
        self::assertSame(
            9,
            count($gang->sheets[0]->places) +
                array_sum(array_map(static fn($sheet): int => count($sheet->places), array_slice($gang->sheets, 1))),
        );
        foreach ($gang->sheets as $sheet) {
            foreach ($sheet->places as $place) {
                self::assertTrue($place->rect->within($lot->room()));
            }
        }
    }
}
