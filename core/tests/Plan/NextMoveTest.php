<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Doing;
use Wubbin\Core\Plan\NextMove;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Tests\Orchard;

final class NextMoveTest extends TestCase
{
    public function testAPictureComesFirst(): void
    {
        self::assertSame(Doing::Picture, self::next(Orchard::edit(Orchard::job(), ['artwork' => '']))->doing);
    }

    public function testThenWhatStopsItThenTheSheetThenTheBench(): void
    {
        $wide = self::next(Orchard::edit(Orchard::job(), ['width' => '330 mm']));
        self::assertSame(Doing::Settle, $wide->doing);
        self::assertTrue($wide->check?->blocks());
        self::assertSame(Doing::Sheet, self::next(Orchard::job())->doing);
        self::assertSame(Doing::Bench, self::next(Orchard::job(), true)->doing);
    }

    /** What cannot be at all is settled before what is only missing. */
    public function testTheWorstIsSettledFirst(): void
    {
        $next = self::next(Orchard::edit(Orchard::job(), ['colour' => '#111111', 'width' => '330 mm']));
        $worst = array_filter(
            Orchard::whole(Orchard::edit(Orchard::job(), ['colour' => '#111111', 'width' => '330 mm']))->checks(),
            static fn($check): bool => 'impossible' === $check->severity->value,
        );
        self::assertSame([] === $worst ? 'stop' : 'impossible', $next->check?->severity->value);
    }

    /** Whatever its checks say: there is nothing left to make. */
    public function testWhatIsMadeIsDone(): void
    {
        self::assertSame(Doing::Done, self::next(Orchard::edit(Orchard::job(), ['artwork' => '']), left: 0)->doing);
    }

    private static function next(Job $job, bool $sheet = false, int $left = 24): NextMove
    {
        $planner = new Planner(Orchard::catalogue());

        return NextMove::of($planner->plan($job, Orchard::shelf(), Orchard::pictures()), $sheet, $left);
    }
}
