<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Job;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\RefusedEdit;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Tests\Orchard;

/** Pictures are added to a piece, taken away and put into another order. */
final class RearrangeTest extends TestCase
{
    public function testAnotherPictureGoesOnTheSideThatIsFree(): void
    {
        $job = Orchard::edited(['transfer' => 'add']);
        self::assertSame(['front', 'back'], self::sides($job));
        self::assertNull($job->transfers[1]->artwork);
        self::assertSame($job->transfers[0]->routeId, $job->transfers[1]->routeId);
    }

    public function testWhereNoSideIsFreeItGoesClearOfTheOthers(): void
    {
        $job = Orchard::edit(
            Orchard::edit(
                Orchard::edit(Orchard::jobOf('liner-fabric'), ['width' => '100 mm', 'transfer' => 'add']),
                ['transfer' => 'earlier'],
                1,
            ),
            ['transfer' => 'add'],
            1,
        );
        self::assertSame(['back', 'front', 'front'], self::sides($job));
        self::assertGreaterThan(
            $job->transfers[1]->placement->rectOf(Orchard::picture())->bottom(),
            $job->transfers[2]->placement->belowMm,
        );
    }

    /** On a sleeve there is no room for what suits a chest. */
    public function testOnASleeveItTakesTheSizeAndPlaceOfASleeve(): void
    {
        $job = Orchard::edited(['side' => 'left-sleeve']);
        $area = Orchard::catalogue()->blanks['shirt']->sizes['M']->seenFrom('left-sleeve')->printArea;
        self::assertTrue($job->transfers[0]->placement->rectOf(Orchard::picture())->within($area->grown(1.0)));
        self::assertSame(
            240.0,
            Orchard::edited(['side' => 'back'])->transfers[0]->placement->sideMm,
            'the back takes what suits the front',
        );
    }

    public function testRoundAPieceItGoesToTheFarSide(): void
    {
        $job = Orchard::edit(Orchard::jobOf('laser-ceramic', ['placement' => ['side_mm' => 60]]), [
            'transfer' => 'add',
        ]);
        self::assertGreaterThan(60.0, abs($job->transfers[1]->placement->rightMm));
        $overlaps = array_filter(
            Orchard::whole(Orchard::edit($job, ['width' => '60 mm'], 1))->checks(),
            static fn(Check $check): bool => 'layer.overlap-1' === $check->id,
        );
        self::assertSame([], $overlaps);
    }

    public function testAPictureIsTakenAwayButNotTheLastOne(): void
    {
        $two = Orchard::edited(['transfer' => 'add']);
        self::assertSame(['back'], self::sides(Orchard::edit($two, ['transfer' => 'remove'], 0)));
        $this->expectException(RefusedEdit::class);
        Orchard::edited(['transfer' => 'remove']);
    }

    public function testTheOrderOfPressingIsChanged(): void
    {
        $two = Orchard::edited(['transfer' => 'add']);
        self::assertSame(['back', 'front'], self::sides(Orchard::edit($two, ['transfer' => 'earlier'], 1)));
        self::assertSame(
            ['front', 'back'],
            self::sides(Orchard::edit($two, ['transfer' => 'earlier'], 0)),
            'the first stays first',
        );
    }

    public function testAtMostEightGoOnAPiece(): void
    {
        $job = Orchard::job();
        for ($n = 1; $n < Job::MOST_TRANSFERS; ++$n) {
            $job = Orchard::edit($job, ['transfer' => 'add']);
        }
        $this->expectException(RefusedEdit::class);
        Orchard::edit($job, ['transfer' => 'add']);
    }

    public function testAChangeGoesToThePictureThatIsMeant(): void
    {
        $job = Orchard::edit(
            Orchard::edited(['transfer' => 'add']),
            [
                'artwork' => str_repeat('a', 64),
                'width' => '90 mm',
                'finish' => 'gloss',
                'side' => 'front',
                'over' => 'yes',
            ],
            1,
        );
        self::assertSame(
            [240.0, 90.0],
            array_map(static fn(Transfer $one): float => $one->placement->sideMm, $job->transfers),
        );
        self::assertSame(
            ['matte', 'gloss'],
            array_map(static fn(Transfer $one): string => $one->finish->value, $job->transfers),
        );
        self::assertSame([false, true], array_map(static fn(Transfer $one): bool => $one->over, $job->transfers));
    }

    public function testAPictureThatIsNotThereCannotBeChanged(): void
    {
        $this->expectException(RefusedEdit::class);
        Orchard::edit(Orchard::job(), ['width' => '90 mm'], 3);
    }

    public function testTheWholeListCanBePutBack(): void
    {
        $was = Orchard::edited(['transfer' => 'add']);
        $back = Orchard::edit(Orchard::edit($was, ['transfer' => 'remove'], 1), [
            'transfers' => (string) json_encode(JobFile::write($was)['transfers']),
        ]);
        self::assertEquals($was, $back);
    }

    public function testAListThatIsNoneIsRefused(): void
    {
        $this->expectException(RefusedEdit::class);
        Orchard::edited(['transfers' => 'front and back']);
    }

    public function testAnotherKindOfBlankTakesEveryPictureAlong(): void
    {
        $job = Orchard::edit(Orchard::edited(['transfer' => 'add']), ['kind' => 'mug']);
        self::assertSame(['round', 'round'], self::sides($job));
    }

    public function testAnotherKindIsFittedInTheSizeThatWasChosenWithIt(): void
    {
        $mm = static fn(string $size): float => Orchard::edited(['kind' => 'mug', 'size' => $size])->transfers[0]
            ->placement->sideMm;
        self::assertLessThan($mm('mug-ordinary'), $mm('mug-small'));
    }

    /** @return list<string> */
    private static function sides(Job $job): array
    {
        return array_map(static fn(Transfer $one): string => $one->sideId, $job->transfers);
    }
}
