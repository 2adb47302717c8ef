<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** A timetable as a calendar file (RFC 5545): what hands do, with an alarm where they turn to something. */
final readonly class Calendar
{
    /** Lines are folded at so many bytes (RFC 5545, 3.1). */
    private const FOLD = 75;

    /** @param array<string, string> $names of groups */
    public static function fromTimetable(Timetable $table, array $names): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Wubbin//The day//EN', 'CALSCALE:GREGORIAN'];
        foreach (Block::all($table) as $block) {
            if (LaneKind::Hands->key() !== $block->kind) {
                continue;
            }
            array_push(
                $lines,
                'BEGIN:VEVENT',
                'UID:' . hash('xxh128', $block->group . $block->lane . $block->start) . '@wubbin',
                'DTSTAMP:' . self::instant($table->day->now),
                'DTSTART:' . self::instant($block->start),
                'DTEND:' . self::instant($block->end),
                'SUMMARY:' . self::text($names[$block->group] ?? $block->group),
                'DESCRIPTION:' . self::text(implode(', ', $block->labels)),
                'BEGIN:VALARM',
                'ACTION:DISPLAY',
                'TRIGGER:PT0S',
                'DESCRIPTION:' . self::text($names[$block->group] ?? $block->group),
                'END:VALARM',
                'END:VEVENT',
            );
        }

        return implode('', array_map(self::folded(...), [...$lines, 'END:VCALENDAR']));
    }

    private static function instant(int $seconds): string
    {
        return gmdate('Ymd\THis\Z', $seconds);
    }

    private static function text(string $text): string
    {
        return str_replace(['\\', ';', ',', "\r\n", "\n"], ['\\\\', '\;', '\,', '\n', '\n'], $text);
    }

    /** Broken before the fold's byte, never within a character; what goes on begins with a space. */
    private static function folded(string $line): string
    {
        $folded = '';
        while (strlen($line) > self::FOLD) {
            $part = mb_strcut($line, 0, self::FOLD, 'UTF-8');
            $folded .= $part . "\r\n";
            $line = ' ' . substr($line, strlen($part));
        }

        return $folded . $line . "\r\n";
    }
}
