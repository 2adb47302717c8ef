<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\BenchStep;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Run\Outcome;
use Wubbin\Core\Tests\Orchard;

final class BenchTest extends TestCase
{
    public function testSharedStepsFirstThenPieceByPieceThenTheEnd(): void
    {
        $steps = BenchSequence::of(Orchard::whole()->rounds, 2)->steps;
        $pieces = array_map(static fn (BenchStep $s): ?int => $s->piece, $steps);
        self::assertSame([null, 1, 2, null], array_values(array_filter($pieces, static fn (?int $p, int $i): bool => 0 === $i || $p !== $pieces[$i - 1], \ARRAY_FILTER_USE_BOTH)));
        self::assertSame('off', array_slice($steps, -1)[0]->stepId);
        self::assertSame(180.0, $steps[0]->seconds, 'two sheets to print');
    }

    /** Each picture goes onto all pieces before the next one does; a piece is judged when its last one is on. */
    public function testRoundsGoOverAllPiecesAndAPieceThatWentWrongIsLeftOutOfTheNext(): void
    {
        $sequence = BenchSequence::of(Orchard::whole(Orchard::layered([[], ['side' => 'back']]))->rounds, 3);
        $rounds = array_values(array_filter(array_map(static fn (BenchStep $s): ?int => $s->piece, $sequence->steps), is_int(...)));
        self::assertSame([1, 2, 3, 1, 2, 3], array_values(array_filter($rounds, static fn (int $p, int $i): bool => 0 === $i || $p !== $rounds[$i - 1], \ARRAY_FILTER_USE_BOTH)));
        $first = (int) array_search(2, array_map(static fn (BenchStep $s): ?int => $s->piece, $sequence->steps), true);
        $events = array_map(static fn (int $i): Event => Event::done($i, self::at($i)), range(0, $first - 1));
        $state = BenchState::of($sequence, [...$events, Event::judged($first, self::at(99), Outcome::Spoiled, [])]);
        self::assertSame(3, $sequence->steps[$state->position]->piece, 'the spoiled one is put aside');
        for ($position = $state->position; $position < count($sequence->steps); $position = $sequence->next($position, [2])) {
            self::assertNotSame(2, $sequence->steps[$position]->piece);
            self::assertFalse($sequence->closesPiece($position) && null === $sequence->steps[$position]->piece);
        }
        self::assertFalse($sequence->closesPiece($first - 1), 'the front alone does not finish a piece');
    }

    public function testARunGoesFromStepToStep(): void
    {
        $sequence = self::short();
        self::assertSame(0, BenchState::of($sequence, [])->position);
        $state = BenchState::of($sequence, [Event::done(0, self::at(0)), Event::started(1, self::at(5))]);
        self::assertSame(1, $state->position);
        self::assertEquals(self::at(5), $state->startedAt);
        self::assertFalse($state->finished);
    }

    public function testTheLastStepOfAPieceAsksHowItCameOut(): void
    {
        $events = [Event::done(0, self::at(0)), Event::started(1, self::at(1)), Event::done(1, self::at(19)), Event::done(2, self::at(30))];
        $state = BenchState::of(self::short(), $events);
        self::assertSame(1, $state->judging);
        self::assertFalse($state->accepts(self::short(), Event::done(2, self::at(31))));
        $judged = BenchState::of(self::short(), [...$events, Event::judged(2, self::at(40), Outcome::Good, [])]);
        self::assertNull($judged->judging);
        self::assertSame(3, $judged->position);
        self::assertSame([1 => Outcome::Good], $judged->outcomes);
    }

    public function testGoingWrongInTheMiddleSkipsTheRestOfThePiece(): void
    {
        $state = BenchState::of(self::short(), [Event::done(0, self::at(0)), Event::started(1, self::at(1)), Event::judged(1, self::at(9), Outcome::Spoiled, [Defect::Scorch])]);
        self::assertSame(3, $state->position);
        self::assertSame([1 => Outcome::Spoiled], $state->outcomes);
        self::assertNull($state->startedAt);
    }

    public function testAllDone(): void
    {
        $state = BenchState::of(self::short(), [Event::done(0, self::at(0)), Event::judged(1, self::at(9), Outcome::Redo, []), Event::done(3, self::at(10))]);
        self::assertTrue($state->finished);
        self::assertFalse($state->accepts(self::short(), Event::done(4, self::at(11))));
    }

    public function testATimedStepMustBeStartedBeforeItIsDone(): void
    {
        $state = BenchState::of(self::short(), [Event::done(0, self::at(0))]);
        self::assertFalse($state->accepts(self::short(), Event::done(1, self::at(1))));
        self::assertTrue($state->accepts(self::short(), Event::started(1, self::at(1))));
        $running = BenchState::of(self::short(), [Event::done(0, self::at(0)), Event::started(1, self::at(1))]);
        self::assertFalse($running->accepts(self::short(), Event::started(1, self::at(2))), 'a clock starts once');
        self::assertTrue($running->accepts(self::short(), Event::done(1, self::at(2))));
    }

    public function testAPressFromAScreenThatLagsBehindIsNotTaken(): void
    {
        $state = BenchState::of(self::short(), [Event::done(0, self::at(0))]);
        self::assertFalse($state->accepts(self::short(), Event::done(0, self::at(1))));
        self::assertSame(1, BenchState::of(self::short(), [Event::done(0, self::at(0)), Event::done(0, self::at(1))])->position);
    }

    public function testSharedStepsAreNotJudged(): void
    {
        self::assertFalse(BenchState::of(self::short(), [])->accepts(self::short(), Event::judged(0, self::at(0), Outcome::Spoiled, [])));
    }

    private static function short(): BenchSequence
    {
        return BenchSequence::frozen([
            new BenchStep('print', null, false, 90.0),
            new BenchStep('heat-1', 1, true, 18.0),
            new BenchStep('peel', 1, false, 20.0),
            new BenchStep('off', null, false, 10.0),
        ]);
    }

    private static function at(int $seconds): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-11-24 10:00:00 UTC +'.$seconds.' seconds');
    }
}
