<?php

declare(strict_types=1);

namespace Wubbin\Tests\Check;

use PHPUnit\Framework\TestCase;
use Wubbin\Check\Uses;

/** Which tests a change can break is read from the code itself. */
final class UsesTest extends TestCase
{
    private static ?Uses $uses = null;

    /** @return array<string, int> */
    private static function of(string ...$changed): array
    {
        self::$uses ??= new Uses(dirname(__DIR__, 2));

        return self::$uses->testsOf(array_values($changed));
    }

    public function testNearTestsOfTheCoreComeBeforeFurtherOnes(): void
    {
        $tests = self::of('core/src/Measure/Contour.php');
        self::assertSame(1, $tests['core/tests/Measure/ContourTest.php']);
        self::assertGreaterThan(1, $tests['core/tests/Work/WorkTest.php']);
    }

    public function testARoomThatKnowsNothingOfAnotherIsNotTested(): void
    {
        self::assertArrayNotHasKey('core/tests/Measure/LengthTest.php', self::of('core/src/Day/Scheduler.php'));
        self::assertArrayHasKey('core/tests/Day/SchedulerTest.php', self::of('core/src/Day/Scheduler.php'));
    }

    /** Such a test names no class of what it tests: it names its address. */
    public function testWhatIsAskedOverHttpBelongsToItsController(): void
    {
        $tests = self::of('src/Day/DayController.php');
        self::assertSame(1, $tests['tests/Day/DayApiTest.php']);
    }

    public function testDataBelongToWhoReadsThem(): void
    {
        self::assertArrayHasKey('core/tests/Plan/RoutesTest.php', self::of('core/data/routes.yaml'));
        self::assertArrayHasKey('tests/Demo/DemoTest.php', self::of('demo/shelf.json'));
    }

    public function testATestThatWasChangedIsRun(): void
    {
        self::assertSame(['core/tests/Sums/SumsTest.php' => 0], self::of('core/tests/Sums/SumsTest.php'));
    }

    public function testWhatIsNoCodeBreaksNothing(): void
    {
        self::assertSame([], self::of('README.md', 'docs/testing.md'));
    }
}
