<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\OnSheet;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\JobSheets;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Sheet\Gang\GangPlace;
use Wubbin\Core\Sheet\Gang\KnownSheets;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;

/** How many sheets a job takes: full ones, one a picture where that is wanted, or what a search has found. */
final class FullSheetsTest extends TestCase
{
    public function testOnePictureASheetWhereThatIsWanted(): void
    {
        $shared = self::tags(40);
        $alone = self::alone($shared);
        self::assertLessThan(10, Orchard::whole($shared)->sheets()->count());
        $plan = Orchard::whole($alone);
        self::assertSame(40, $plan->sheets()->count());
        self::assertSame(1, $plan->sheets()->fullest());
        self::assertSame(40, Work::forPieces($plan, 40, new Places())->sheets->count());
        self::assertNotSame(Orchard::whole($shared)->id(), $plan->id(), 'its sheets are others');
        $read = JobFile::read(Record::of(json_decode((string) json_encode(JobFile::write($alone)), true)));
        self::assertTrue($read->transfers[0]->onSheet->alone);
    }

    /** A job file from before has no word of it, and its sheets keep their standing. */
    public function testAJobOfBeforeSharesItsSheets(): void
    {
        $json = (string) json_encode(JobFile::write(self::tags(40)));
        self::assertStringContainsString('"alone":false,', $json);
        $job = JobFile::read(Record::of(json_decode(str_replace('"alone":false,', '', $json), true)));
        self::assertFalse($job->transfers[0]->onSheet->alone);
        self::assertSame(Orchard::whole(self::tags(40))->id(), Orchard::whole($job)->id());
    }

    public function testAPictureAloneIsChosenFieldByField(): void
    {
        $job = Orchard::edit(self::tags(4), ['alone' => 'yes']);
        self::assertTrue($job->transfers[0]->onSheet->alone);
        self::assertFalse(Orchard::edit($job, ['alone' => 'no'])->transfers[0]->onSheet->alone);
    }

    /** What was found is read as long as nothing changes that it hangs on. */
    public function testWhatASearchFoundIsReadUntilSomethingChanges(): void
    {
        $job = self::sizes(7, 7);
        $plan = Orchard::whole($job);
        $found = JobSheets::searched($plan, 1, static fn(): \Closure => static fn(int $tried): bool => $tried < 400);
        $known = self::remembering(static fn(string $what): ?array => $found[$what] ?? null);
        self::assertSame([3], array_values(array_map(count(...), $found)), 'one fewer than by one pass');
        self::assertSame(4, $plan->sheets()->count());
        $with = static fn(Job $job): Plan => (new Planner(Orchard::catalogue(), $known))->plan(
            $job,
            Orchard::shelf(),
            Orchard::pictures(),
        );
        $counted = static fn(Plan $plan): int => $plan->sheets()->count();
        self::assertSame(3, $counted($with($job)));
        $other = self::sizes(7, 8);
        self::assertSame($counted(Orchard::whole($other)), $counted($with($other)), 'for other counts it is nothing');
    }

    /** Whatever is remembered lies on the sheets: here one that is contrived, each picture on a sheet of its own. */
    public function testTheSheetsAreThoseThatWereFound(): void
    {
        $job = self::tags(2);
        $plan = Orchard::whole($job);
        $places = $plan->sheets()->runs[0]->sheet->places;
        self::assertCount(2, $places);
        $known = self::remembering(static fn(): array => [[$places[0]], [$places[1]]]);
        $plan = (new Planner(Orchard::catalogue(), $known))->plan($job, Orchard::shelf(), Orchard::pictures());
        self::assertSame(2, $plan->sheets()->count());
        self::assertEquals($places[1]->rect, $plan->sheets()->runs[1]->sheet->places[0]->rect);
    }

    private static function tags(int $quantity): Job
    {
        return Orchard::jobOf('toner-metal', ['quantity' => $quantity]);
    }

    private static function alone(Job $job): Job
    {
        return $job->with(transfers: [$job->transfers[0]->with(onSheet: new OnSheet(alone: true))]);
    }

    /** Two widths of one picture, which share what is left of their sheets. */
    private static function sizes(int $large, int $small): Job
    {
        return Orchard::edit(Orchard::job(['placement' => ['side_mm' => 70]]), [
            'breakdown' => sprintf('%d S 110 mm, %d M 85 mm', $large, $small),
        ]);
    }

    /** @param \Closure(string): (list<list<GangPlace>>|null) $found */
    private static function remembering(\Closure $found): KnownSheets
    {
        return new class ($found) implements KnownSheets {
            /** @param \Closure(string): (list<list<GangPlace>>|null) $found */
            public function __construct(private readonly \Closure $found) {}

            public function of(string $what, \Closure $fill): array
            {
                return $fill();
            }

            public function found(string $what): ?array
            {
                return ($this->found)($what);
            }
        };
    }
}
