<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Job;
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
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;

final class BenchTest extends TestCase
{
    /** Six tags, two of which go under the iron at once. */
    public function testWhatIsUnderTheHeatTogetherIsOneTaskAndJudgedPieceByPiece(): void
    {
        $sequence = self::sequence(Orchard::jobOf('toner-metal', ['quantity' => 6]));
        $ids = array_map(static fn(BenchStep $s): string => $s->stepId . ' ' . count($s->pieces), $sequence->steps);
        self::assertContains('clean 6', $ids, 'degreased in one go');
        $heat = array_search('heat 2', $ids, true);
        self::assertIsInt($heat, 'two under one plate');
        self::assertSame([1, 2], $sequence->steps[$heat]->pieces);
        $before = BenchState::fromEvents($sequence, self::doneBefore($sequence, $heat));
        $spoiled = Event::judged($heat, self::at(900), Outcome::Spoiled, [], piece: 2);
        self::assertTrue($before->accepts($spoiled));
        self::assertFalse($before->accepts(Event::judged($heat, self::at(900), Outcome::Spoiled, [], piece: 5)));
        $state = BenchState::fromEvents($sequence, [...self::doneBefore($sequence, $heat), $spoiled]);
        self::assertSame([1], $state->living($heat), 'the other goes on');
        self::assertTrue($state->open($heat));
        self::assertFalse($state->accepts($spoiled), 'once');
    }

    /** While the ink dries, blanks are made ready. */
    public function testWhatDoesNotWaitForTheSheetIsOfferedFromTheBegin(): void
    {
        $sequence = self::sequence(Orchard::job(['quantity' => 3]));
        $offered = array_map(
            static fn(int $at): string => $sequence->steps[$at]->stepId,
            BenchState::fromEvents($sequence, [])->atHand(),
        );
        self::assertSame(['print', 'ready'], $offered);
        $cut = self::position($sequence, 'cut');
        $dry = self::position($sequence, 'dry');
        $done = self::doneBefore($sequence, $dry);
        $drying = BenchState::fromEvents($sequence, [...$done, Event::started($dry, self::at(100))]);
        self::assertFalse($drying->open($cut), 'nothing touches the print');
        self::assertTrue($drying->open(self::position($sequence, 'ready')));
    }

