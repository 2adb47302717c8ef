<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Pace;
use Wubbin\Core\Day\Workshop;

final class PaceTest extends TestCase
{
    private const HOURS = [[1000, 2000], [3000, 4000]];

    private static function day(int $now, Activity ...$activities): Day
    {
        return new Day(array_values($activities), new Workshop(1, new Hours(self::HOURS)), $now);
    }

    public function testOnlyWorkingTimeCounts(): void
    {
        $hours = new Hours(self::HOURS);
        self::assertSame(200, $hours->between(1100, 1300));
        self::assertSame(600, $hours->between(1700, 3300), 'the break is none');
        self::assertSame(-600, $hours->between(3300, 1700));
        self::assertSame(0, $hours->between(2100, 2900));
    }

    public function testBehindAndAhead(): void
    {
        $cut = new Activity('cut', 'job', 'cut', 60, hands: true);
        self::assertSame(-300, Pace::ahead(self::day(1500, $cut), ['cut' => 1200]));
        self::assertSame(200, Pace::ahead(self::day(1500, $cut), ['cut' => 1700]));
        self::assertSame(0, Pace::ahead(self::day(500, $cut), ['cut' => 1000]), 'nobody works yet');
    }

    public function testWhatIsUnderWayOrNeedsNoHandsIsNotLate(): void
    {
        $day = self::day(
            1500,
            new Activity('press', 'job', 'heat', 900, hands: true, began: 1400),
            new Activity('dry', 'job', 'dry', 900),
            new Activity('peel', 'job', 'peel', 60, hands: true),
        );
        self::assertSame(100, Pace::ahead($day, ['press' => 1100, 'dry' => 1100, 'peel' => 1600]));
    }

    public function testWithoutAPlanThereIsNoPace(): void
    {
        self::assertNull(Pace::ahead(self::day(1500, new Activity('cut', 'job', 'cut', 60, hands: true)), []));
    }
}
