<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Tests\Orchard;

/** A plan depends on nothing but its job and its shelf. */
final class SameAgainTest extends TestCase
{
    /** @return iterable<string, array{Job}> */
    public static function jobs(): iterable
    {
        foreach (array_keys(Orchard::catalogue()->routes) as $route) {
            yield $route => [Orchard::jobOf($route)];
        }
    }

    #[DataProvider('jobs')]
    public function testTheSameJobGivesTheSamePlan(Job $job): void
    {
        $again = JobFile::read(Record::of(json_decode((string) json_encode(JobFile::write($job)), true)));
        self::assertSame(
            json_encode(Orchard::plan($job), \JSON_THROW_ON_ERROR),
            json_encode(Orchard::plan($again), \JSON_THROW_ON_ERROR),
        );
    }

    #[DataProvider('jobs')]
    public function testMoreOfTheSameIsTheSamePlan(Job $job): void
    {
        self::assertSame(
            Orchard::whole($job)->id(),
            Orchard::whole(Orchard::edit($job, ['quantity' => '7', 'name' => 'Others']))->id(),
        );
    }

    #[DataProvider('jobs')]
    public function testAnotherSizeIsAnotherPlan(Job $job): void
    {
        self::assertNotSame(
            Orchard::whole($job)->id(),
            Orchard::whole(Orchard::edit($job, ['width' => '41 mm']))->id(),
        );
    }

    #[DataProvider('jobs')]
    public function testTheJobCanBeTakenOffItsSheetAndPutBack(Job $job): void
    {
        $there = Orchard::edit($job, ['right' => '3 mm', 'below' => '33 mm']);
        $was = Record::of(JobFile::write($job))->records('transfers')[0]->record('placement');
        $back = Orchard::edit($there, [
            'right' => $was->number('right_mm') . ' mm',
            'below' => $was->number('below_mm') . ' mm',
        ]);
        self::assertNotSame(Orchard::whole($job)->id(), Orchard::whole($there)->id());
        self::assertSame(Orchard::whole($job)->id(), Orchard::whole($back)->id());
    }

    /** What the shop lacks is said, by check, and nothing falls over. */
    #[DataProvider('jobs')]
    public function testWithNothingOnTheShelfItStillPlansAndSaysWhatIsMissing(Job $job): void
    {
        $plan = Orchard::plan($job, shelf: Shelf::nothing());
        self::assertFalse($plan->ready());
        $missing = array_map(
            static fn(Check $c): string => $c->id,
            array_filter($plan->checks, static fn(Check $c): bool => $c->blocks()),
        );
        self::assertContains('medium.there', $missing);
        self::assertContains('heat.there', $missing);
    }
}
