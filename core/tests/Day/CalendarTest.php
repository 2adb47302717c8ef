<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Block;
use Wubbin\Core\Day\Calendar;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Wait;
use Wubbin\Core\Day\Workshop;

final class CalendarTest extends TestCase
{
    private static function table(): Timetable
    {
        $activities = [
            new Activity('a', 'one', 'cut', 60, true),
            new Activity('b', 'one', 'heat', 60, true, 'iron', 200.0, after: [new Wait('a')]),
            new Activity('c', 'one', 'cool', 900, after: [new Wait('b')]),
            new Activity('d', 'one', 'peel', 60, true, after: [new Wait('c')]),
        ];

        return Scheduler::first(new Day($activities, new Workshop(1, new Hours([[0, 100_000]]), ['iron' => 1]), 0));
    }

    public function testWhatFollowsEachOtherIsSeenAsOne(): void
    {
        $blocks = array_map(
            static fn(Block $block): array => [$block->kind, $block->start, $block->end, $block->labels],
            Block::all(self::table()),
        );
        self::assertSame(
            [['hands', 0, 120, ['cut', 'heat']], ['hands', 1020, 1080, ['peel']], ['machine iron', 60, 120, ['heat']]],
            $blocks,
        );
    }

    /** RFC 5545: CR LF, lines of at most 75 bytes, commas escaped, instants in UTC, an alarm where hands turn to it. */
    public function testItIsACalendarFile(): void
    {
        $text = Calendar::fromTimetable(self::table(), ['one' => str_repeat('Äpfel, ', 20)]);
        self::assertStringStartsWith("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n", $text);
        self::assertStringEndsWith("END:VCALENDAR\r\n", $text);
        foreach (explode("\r\n", $text) as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
            self::assertTrue(mb_check_encoding($line, 'UTF-8'), 'no character is broken');
        }
        self::assertStringContainsString("DTSTART:19700101T001700Z\r\n", $text);
        self::assertSame(2, substr_count($text, 'BEGIN:VALARM'));
        self::assertStringContainsString('Äpfel\, Äpfel', str_replace("\r\n ", '', $text));
    }
}
