<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Run\AtHand;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\BenchStep;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Run\EventType;
use Wubbin\Core\Run\Mark;
use Wubbin\Core\Run\Outcome;
use Wubbin\Core\Tests\Orchard;

final class BenchTest extends TestCase
{
    public function testSharedStepsFirstThenPieceByPieceThenTheEnd(): void
    {
        $steps = BenchSequence::fromRounds(Orchard::whole()->rounds, 2)->steps;
        $pieces = array_map(static fn(BenchStep $s): ?int => $s->piece, $steps);
        self::assertSame(
            [null, 1, 2, null],
            array_values(
                array_filter(
                    $pieces,
                    static fn(?int $p, int $i): bool => 0 === $i || $p !== $pieces[$i - 1],
                    \ARRAY_FILTER_USE_BOTH,
                ),
            ),
        );
        self::assertSame('off', array_slice($steps, -1)[0]->stepId, 'the last step asks whether the heat is off');
        self::assertSame(180.0, $steps[0]->seconds, 'two sheets to print');
    }

    /** Each picture goes onto all pieces before the next one does. */
    public function testRoundsGoOverAllPiecesAndAPieceThatWentWrongIsLeftOutOfTheNext(): void
    {
        $sequence = BenchSequence::fromRounds(Orchard::whole(Orchard::layered([[], ['side' => 'back']]))->rounds, 3);
        $rounds = array_values(
            array_filter(array_map(static fn(BenchStep $s): ?int => $s->piece, $sequence->steps), is_int(...)),
        );
        self::assertSame(
            [1, 2, 3, 1, 2, 3],
            array_values(
                array_filter(
                    $rounds,
                    static fn(int $p, int $i): bool => 0 === $i || $p !== $rounds[$i - 1],
                    \ARRAY_FILTER_USE_BOTH,
                ),
            ),
        );
        $first = $sequence->positionsOf(2)[0];
        $events = [];
        for ($position = 0; $position < $first; ++$position) {
            $events[] = Event::done($position, self::at($position));
        }
        $state = BenchState::fromEvents($sequence, [
            ...$events,
            Event::judged($first, self::at(99), Outcome::Spoiled, []),
        ]);
        self::assertSame([2 => Outcome::Spoiled], $state->outcomes(), 'the front alone does not finish the first');
        self::assertNull($state->lanes[2]->position());
        self::assertFalse(
            $state->open($sequence->positionsOf(1)[count($sequence->positionsOf(1)) - 1]),
            'its back waits for the other fronts',
        );
    }

    public function testAPieceWaitsForWhatIsSharedAndWhatIsSharedForAllPieces(): void
    {
        self::assertSame([0], BenchState::fromEvents(self::two(), [])->atHand());
        $printed = Event::done(0, self::at(0));
        $state = BenchState::fromEvents(self::two(), [$printed]);
        self::assertSame([1, 4], $state->atHand(), 'either piece may be taken up');
        self::assertFalse($state->open(7), 'the iron stays on');
        $half = [$printed, Event::judged(1, self::at(5), Outcome::Spoiled, [])];
        self::assertFalse(BenchState::fromEvents(self::two(), $half)->open(7));
        self::assertTrue(
            BenchState::fromEvents(self::two(), [...$half, Event::judged(4, self::at(6), Outcome::Good, [])])->open(7),
        );
    }

    /** One cools while the next is in the press: two clocks at once, each its own. */
    public function testTwoPiecesHaveTwoClocks(): void
    {
        $state = BenchState::fromEvents(self::two(), [
            Event::done(0, self::at(0)),
            Event::started(1, self::at(10)),
            Event::done(1, self::at(30)),
            Event::started(2, self::at(31)),
            Event::started(4, self::at(40)),
        ]);
        self::assertEqualsWithDelta(29.0, $state->lanes[1]->clock?->elapsed(self::at(60)), 1e-9);
        self::assertEqualsWithDelta(20.0, $state->lanes[2]->clock?->elapsed(self::at(60)), 1e-9);
        self::assertEqualsWithDelta(20.0, $state->lanes[1]->taken[1], 1e-9, 'what the first was really heated');
    }

