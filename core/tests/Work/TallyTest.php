<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Work;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Work\PrintState;
use Wubbin\Core\Work\SessionCount;
use Wubbin\Core\Work\Tally;

/** What is left, printed and to be printed of a job, worked by hand. */
final class TallyTest extends TestCase
{
    private const PLAN = ['plan'];

    /** Twelve shirts: four S and eight M; or all alike. */
    private static function job(bool $sizes): Job
    {
        $share = static fn(int $quantity, string $size): array => [
            'quantity' => $quantity,
            'size' => $size,
            'colour' => null,
            'width_mm' => null,
        ];

        return Orchard::jobOf('light-film', [
            'quantity' => 12,
            'breakdown' => $sizes ? [$share(4, 'S'), $share(8, 'M')] : [],
        ]);
    }

    private static function session(
        int $pieces,
        int $good,
        int $open,
        ?int $share = null,
        bool $ahead = false,
    ): SessionCount {
        return new SessionCount(
            $share,
            '2026-11-27T10',
            0 === $open,
            $pieces,
            $good,
            $pieces - $good - $open,
            $open,
            $ahead,
        );
    }

    /** @param array<int, bool|null> $out */
    private static function sheet(int $makes, int $pages, array $out, ?int $share = null): PrintState
    {
        $state = PrintState::ofSheet('sheet', 'plan', '2026-11-27T08', $makes, $share, $pages);
        foreach ($out as $page => $good) {
            $state = $state->and($page, $good, '2026-11-27T09');
        }

        return $state;
    }

    public function testWhatIsLeft(): void
    {
        $tally = new Tally(self::job(false), [self::session(5, 3, 0), self::session(4, 1, 2)], []);
        self::assertSame([4, 2, 6, 6], [$tally->good(), $tally->inHand(), $tally->begun(), $tally->left]);
        self::assertSame([6], $tally->leftOf());
    }

    public function testSizeBySize(): void
    {
        $tally = new Tally(self::job(true), [self::session(3, 3, 0, 0), self::session(2, 2, 0)], []);
        self::assertSame([0, 7], $tally->leftOf(), 'what nobody knows the size of fills the first');
    }

    public function testNothingIsPrintedYet(): void
    {
        self::assertSame([[null, 12]], (new Tally(self::job(true), [], []))->toMake(self::PLAN));
        self::assertSame(
            [[0, 2], [1, 8]],
            (new Tally(self::job(true), [self::session(2, 2, 0, 0)], []))->toMake(self::PLAN),
        );
        self::assertSame([[null, 9]], (new Tally(self::job(false), [self::session(3, 3, 0)], []))->toMake(self::PLAN));
    }

    public function testASpoiledPageTakesItsPieces(): void
    {
        $tally = new Tally(self::job(false), [], [self::sheet(12, 6, [1 => true, 2 => true, 3 => false, 4 => null])]);
        self::assertSame([6, '2026-11-27T09'], $tally->printed(self::PLAN), 'three of six pages, two on each');
        self::assertSame([], $tally->toMake(self::PLAN), 'its own pages are printed again');
        self::assertSame([0, ''], $tally->printed(['another']));
        self::assertTrue($tally->printedBefore(['another']));
    }

    public function testAPieceThatIsSpoiledAtTheBenchWantsASheetMore(): void
    {
        $all = [self::sheet(12, 12, array_fill(1, 12, true))];
        $tally = new Tally(self::job(false), [self::session(12, 11, 0, ahead: true)], $all);
        self::assertSame([1, [[null, 1]]], [$tally->left, $tally->toMake(self::PLAN)]);
        $own = new Tally(self::job(false), [self::session(3, 3, 0)], $all);
        self::assertSame(12, $own->printed(self::PLAN)[0], 'a session that printed for itself takes none of them');
    }

    /** Sheets of one size are none for another. */
    public function testPrintedForOneSizeOnly(): void
    {
        $tally = new Tally(self::job(true), [], [self::sheet(4, 4, array_fill(1, 4, true), 0)]);
        self::assertSame(4, $tally->printed(self::PLAN, 0)[0]);
        self::assertSame([0, ''], $tally->printed(self::PLAN, 1));
        self::assertSame([[1, 8]], $tally->toMake(self::PLAN));
        $whole = new Tally(self::job(true), [], [self::sheet(12, 12, array_fill(1, 12, true))]);
        self::assertSame([4, 8], [$whole->printed(self::PLAN, 0)[0], $whole->printed(self::PLAN, 1)[0]]);
    }
}
