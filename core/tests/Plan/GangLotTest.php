<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Length;
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
        self::assertSame(8, array_sum(array_map(static fn (GangPicture $one): int => $one->piece->count, $lots[0]->pictures)));
        self::assertTrue($lots[0]->mirrored);
        self::assertFalse($lots[1]->mirrored);
    }

    /** Front and back of one job, each as often as there are pieces; and one piece for each size. */
    public function testEveryPictureAndEveryShareIsAPiece(): void
    {
        $two = Orchard::whole(Orchard::layered([['side' => 'front'], ['side' => 'back']], ['quantity' => 4]));
        self::assertSame([4, 4], array_values(array_map(static fn (GangPicture $one): int => $one->piece->count, GangLot::of([$two])[0]->pictures)));
        $sizes = Orchard::whole(Orchard::edit(Orchard::job(), ['breakdown' => '6 S 120 mm, 10 M']));
        self::assertSame([6, 10], array_values(array_map(static fn (GangPicture $one): int => $one->piece->count, GangLot::of([$sizes])[0]->pictures)));
    }

    public function testAPieceIsAsLargeAsItsTrimLine(): void
    {
        $plan = Orchard::whole(Orchard::jobOf('multi-film', ['quantity' => 9]));
        $lot = GangLot::of([$plan])[0];
        $piece = array_values($lot->pictures)[0]->piece;
        self::assertEquals($plan->transfers[0]->sheet?->cut->size, $piece->size);
        $gang = $lot->laidOut(Length::mm(3.0), 1, static fn (int $tried): bool => false);
        self::assertSame(9, count($gang->sheets[0]->places) + array_sum(array_map(static fn ($sheet): int => count($sheet->places), array_slice($gang->sheets, 1))));
        foreach ($gang->sheets as $sheet) {
            foreach ($sheet->places as $place) {
                self::assertTrue($place->rect->within($lot->room()));
            }
        }
    }
}