    public function testWhatNeedsHandsNextIsInFront(): void
    {
        $order = static fn(int $now, Event ...$events): array => array_column(
            AtHand::inOrder(
                AtHand::forRun(
                    'run',
                    self::two(),
                    BenchState::fromEvents(self::two(), [Event::done(0, self::at(0)), ...array_values($events)]),
                ),
                self::at($now),
            ),
            'position',
        );
        self::assertSame([1, 4], $order(1), 'the first piece first');
        self::assertSame([4, 1], $order(8, Event::started(4, self::at(5))), 'a hot iron before all');
        $cooling = [Event::started(1, self::at(5)), Event::done(1, self::at(23)), Event::started(2, self::at(24))];
        self::assertSame([4, 2], $order(30, ...$cooling), 'while it cools the next is taken up');
        self::assertSame([2, 4], $order(90, ...$cooling), 'now it is cool');
        self::assertSame(
            [4, 2],
            $order(90, ...$cooling, ...[Event::started(4, self::at(85))]),
            'but the iron is on the other',
        );
        self::assertSame(
            [3, 4],
            $order(90, ...$cooling, ...[Event::done(2, self::at(84))]),
            'what is begun before what is new',
        );
    }

    public function testTheLastStepOfAPieceAsksHowItCameOut(): void
    {
        $events = [
            Event::done(0, self::at(0)),
            Event::started(1, self::at(1)),
            Event::done(1, self::at(19)),
            Event::started(2, self::at(20)),
            Event::done(2, self::at(80)),
            Event::done(3, self::at(90)),
        ];
        $state = BenchState::fromEvents(self::two(), $events);
        self::assertTrue($state->lanes[1]->judging);
        self::assertFalse($state->accepts(Event::done(3, self::at(91))));
        $judged = BenchState::fromEvents(self::two(), [...$events, Event::judged(3, self::at(95), Outcome::Good, [])]);
        self::assertSame([1 => Outcome::Good], $judged->outcomes());
        self::assertFalse($judged->finished());
    }

    public function testAllDone(): void
    {
        $events = [
            Event::done(0, self::at(0)),
            Event::judged(1, self::at(9), Outcome::Redo, []),
            Event::judged(4, self::at(9), Outcome::Good, []),
            Event::done(7, self::at(10)),
        ];
        $state = BenchState::fromEvents(self::two(), $events);
        self::assertTrue($state->finished());
        self::assertFalse($state->accepts(Event::done(7, self::at(11))));
        self::assertFalse($state->accepts(Event::done(8, self::at(11))));
    }

    public function testATimedStepMustBeStartedBeforeItIsDone(): void
    {
        $state = BenchState::fromEvents(self::two(), [Event::done(0, self::at(0))]);
        self::assertFalse($state->accepts(Event::done(1, self::at(1))));
        self::assertTrue($state->accepts(Event::started(1, self::at(1))));
        $running = BenchState::fromEvents(self::two(), [Event::done(0, self::at(0)), Event::started(1, self::at(1))]);
        self::assertFalse($running->accepts(Event::started(1, self::at(2))), 'a clock starts once');
        self::assertTrue($running->accepts(Event::done(1, self::at(2))));
    }

    public function testAPressFromAScreenThatLagsBehindIsNotTaken(): void
    {
        $state = BenchState::fromEvents(self::two(), [Event::done(0, self::at(0))]);
        self::assertFalse($state->accepts(Event::done(0, self::at(1))));
        self::assertFalse($state->accepts(Event::done(2, self::at(1))), 'nor one from ahead');
    }

    public function testSharedStepsAreNotJudged(): void
    {
        self::assertFalse(
            BenchState::fromEvents(self::two(), [])->accepts(Event::judged(0, self::at(0), Outcome::Spoiled, [])),
        );
    }

