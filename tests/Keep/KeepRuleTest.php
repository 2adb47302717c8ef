<?php

declare(strict_types=1);

namespace Wubbin\Tests\Keep;

use PHPUnit\Framework\TestCase;
use Wubbin\Keep\KeepRule;

final class KeepRuleTest extends TestCase
{
    public function testOneADayAWeekAMonthIsKept(): void
    {
        // A backup every six hours for two years.
        $kept = [];
        for (
            $at = new \DateTimeImmutable('2024-11-01 00:00');
            $at <= new \DateTimeImmutable('2026-11-01 12:00');
            $at = $at->modify('+6 hours')
        ) {
            $kept[$at->format('Y-m-d H')] = $at;
            $kept = array_diff_key($kept, array_flip(KeepRule::toGo($kept)));
        }
        $names = array_keys($kept);
        rsort($names);
        self::assertSame(
            [
                '2026-11-01 12',
                '2026-10-31 18',
                '2026-10-30 18',
                '2026-10-29 18',
                '2026-10-28 18',
                '2026-10-27 18',
                '2026-10-26 18',
            ],
            array_slice($names, 0, 7),
            'the last of each of seven days',
        );
        // Weeks end on Sundays; months on their last day, where the weeks have not kept it already.
        foreach (['2026-10-25 18', '2026-10-18 18', '2026-10-11 18', '2026-09-30 18', '2025-12-31 18'] as $name) {
            self::assertContains($name, $names);
        }
        self::assertNotContains('2025-11-30 18', $names, 'thirteen months ago');
        self::assertLessThanOrEqual(7 + 4 + 12, count($names));
    }

    public function testWhatIsRareIsAllKept(): void
    {
        $made = array_map(static fn(string $day): \DateTimeImmutable => new \DateTimeImmutable($day), [
            '2020-01-01',
            '2023-05-05',
            '2026-11-01',
        ]);
        self::assertSame([], KeepRule::toGo($made));
        self::assertSame([], KeepRule::toGo([]));
    }
}
