<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Run\AtHand;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\BenchStep;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Run\Outcome;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;

/** Solvents and sprays against heat, at the bench. Common practice, no source. */
final class HeatOnTest extends TestCase
{
    public function testHeatIsOnFromTheFirstPieceUntilItIsSwitchedOff(): void
    {
        $sequence = self::tags();
        $heat = self::first($sequence, StepKind::Heat);
        $off = self::first($sequence, StepKind::Off);
        self::assertFalse(self::after($sequence, $heat)->heatOn());
        self::assertTrue(self::after($sequence, $heat, Event::started($heat, self::at(500)))->heatOn());
        self::assertTrue(self::after($sequence, $off)->heatOn(), 'every piece is peeled, and the iron is still on');
        self::assertFalse(self::after($sequence, $off + 1)->heatOn());
    }

    /** Everything is degreased before the iron is on; coats wait until it is cold, and not for other pieces. */
    public function testWhatIsOpenedWaitsForHeat(): void
    {
        $sequence = self::tags();
        $clean = self::first($sequence, StepKind::Clean);
        self::assertCount(6, $sequence->steps[$clean]->pieces);
        self::assertTrue($sequence->steps[$clean]->vapour);
        $off = self::first($sequence, StepKind::Off);
        $film = self::first($sequence, StepKind::Film);
        $coat = self::first($sequence, StepKind::Coat);
        $cold = self::first($sequence, StepKind::Cool);
        self::assertTrue(self::after($sequence, $off)->open($film), 'water and wool are no danger');
        $offered = self::without($sequence, $coat, $cold);
        self::assertFalse($offered->open($coat), 'the iron is not cold');
        self::assertTrue(self::after($sequence, $coat)->open($coat));
    }

    public function testAnotherJobsSolventIsHeldBack(): void
    {
        $sequence = self::tags();
        $clean = self::first($sequence, StepKind::Clean);
        $all = AtHand::forRun('tags', $sequence, self::after($sequence, $clean));
        $held = static fn(string ...$hot): array => array_filter(
            array_map(
                static fn(AtHand $one): array => [$one->step->kind->value, $one->held],
                AtHand::inOrder(AtHand::heldFrom($all, array_values($hot)), self::at(9000)),
            ),
            static fn(array $one): bool => null !== $one[1],
        );
        self::assertSame([], $held());
        $last = count($all) - 1;
        self::assertSame([$last => ['clean', 'Crew shirts']], $held('Crew shirts'), 'and it comes last');
    }

    public function testNobodyWaitsForAColdIronWhenNoPieceIsLeft(): void
    {
        $sequence = self::tags();
        $off = self::first($sequence, StepKind::Off);
        $spoiled = array_map(
            static fn(int $piece): Event => Event::judged(
                $off - 1,
                self::at(8000),
                Outcome::Spoiled,
                [],
                piece: $piece,
            ),
            $sequence->pieces(),
        );
        $state = self::after($sequence, $off, ...$spoiled);
        self::assertTrue($state->open($off));
        self::assertFalse($state->finished());
        self::assertTrue($state->and(Event::done($off, self::at(9000)))->finished());
    }

    /** Which sheet is for which pieces is told where they are printed, and survives the session's record. */
    public function testSheetsTellTheirPieces(): void
    {
        $sequence = self::tags(40);
        $print = $sequence->steps[self::first($sequence, StepKind::Print)];
        self::assertSame($print->count, count($print->sheets));
        self::assertGreaterThan(1, $print->count);
        self::assertSame(range(1, 40), array_merge(...$print->sheets));
        /** @var array<string, mixed> $written */
        $written = json_decode((string) json_encode($print), true);
        self::assertEquals($print, BenchStep::fromRecord(Record::of($written)));
    }

    private static function tags(int $quantity = 6): BenchSequence
    {
        $job = Orchard::jobOf('toner-metal', ['quantity' => $quantity]);

        return BenchSequence::fromTasks(Work::of(Orchard::whole($job), new Places())->tasks());
    }

    private static function first(BenchSequence $sequence, StepKind $kind): int
    {
        foreach ($sequence->steps as $at => $step) {
            if ($step->kind === $kind) {
                return $at;
            }
        }

        self::fail('There is no such step.');
    }

    /** All before a position is done. */
    private static function after(BenchSequence $sequence, int $position, Event ...$more): BenchState
    {
        return self::without($sequence, $position, -1, ...$more);
    }

    /** All before a position is done, but for one. */
    private static function without(BenchSequence $sequence, int $position, int $but, Event ...$more): BenchState
    {
        $done = array_diff(0 === $position ? [] : range(0, $position - 1), [$but]);

        return BenchState::fromEvents($sequence, [
            ...array_values(array_map(static fn(int $at): Event => Event::done($at, self::at($at)), $done)),
            ...array_values($more),
        ]);
    }

    private static function at(int $seconds): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-11-28 10:00:00 UTC +' . $seconds . ' seconds');
    }
}
