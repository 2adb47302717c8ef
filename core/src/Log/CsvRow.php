<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Digits;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Mark;
use Wubbin\Core\Run\Outcome;

/**
 * A line of the logbook as a table has it. Columns are told by the first line, in any order; `docs/logbook-csv.md` says
 * what each holds.
 */
final readonly class CsvRow
{
    public const COLUMNS = [
        'at',
        'name',
        'piece',
        'outcome',
        'defects',
        'note',
        'route',
        'medium',
        'printer',
        'heat',
        'blank',
        'celsius',
        'seconds_planned',
        'seconds_done',
        'pressure',
        'base',
        'peel',
        'washes',
        'failed',
    ];
    public const NEEDED = ['at', 'name', 'outcome', 'route'];

    private const LONGEST = 120;
    private const LONGEST_NOTE = 4000;
    private const MOST_WASHES = 10000;

    /**
     * @param list<Mark> $marks
     * @param array<string, float|string|null> $facts as a plan has them
     */
    private function __construct(
        public \DateTimeImmutable $at,
        public string $name,
        public int $piece,
        public Outcome $outcome,
        public array $marks,
        public string $note,
        public string $route,
        public array $facts,
        public ?float $secondsDone,
        public ?int $washes,
        public bool $failed,
    ) {}

    /**
     * @param array<string, string> $cells by column
     * @param list<string> $routes that there are
     *
     * @throws BadRecord naming the column
     */
    public static function read(array $cells, array $routes): self
    {
        $text = static function (string $column, int $longest = self::LONGEST) use ($cells): string {
            $value = trim($cells[$column] ?? '');

            return mb_strlen($value) <= $longest
                ? $value
                : throw BadRecord::at($column, sprintf('This is longer than %d characters.', $longest));
        };
        $number = static function (string $column, float $least, float $most) use ($text): ?float {
            $value = $text($column);
            if ('' === $value) {
                return null;
            }
            // Whoever parts cells by semicolons writes decimals with a comma.
            $written = str_replace(',', '.', Digits::ascii($value));
            $number = is_numeric($written) ? (float) $written : null;

            return null !== $number && $number >= $least && $number <= $most
                ? $number
                : throw BadRecord::at($column, sprintf('This is a number from %s to %s.', $least, $most));
        };
        $at = self::instant($text('at'));
        $name = $text('name');
        $route = $text('route');
        if ('' === $name) {
            throw BadRecord::at('name', 'Say which job it was.');
        }
        if (!in_array($route, $routes, true)) {
            throw BadRecord::at(
                'route',
                sprintf('“%s” is no route. They are %s.', mb_substr($route, 0, 40), implode(', ', $routes)),
            );
        }

        return new self(
            $at,
            $name,
            (int) ($number('piece', 1.0, 1000000.0) ?? 1.0),
            Outcome::tryFrom($text('outcome')) ?? throw BadRecord::at('outcome', 'This is good, redo or spoiled.'),
            self::marks($text('defects', self::LONGEST_NOTE)),
            $text('note', self::LONGEST_NOTE),
            $route,
            self::facts($text, $number),
            $number('seconds_done', 0.0, 36000.0),
            null === ($washes = $number('washes', 0.0, self::MOST_WASHES)) ? null : (int) $washes,
            match ($text('failed')) {
                'yes' => true,
                '', 'no' => false,
                default => throw BadRecord::at('failed', 'This is yes or no.'),
            },
        );
    }

    /**
     * How it was made.
     *
     * @param \Closure(string): string $text of a column
     * @param \Closure(string, float, float): (float|null) $number of a column, from the least to the most
     *
     * @return array<string, string|float|null>
     */
    private static function facts(\Closure $text, \Closure $number): array
    {
        $known = static fn(string $value): ?string => '' === $value ? null : $value;

        return [
            'route' => $text('route'),
            'medium' => $known($text('medium')),
            'printer' => $known($text('printer')),
            'heat' => $known($text('heat')),
            'blank' => $known($text('blank')),
            'setting_c' => $number('celsius', 0.0, 650.0),
            'dwell_s' => $number('seconds_planned', 0.0, 36000.0),
            'pressure' => $known($text('pressure')),
            'base' => $known($text('base')),
            'peel' => $known($text('peel')),
        ];
    }

    /** @param list<Mark> $marks */
    public static function defects(array $marks): string
    {
        return implode(
            '; ',
            array_map(
                static fn(Mark $mark): string => $mark->defect->value .
                    (null === $mark->x || null === $mark->y ? '' : sprintf('@%.3F,%.3F', $mark->x, $mark->y)),
                $marks,
            ),
        );
    }

    /** @return list<Mark> */
    private static function marks(string $text): array
    {
        $marks = [];
        foreach (
            array_filter(array_map(trim(...), explode(';', $text)), static fn(string $one): bool => '' !== $one)
            as $one
        ) {
            if (
                1 !== preg_match('/^([a-z-]+)(?:@([\d.]+),([\d.]+))?$/', $one, $found) ||
                null === Defect::tryFrom($found[1])
            ) {
                throw BadRecord::at(
                    'defects',
                    sprintf('“%s” is not one of the things that can go wrong here.', mb_substr($one, 0, 40)),
                );
            }
            $marks[] = Mark::fromRecord(
                Record::of([
                    'defect' => $found[1],
                    'x' => isset($found[2]) ? (float) $found[2] : null,
                    'y' => isset($found[3]) ? (float) $found[3] : null,
                ]),
            );
        }

        return $marks;
    }

    /** @throws BadRecord */
    private static function instant(string $text): \DateTimeImmutable
    {
        foreach ([\DateTimeInterface::RFC3339_EXTENDED, \DateTimeInterface::RFC3339] as $format) {
            $at = \DateTimeImmutable::createFromFormat($format, $text);
            if (false !== $at) {
                return $at;
            }
        }

        throw BadRecord::at('at', 'Write date and time as 2026-11-24T10:15:00+01:00.');
    }
}