    /** Each picture goes onto all pieces before the next one does. */
    public function testAPieceThatWentWrongIsLeftOutOfTheNextRound(): void
    {
        $sequence = self::sequence(Orchard::layered([[], ['side' => 'back']], ['quantity' => 3]));
        $heat = self::position($sequence, 'heat-1');
        $state = BenchState::fromEvents($sequence, [
            ...self::doneBefore($sequence, $heat),
            Event::judged($heat, self::at(9999), Outcome::Spoiled, []),
        ]);
        $piece = $sequence->steps[$heat]->pieces[0];
        self::assertSame(
            [$piece => Outcome::Spoiled],
            $state->outcomes(),
            'the front alone does not finish the others',
        );
        self::assertSame(
            [],
            array_filter(
                $sequence->positionsOf($piece),
                static fn(int $at): bool => [$piece] === $sequence->steps[$at]->pieces && $state->open($at),
            ),
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
        self::assertEqualsWithDelta(29.0, $state->clock(2)?->elapsed(self::at(60)), 1e-9);
        self::assertEqualsWithDelta(20.0, $state->clock(4)?->elapsed(self::at(60)), 1e-9);
        self::assertEqualsWithDelta(20.0, $state->taken[1], 1e-9, 'what the first was really heated');
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
        self::assertTrue($state->judging(1));
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
        self::assertEqualsWithDelta(5.0, $paused->clock(1)?->elapsed(self::at(500)), 1e-9);
        self::assertFalse($paused->accepts(Event::plain(EventType::Paused, 1, self::at(501))));
        $on = BenchState::fromEvents(self::two(), [...$events, Event::plain(EventType::Resumed, 1, self::at(500))]);
        self::assertEqualsWithDelta(8.0, $on->clock(1)?->elapsed(self::at(503)), 1e-9);
        self::assertFalse($on->accepts(Event::plain(EventType::Resumed, 1, self::at(504))));
    }

    public function testALookUnderACornerEndsItOrLetsItGoOn(): void
    {
        $events = [Event::done(0, self::at(0)), Event::started(1, self::at(10))];
        $notYet = BenchState::fromEvents(self::two(), [
            ...$events,
            Event::peeked(1, self::at(20), false, [Mark::forDefect(Defect::MissedPatch, 0.9, 0.9)]),
        ]);
        self::assertTrue($notYet->open(1));
        self::assertTrue(
            BenchState::fromEvents(self::two(), [...$events, Event::peeked(1, self::at(20), true)])->open(2),
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
        self::assertSame(28.0, $longer->clock(1)?->seconds, 'its clock runs on');
        $peeling = [
            ...$events,
            Event::done(1, self::at(28)),
            Event::started(2, self::at(30)),
            Event::done(2, self::at(90)),
        ];
        $again = Event::again(1, self::at(100), 10.0);
        self::assertTrue(BenchState::fromEvents(self::two(), $peeling)->accepts($again), 'a spot stayed on the paper');
        $back = BenchState::fromEvents(self::two(), [...$peeling, $again]);
        self::assertSame([[1, 4], 10.0], [$back->atHand(), $back->clock(1)?->seconds]);
        $after = BenchState::fromEvents(self::two(), [...$peeling, $again, Event::done(1, self::at(111))]);
        self::assertEqualsWithDelta(29.0, $after->taken[1], 1e-9, 'both times count');
        self::assertTrue($after->open(2), 'it cools once more');
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
        self::assertSame([2 => 'Hot peel.'], $skipped->skipped);
        self::assertTrue($skipped->open(3));
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
            $undone->clock(1)?->elapsed(self::at(10)),
            1e-9,
            'its clock had never stopped',
        );
        self::assertTrue($undone->accepts(Event::undone(1, self::at(11), 'b', 'v')), 'and so on backwards');
    }

    public function testWhatIsAskedBeforeHeatIsAskedOnce(): void
    {
        $asking = BenchSequence::inLanes([
            self::step('heat', StepKind::Heat, 1, true, 18.0, true),
            self::step('heat', StepKind::Heat, 2, true, 18.0, true),
        ]);
        $state = BenchState::fromEvents($asking, []);
        self::assertTrue($state->asks(0));
        self::assertFalse($state->accepts(Event::started(0, self::at(1))));
        $checked = BenchState::fromEvents($asking, [Event::plain(EventType::Checked, 0, self::at(1))]);
        self::assertTrue($checked->accepts(Event::started(0, self::at(2))));
        self::assertFalse($checked->asks(1), 'for all pieces');
        self::assertFalse($checked->accepts(Event::plain(EventType::Checked, 0, self::at(3))));
    }

    public function testWhatIsLaidAnewIsAskedWithEveryPlate(): void
    {
        $sequence = self::sequence(Orchard::jobOf('toner-metal', ['quantity' => 4]));
        $plates = array_keys(
            array_filter($sequence->steps, static fn(BenchStep $step): bool => 'heat' === $step->stepId),
        );
        self::assertCount(2, $plates);
        $state = BenchState::fromEvents($sequence, [
            ...self::doneBefore($sequence, $plates[0]),
            Event::plain(EventType::Checked, $plates[0], self::at(900)),
        ]);
        self::assertFalse($state->asks($plates[0]));
        self::assertTrue($state->asks($plates[1]));
        self::assertFalse($state->first($plates[1]), 'and only what is laid anew');
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
        self::assertEqualsWithDelta(17.0, $state->hands[3], 1e-9);
    }

    /** In Europe/Berlin the clock is put back on this night: an hour by the wall takes two. Instants do not care. */
    public function testAClockRunsThroughAChangeOfTheClocks(): void
    {
        $before = new \DateTimeImmutable('2026-10-25 02:50:00 +02:00');
        $after = $before->modify('+20 minutes')->setTimezone(new \DateTimeZone('Europe/Berlin'));
        self::assertSame('02:10', $after->format('H:i'), 'the wall clock went back');
        $state = BenchState::fromEvents(self::two(), [Event::done(0, $before), Event::started(1, $before)]);
        self::assertEqualsWithDelta(1200.0, $state->clock(1)?->elapsed($after), 1e-9);
    }

    private static function sequence(Job $job): BenchSequence
    {
        return BenchSequence::fromTasks(Work::of(Orchard::whole($job), new Places())->tasks());
    }

    private static function position(BenchSequence $sequence, string $step): int
    {
        $at = array_search($step, array_map(static fn(BenchStep $s): string => $s->stepId, $sequence->steps), true);
        self::assertIsInt($at);

        return $at;
    }

    /** @return list<Event> */
    private static function doneBefore(BenchSequence $sequence, int $position): array
    {
        return array_map(
            static fn(int $at): Event => Event::done($at, self::at($at)),
            0 === $position ? [] : range(0, $position - 1),
        );
    }

    /** Printing for all; ironing, cooling and peeling of two pieces; the iron off. */
    private static function two(): BenchSequence
    {
        return BenchSequence::inLanes([
            self::step('print', StepKind::Print, null, false, 90.0),
            self::step('heat-1', StepKind::Heat, 1, true, 18.0),
            self::step('cool', StepKind::Cool, 1, true, 60.0),
            self::step('peel', StepKind::Peel, 1, false, 20.0),
            self::step('heat-1', StepKind::Heat, 2, true, 18.0),
            self::step('cool', StepKind::Cool, 2, true, 60.0),
            self::step('peel', StepKind::Peel, 2, false, 20.0),
            self::step('off', StepKind::Off, null, false, 10.0),
        ]);
    }

    private static function step(
        string $id,
        StepKind $kind,
        ?int $piece,
        bool $timed,
        float $seconds,
        bool $asks = false,
    ): BenchStep {
        return new BenchStep($id, $kind, null === $piece ? [1, 2] : [$piece], null === $piece, $timed, $seconds, $asks);
    }

    private static function at(int $seconds): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-11-24 10:00:00 UTC +' . $seconds . ' seconds');
    }
}
