<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\Deviation;

/**
 * Two pieces side by side: what each is made of, and what was done; what differs by more than hands do anyway is
 * marked.
 */
final readonly class Differences
{
    /** Temperatures nearer than this are the same, in K (assumed: what a press's display is off by). */
    private const SAME_K = 3.0;

    private const FACTS = [
        'blank' => 'Blank',
        'material' => 'Made of',
        'tone' => 'Colour of the piece',
        'medium' => 'Paper',
        'printer' => 'Printer',
        'heat' => 'Heat',
        'cover' => 'Cover',
        'pressure' => 'Pressure',
        'base' => 'Base',
        'mirrored' => 'Mirrored',
        'peel' => 'Peel planned',
        'recipe' => 'Recipe',
    ];

    /**
     * @param Record $one of the logbook: what was done, with the facts of its plan
     * @param Done $first what the doctor knows of it
     *
     * @return list<array{what: string, kind: string, one: string|float|null, other: string|float|null,
     *     differs: bool}> kind is text, duration (in s) or temperature (in °C)
     */
    public static function between(Record $one, Done $first, Record $other, Done $second): array
    {
        $rows = [];
        $facts = static fn(Record $of): Record => $of->recordOrNull('facts') ?? Record::of([]);
        foreach (self::FACTS as $key => $what) {
            $rows[] = self::row($what, 'text', $facts($one)->stringOrNull($key), $facts($other)->stringOrNull($key));
        }
        $rows[] = self::row(
            'Set to',
            'temperature',
            $facts($one)->numberOrNull('setting_c'),
            $facts($other)->numberOrNull('setting_c'),
        );
        $rows[] = self::row(
            'Heat planned',
            'duration',
            $facts($one)->numberOrNull('dwell_s'),
            $facts($other)->numberOrNull('dwell_s'),
        );
        foreach ([Done::DWELL => 'Heated, shortest area', Done::DRIED => 'Dried'] as $key => $what) {
            $rows[] = self::row($what, 'duration', $first->number($key), $second->number($key));
        }
        $rows[] = self::row('Peeled', 'text', $first->word(Done::PEELED), $second->word(Done::PEELED));

        return array_values(
            array_filter($rows, static fn(array $row): bool => null !== $row['one'] || null !== $row['other']),
        );
    }

    /** @return array{what: string, kind: string, one: string|float|null, other: string|float|null, differs: bool} */
    private static function row(string $what, string $kind, string|float|null $one, string|float|null $other): array
    {
        $differs = match (true) {
            is_float($one) && is_float($other) => 'duration' === $kind
                ? null !== Deviation::fromSeconds($one, $other)
                : abs($one - $other) > self::SAME_K,
            default => $one !== $other,
        };

        return ['what' => $what, 'kind' => $kind, 'one' => $one, 'other' => $other, 'differs' => $differs];
    }
}