    public function testAPauseStopsTheClock(): void
    {
        $events = [
            Event::done(0, self::at(0)),
            Event::started(1, self::at(10)),
            Event::plain(EventType::Paused, 1, self::at(15)),
        ];
        $paused = BenchState::fromEvents(self::two(), $events);
        self::assertEqualsWithDelta(5.0, $paused->lanes[1]->clock?->elapsed(self::at(500)), 1e-9);
        self::assertFalse($paused->accepts(Event::plain(EventType::Paused, 1, self::at(501))));
        $on = BenchState::fromEvents(self::two(), [...$events, Event::plain(EventType::Resumed, 1, self::at(500))]);
        self::assertEqualsWithDelta(8.0, $on->lanes[1]->clock?->elapsed(self::at(503)), 1e-9);
        self::assertFalse($on->accepts(Event::plain(EventType::Resumed, 1, self::at(504))));
    }

    public function testALookUnderACornerEndsItOrLetsItGoOn(): void
    {
        $events = [Event::done(0, self::at(0)), Event::started(1, self::at(10))];
        $notYet = BenchState::fromEvents(self::two(), [
            ...$events,
            Event::peeked(1, self::at(20), false, [Mark::forDefect(Defect::MissedPatch, 0.9, 0.9)]),
        ]);
        self::assertSame(1, $notYet->lanes[1]->position());
        self::assertSame(
            2,
            BenchState::fromEvents(self::two(), [
                ...$events,
                Event::peeked(1, self::at(20), true),
            ])->lanes[1]->position(),
        );
        self::assertFalse(
            BenchState::fromEvents(self::two(), [Event::done(0, self::at(0))])->accepts(
                Event::peeked(1, self::at(5), true),
            ),
            'nothing is heated yet',
        );
    }

    public function testAFewSecondsMore(): void
    {
        $events = [Event::done(0, self::at(0)), Event::started(1, self::at(10))];
        $longer = BenchState::fromEvents(self::two(), [...$events, Event::again(1, self::at(20), 10.0)]);
        self::assertSame(28.0, $longer->lanes[1]->clock?->seconds, 'its clock runs on');
        $peeling = [
            ...$events,
            Event::done(1, self::at(28)),
            Event::started(2, self::at(30)),
            Event::done(2, self::at(90)),
        ];
        $again = Event::again(1, self::at(100), 10.0);
        self::assertTrue(BenchState::fromEvents(self::two(), $peeling)->accepts($again), 'a spot stayed on the paper');
        $back = BenchState::fromEvents(self::two(), [...$peeling, $again]);
        self::assertSame([1, 10.0], [$back->lanes[1]->position(), $back->lanes[1]->clock?->seconds]);
        $after = BenchState::fromEvents(self::two(), [...$peeling, $again, Event::done(1, self::at(111))]);
        self::assertEqualsWithDelta(29.0, $after->lanes[1]->taken[1], 1e-9, 'both times count');
        self::assertSame(2, $after->lanes[1]->position(), 'it cools once more');
        self::assertFalse(
            BenchState::fromEvents(self::two(), $events)->accepts(Event::again(4, self::at(20), 10.0)),
            'the other was not heated at all',
        );
        self::assertFalse(BenchState::fromEvents(self::two(), $events)->accepts(Event::again(1, self::at(20), 6000.0)));
    }

    public function testAStepIsLeftOutForAReason(): void
    {
        $events = [Event::done(0, self::at(0)), Event::started(1, self::at(1)), Event::done(1, self::at(19))];
        $state = BenchState::fromEvents(self::two(), $events);
        self::assertFalse($state->accepts(Event::skipped(2, self::at(20), '  ')));
        self::assertTrue($state->accepts(Event::skipped(2, self::at(20), 'It is for peeling hot.')));
        $skipped = BenchState::fromEvents(self::two(), [...$events, Event::skipped(2, self::at(20), 'Hot peel.')]);
        self::assertSame([2 => 'Hot peel.'], $skipped->lanes[1]->skipped);
        self::assertSame(3, $skipped->lanes[1]->position());
    }

