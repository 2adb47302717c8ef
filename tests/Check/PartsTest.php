<?php

declare(strict_types=1);

namespace Wubbin\Tests\Check;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Check\Changes;
use Wubbin\Check\Journeys;
use Wubbin\Check\Parts;

final class PartsTest extends TestCase
{
    /**
     * @param list<string>|null $changed
     * @param list<string> $left groups that are left out
     */
    #[TestWith([['README.md', 'core/src/Day/Scheduler.php'], ['real-printer', 'killed-server', 'reading', 'clip-art']])]
    #[TestWith([['src/Sheet/SheetMaker.php'], ['killed-server', 'reading'], 'src/Sheet/SheetMaker.php'])]
    #[TestWith([['src/Task/TaskQueue.php'], ['clip-art'], 'src/Task/TaskQueue.php'])]
    #[TestWith([['composer.json'], [], 'composer.json'])]
    #[TestWith([null, []])]
    public function testWhatNoChangeCouldBreakIsLeftOut(?array $changed, array $left, string $because = ''): void
    {
        /* @var list<string>|null $changed */
        [$out, $said] = Parts::occasional(null === $changed ? Changes::unknown() : Changes::of($changed));
        self::assertSame($left, array_keys($out));
        self::assertCount(4, $said);
        self::assertStringContainsString($because, implode(' ', $said));
    }

    public function testEveryFileOfJourneysNamesItsRooms(): void
    {
        $root = dirname(__DIR__, 2);
        $rooms = array_map(
            static fn(mixed $room): string => basename((string) $room),
            (array) glob($root . '/web/src/*'),
        );
        foreach ((array) glob($root . '/e2e/*.spec.ts') as $file) {
            [$line] = explode("\n", (string) file_get_contents((string) $file));
            self::assertSame(1, preg_match('~^// Rooms: (.+)\.$~', $line, $found), (string) $file);
            self::assertSame([], array_diff(explode(', ', $found[1] ?? ''), $rooms), (string) $file);
        }
    }

    public function testAJourneyThroughFewRoomsStandsNearest(): void
    {
        $journeys = Journeys::through(['web/src/run/pending.ts'], dirname(__DIR__, 2));
        self::assertContains('e2e/bench.spec.ts', $journeys);
        self::assertSame('e2e/whole-job.spec.ts', end($journeys));
        self::assertNotContains('e2e/money.spec.ts', $journeys);
        self::assertSame([], Journeys::through(['web/index.html'], dirname(__DIR__, 2)));
    }
}
