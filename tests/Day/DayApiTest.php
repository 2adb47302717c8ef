<?php

declare(strict_types=1);

namespace Wubbin\Tests\Day;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Wubbin\Core\Measure\Record;
use Wubbin\Shelf\WorkHours;
use Wubbin\Task\TaskQueue;
use Wubbin\Tests\Support\ShopTestCase;

final class DayApiTest extends ShopTestCase
{
    /** A Friday morning. */
    private const NOW = '2026-11-27 10:00:00 UTC';

    private const HOURS = [
        'hands' => 1,
        'week' => ['09:00-12:30 13:30-18:00', '09:00-18:00', '09:00-18:00', '09:00-18:00', '09:00-18:00', '', ''],
        'off' => [],
        'rack' => 8,
        'shelf' => 8,
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->freeze(self::NOW);
    }

    /** @param string $when counted from now, such as +5 days */
    private static function on(string $when): string
    {
        return (new \DateTimeImmutable(self::NOW))->modify($when)->format('Y-m-d');
    }

    public function testAJobThatIsDueIsPlanned(): void
    {
        self::assertSame([], $this->day()->records('blocks'), 'nothing is due');
        $this->dueJob('+5 days');
        $day = $this->day();
        self::assertSame(
            ['Crew shirts'],
            array_map(static fn(Record $job): string => $job->string('name'), $day->records('jobs')),
        );
        $now = $day->integer('now');
        foreach ($day->records('blocks') as $block) {
            self::assertGreaterThanOrEqual($now, $block->integer('start'));
        }
        self::assertNotSame([], $day->records('chain'));
        self::assertGreaterThan($now, $day->integer('finish'));
    }

    public function testWhatWasDueYesterdayIsLate(): void
    {
        $this->dueJob('-1 day');
        self::assertSame(['Crew shirts'], $this->day()->strings('late'));
    }

    public function testMoreHandsAreDoneSooner(): void
    {
        $this->dueJob('+5 days', 12);
        $one = $this->day()->integer('finish');
        $two = $this->read($this->ask('PUT', '/api/day/hours', ['hands' => 2] + self::HOURS))->integer('finish');
        self::assertLessThanOrEqual($one, $two);
        self::assertSame(2, $this->day()->record('hours')->integer('hands'), 'and kept');
    }

    /** What people have seen stays, as far as it can, and what has moved is told. */
    public function testAPlanThatWasSeenIsKept(): void
    {
        $this->dueJob('+5 days', 3);
        $this->read($this->ask('POST', '/api/day/seen'));
        self::assertSame([], $this->day()->records('moved'));
        $off = '2026-11-27';
        $after = $this->read(
            $this->ask(
                'PUT',
                '/api/day/hours',
                ['off' => [$off], 'week' => array_fill(0, 7, '09:00-18:00')] + self::HOURS,
            ),
        );
        self::assertNull($after->stringOrNull('why'));
        $this->read($this->ask('DELETE', '/api/day'));
        self::assertSame([], $this->day()->records('moved'), 'nothing was seen of a new one');
    }

    public function testABetterOneIsLookedForAsWork(): void
    {
        $this->dueJob('+5 days', 4);
        $before = $this->day()->integer('finish');
        $task = $this->read($this->ask('POST', '/api/day/better'), 202)->string('id');
        $this->ask('POST', '/api/tasks/' . $task . '/enough');
        $this->service(TaskQueue::class)->workOnNext('test');
        self::assertSame('done', $this->read($this->ask('GET', '/api/tasks/' . $task))->string('state'));
        self::assertLessThanOrEqual($before + 120, $this->day()->integer('finish'));
    }