    public function testTheLastPressIsUndone(): void
    {
        $events = [
            Event::done(0, self::at(0), 'a'),
            Event::started(1, self::at(1), 'b'),
            Event::done(1, self::at(4), 'c'),
        ];
        $state = BenchState::fromEvents(self::two(), $events);
        self::assertSame('c', $state->last?->press);
        self::assertFalse($state->accepts(Event::undone(1, self::at(5), 'b', 'u')), 'only the last');
        self::assertTrue($state->accepts(Event::undone(1, self::at(5), 'c', 'u')));
        $undone = BenchState::fromEvents(self::two(), [...$events, Event::undone(1, self::at(5), 'c', 'u')]);
        self::assertEqualsWithDelta(
            9.0,
            $undone->lanes[1]->clock?->elapsed(self::at(10)),
            1e-9,
            'its clock had never stopped',
        );
        self::assertTrue($undone->accepts(Event::undone(1, self::at(11), 'b', 'v')), 'and so on backwards');
    }

    public function testWhatIsAskedBeforeHeatIsAskedOnce(): void
    {
        $asking = BenchSequence::frozen([
            new BenchStep('heat', StepKind::Heat, 1, true, 18.0, true),
            new BenchStep('heat', StepKind::Heat, 2, true, 18.0, true),
        ]);
        $state = BenchState::fromEvents($asking, []);
        self::assertTrue($state->asks(0));
        self::assertFalse($state->accepts(Event::started(0, self::at(1))));
        $checked = BenchState::fromEvents($asking, [Event::plain(EventType::Checked, 0, self::at(1))]);
        self::assertTrue($checked->accepts(Event::started(0, self::at(2))));
        self::assertFalse($checked->asks(1), 'for all pieces');
        self::assertFalse($checked->accepts(Event::plain(EventType::Checked, 0, self::at(3))));
    }

    public function testHandsAreTimedFromThePressBefore(): void
    {
        $state = BenchState::fromEvents(self::two(), [
            Event::done(0, self::at(0)),
            Event::started(1, self::at(10)),
            Event::done(1, self::at(28)),
            Event::started(2, self::at(30)),
            Event::done(2, self::at(90)),
            Event::done(3, self::at(107)),
        ]);
        self::assertEqualsWithDelta(17.0, $state->lanes[1]->hands[3], 1e-9);
    }

    /** In Europe/Berlin the clock is put back on this night: an hour by the wall takes two. Instants do not care. */
    public function testAClockRunsThroughAChangeOfTheClocks(): void
    {
        $before = new \DateTimeImmutable('2026-10-25 02:50:00 +02:00');
        $after = $before->modify('+20 minutes')->setTimezone(new \DateTimeZone('Europe/Berlin'));
        self::assertSame('02:10', $after->format('H:i'), 'the wall clock went back');
        $state = BenchState::fromEvents(self::two(), [Event::done(0, $before), Event::started(1, $before)]);
        self::assertEqualsWithDelta(1200.0, $state->lanes[1]->clock?->elapsed($after), 1e-9);
    }

    /** Printing for all; ironing, cooling and peeling of two pieces; the iron off. */
    private static function two(): BenchSequence
    {
        return BenchSequence::frozen([
            new BenchStep('print', StepKind::Print, null, false, 90.0),
            new BenchStep('heat-1', StepKind::Heat, 1, true, 18.0),
            new BenchStep('cool', StepKind::Cool, 1, true, 60.0),
            new BenchStep('peel', StepKind::Peel, 1, false, 20.0),
            new BenchStep('heat-1', StepKind::Heat, 2, true, 18.0),
            new BenchStep('cool', StepKind::Cool, 2, true, 60.0),
            new BenchStep('peel', StepKind::Peel, 2, false, 20.0),
            new BenchStep('off', StepKind::Off, null, false, 10.0),
        ]);
    }

    private static function at(int $seconds): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-11-24 10:00:00 UTC +' . $seconds . ' seconds');
    }
}
