<?php

declare(strict_types=1);

namespace Wubbin\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use Wubbin\Archive\SheetArchive;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

/** What is left of a job: the sessions it is offered in, and sheets for what has to be made again. */
final class LotsApiTest extends ShopTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->readyJob();
    }

    public function testALargeJobIsOfferedInSessions(): void
    {
        $this->changed(['width' => '70 mm', 'quantity' => '433']);
        $offer = $this->offer();
        self::assertSame([0, 0, 433], [$offer->integer('good'), $offer->integer('in_hand'), $offer->integer('left')]);
        $lots = $offer->integers('lots');
        self::assertSame(433, array_sum($lots));
        self::assertLessThanOrEqual(200, max([0, ...$lots]));
        $holds = $this->read($this->ask('GET', '/api/jobs/crew'))->record('work')->records('on')[0]->records('places');
        self::assertSame(0, $lots[0] % count($holds), 'of whole sheets');
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => $lots[0]]), 201);
        self::assertSame(433 - $lots[0], $this->offer()->integer('left'), 'what is at the bench is begun');
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'more', 'pieces' => 201]), 422);
        $this->read($this->ask('GET', '/api/jobs/nobody/runs'), 404);
    }

    /** One piece of a sheet is spoiled when half of them are pressed: that one is printed anew. */
    public function testASpoiledPieceIsPrintedByItself(): void
    {
        $this->changed(['width' => '70 mm', 'quantity' => '4']);
        $all = $this->read($this->ask('POST', '/api/jobs/crew/sheet'), 201);
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 4]), 201);
        foreach ([1 => 'good', 2 => 'spoiled'] as $piece => $outcome) {
            $this->judged($piece, $outcome);
        }
        self::assertSame([1, 2, 1], $this->told());
        $one = $this->read($this->ask('POST', '/api/jobs/crew/sheet/some', ['pieces' => 1]), 201);
        $archive = $this->service(SheetArchive::class);
        self::assertSame(1, $archive->find($one->string('id'))->pieces);
        self::assertSame($all->string('id'), $archive->latest('crew')?->id, 'the job’s own sheets stay those of all');
        self::assertTrue($this->read($this->ask('GET', '/api/jobs/crew'))->record('printed')->boolean('current'));
        foreach ([3, 4] as $piece) {
            $this->judged($piece, 'good');
        }
        self::assertSame([3, 0, 1], $this->told());
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'again', 'pieces' => 1]), 201);
        self::assertSame([3, 1, 0], $this->told());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'none' => [['pieces' => 0], 'pieces'];
        yield 'more than the job has' => [['pieces' => 2], 'pieces'];
        yield 'of a size that it does not have' => [['pieces' => 1, 'share' => 3], 'share'];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('wrong')]
    public function testSheetsForPiecesThatThereAreNot(array $body, string $field): void
    {
        $problem = $this->read($this->ask('POST', '/api/jobs/crew/sheet/some', $body), 422);
        self::assertTrue($problem->record('errors')->has($field));
    }

    private function judged(int $piece, string $outcome): void
    {
        $hand = array_values(
            array_filter(
                $this->read($this->ask('GET', '/api/runs/run'))->records('steps'),
                static fn(Record $step): bool => !$step->boolean('shared') &&
                    in_array($piece, $step->integers('pieces'), true),
            ),
        )[0];
        $steps = $this->read($this->ask('GET', '/api/runs/run'))->records('steps');
        $at = array_search($hand->raw(), array_map(static fn(Record $one): array => $one->raw(), $steps), true);
        $this->read(
            $this->ask('POST', '/api/runs/run/presses', [
                'id' => 'judged-' . $piece,
                'position' => $at,
                'type' => 'judged',
                'outcome' => $outcome,
                'piece' => $piece,
            ]),
        );
    }

    /** @return list<int> good, at the bench, and left */
    private function told(): array
    {
        $offer = $this->offer();

        return [$offer->integer('good'), $offer->integer('in_hand'), $offer->integer('left')];
    }

    private function offer(): Record
    {
        return $this->read($this->ask('GET', '/api/jobs/crew/runs'));
    }

    /** @param array<string, string> $changes */
    private function changed(array $changes): void
    {
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => $changes]));
    }
}