    /** A line of the day begins when a person wants it to, and is let go again. */
    public function testAPinIsKeptAndLetGo(): void
    {
        $this->dueJob('+5 days', 2);
        $this->read($this->ask('PUT', '/api/day/hours', ['week' => array_fill(0, 7, '09:00-18:00')] + self::HOURS));
        $tomorrow = '2026-11-28';
        $block = $this->hands($this->day())[0];
        $pinned = $this->read(
            $this->ask('PUT', '/api/day/pins', [
                'activity' => $block->string('id'),
                'day' => $tomorrow,
                'time' => '15:00',
            ]),
        );
        $at = array_values(
            array_filter(
                $this->hands($pinned),
                static fn(Record $one): bool => $one->string('id') === $block->string('id'),
            ),
        )[0];
        self::assertSame(
            [(new \DateTimeImmutable($tomorrow . ' 15:00', new \DateTimeZone('UTC')))->getTimestamp(), true],
            [$at->integer('start'), $at->boolean('pinned')],
        );
        self::assertSame([], $pinned->records('unkept'));
        $free = $this->read(
            $this->ask('PUT', '/api/day/pins', ['activity' => $block->string('id'), 'day' => $tomorrow, 'time' => '']),
        );
        self::assertFalse($this->hands($free)[0]->boolean('pinned'));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function badPins(): iterable
    {
        yield 'no time' => ['+1 day', 'noon', 'Write the time'];
        yield 'at night' => ['+1 day', '03:00', 'Nobody works then'];
        yield 'over' => ['-1 day', '15:00', 'in the past'];
    }

    #[DataProvider('badPins')]
    public function testAPinThatCannotBeIsTold(string $day, string $time, string $why): void
    {
        $this->dueJob('+5 days');
        $this->read($this->ask('PUT', '/api/day/hours', ['week' => array_fill(0, 7, '09:00-18:00')] + self::HOURS));
        $pin = [
            'activity' => $this->hands($this->day())[0]->string('id'),
            'day' => self::on($day),
            'time' => $time,
        ];
        self::assertStringContainsString(
            $why,
            $this->read($this->ask('PUT', '/api/day/pins', $pin), 422)->record('errors')->string('time'),
        );
        self::assertStringContainsString(
            'done already',
            $this->read($this->ask('PUT', '/api/day/pins', ['activity' => 'nothing'] + $pin), 422)
                ->record('errors')
                ->string('time'),
        );
    }

    public function testHowMuchAirThereIs(): void
    {
        $this->dueJob('+9 days');
        $outlook = $this->read($this->ask('GET', '/api/day/outlook'));
        self::assertGreaterThan((new \DateTimeImmutable(self::NOW))->getTimestamp(), $outlook->integer('latest'));
        self::assertSame([], $outlook->records('mends'));
        $this->dueJob('-1 day');
        self::assertNull(
            $this->read($this->ask('GET', '/api/day/outlook'))->numberOrNull('latest'),
            'it is too late already',
        );
    }

    /** A session at the bench goes on where it is; the pieces in it are not planned a second time. */
    public function testASessionAtTheBenchIsPartOfTheDay(): void
    {
        $this->dueJob('+5 days', 3);
        $this->read($this->ask('POST', '/api/jobs/crew/runs', ['id' => 'run', 'pieces' => 2]), 201);
        $ids = array_map(static fn(Record $one): string => $one->string('id'), $this->day()->records('blocks'));
        self::assertNotSame(
            [],
            array_filter($ids, static fn(string $id): bool => str_starts_with($id, 'crew run run ')),
        );
        $planned = array_filter($ids, static fn(string $id): bool => str_starts_with($id, 'crew lot '));
        self::assertNotSame([], $planned, 'the third is planned');
        self::assertSame(
            $planned,
            array_filter($ids, static fn(string $id): bool => str_starts_with($id, 'crew lot 1/1 ')),
            'and it alone: the first two are in hand',
        );
    }

    /** A pin whose work is planned otherwise now holds nothing: that is told until it was seen. */
    public function testAPinThatHoldsNothingIsTold(): void
    {
        $this->dueJob('+5 days', 3);
        $this->day();
        $shop = new \PDO('sqlite:' . $this->data . '/wubbin.sqlite');
        $shop
            ->prepare("INSERT OR REPLACE INTO setting (name, value) VALUES ('day-pins', ?)")
            ->execute([json_encode(['pins' => ['crew 0 piece 1 3' => time() + 90_000]], \JSON_THROW_ON_ERROR)]);
        self::assertSame('Crew shirts', $this->day()->records('lost')[0]->string('job'));
        $seen = $this->read($this->ask('POST', '/api/day/seen'));
        self::assertSame([], $seen->records('lost'));
        self::assertSame([], $this->day()->records('lost'));
    }

    /** What moved is told by job, with when it was and is. */
    public function testWhatMovedIsTold(): void
    {
        $this->dueJob('+9 days', 3);
        $this->read($this->ask('PUT', '/api/day/hours', ['week' => array_fill(0, 7, '09:00-18:00')] + self::HOURS));
        $this->read($this->ask('POST', '/api/day/seen'));
        $zone = new \DateTimeZone('UTC');
        $off = array_map(static fn(int $n): string => self::on('+' . $n . ' days'), [0, 1]);
        $moved = $this->read(
            $this->ask(
                'PUT',
                '/api/day/hours',
                ['off' => $off, 'week' => array_fill(0, 7, '09:00-18:00')] + self::HOURS,
            ),
        )->records('moved');
        self::assertSame('Crew shirts', $moved[0]->string('job'));
        self::assertGreaterThan($moved[0]->integer('was'), $moved[0]->integer('is'));
        self::assertGreaterThan($moved[0]->integer('over'), $moved[0]->integer('end'));
        self::assertSame([], $this->read($this->ask('POST', '/api/day/seen'))->records('moved'));
    }

    /** Read back by poppler: every line of the day stands on it. */
    public function testTheDayOnPaper(): void
    {
        $this->dueJob('+5 days', 2);
        file_put_contents($this->data . '/day.pdf', (string) $this->ask('GET', '/api/day.pdf')->getContent());
        $text = (new Process(['pdftotext', '-layout', $this->data . '/day.pdf', '-']))->mustRun()->getOutput();
        self::assertStringContainsString('Crew shirts', $text);
        self::assertSame(count($this->hands($this->day())), preg_match_all('/\d\d:\d\d to \d\d:\d\d/', $text));
    }

    /** @return list<Record> */
    private function hands(Record $day): array
    {
        return array_values(
            array_filter($day->records('blocks'), static fn(Record $one): bool => 'hands' === $one->string('kind')),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badHours(): iterable
    {
        $week = static fn(string $monday): array => ['week' => [$monday, '', '', '', '', '', '09:00-12:00']];
        yield 'words' => [$week('mornings'), 'week.0'];
        yield 'backwards' => [$week('18:00-09:00'), 'week.0'];
        yield 'over each other' => [$week('09:00-12:00 11:00-14:00'), 'week.0'];
        yield 'an hour there is not' => [$week('09:00-25:00'), 'week.0'];
        yield 'six days' => [['week' => ['09:00-12:00']], 'week'];
        yield 'no hours at all' => [['week' => ['', '', '', '', '', '', '']], 'week'];
        yield 'no hands' => [['hands' => 0], 'hands'];
        yield 'no room' => [['rack' => 0], 'rack'];
        yield 'a day there is not' => [['off' => ['2026-02-30']], 'off'];
    }

    /** @param array<string, mixed> $with */
    #[DataProvider('badHours')]
    public function testHoursThatCannotBeAreToldAtTheirField(array $with, string $field): void
    {
        self::assertTrue(
            $this->read($this->ask('PUT', '/api/day/hours', $with + self::HOURS), 422)->record('errors')->has($field),
        );
    }

    public function testAPieceLongerThanAnyStretchOfHoursSaysSo(): void
    {
        $this->dueJob('+5 days');
        $why = $this->read(
            $this->ask('PUT', '/api/day/hours', ['week' => array_fill(0, 7, '09:00-09:01')] + self::HOURS),
        )->string('why');
        self::assertStringContainsString('longer than anybody here works', $why);
    }

    /**
     * In Berlin the clocks go forward on 29 March 2026 and back on 25 October: that night is an hour shorter, or
     * longer.
     */
    #[TestWith(['2026-03-28', 23])]
    #[TestWith(['2026-10-24', 25])]
    #[TestWith(['2026-06-06', 24])]
    public function testANightOfAChangeOfTheClocks(string $saturday, int $hours): void
    {
        $zone = new \DateTimeZone('Europe/Berlin');
        $work = WorkHours::fromRecord(Record::of(['week' => array_fill(0, 7, '09:00-10:00')] + self::HOURS));
        [$one, $other] = $work->hours(new \DateTimeImmutable($saturday . ' 00:30', $zone), $zone)->stretches;
        self::assertSame($hours * 3600, $other[0] - $one[0]);
    }

    private function day(): Record
    {
        return $this->read($this->ask('GET', '/api/day'));
    }

    private function dueJob(string $when, int $quantity = 1): void
    {
        $this->readyJob();
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $revision,
                'changes' => [
                    'due' => self::on($when),
                    'quantity' => (string) $quantity,
                ],
            ]),
        );
    }
}
