<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Measure\Record;

/** Tells what was done with a piece from what the bench has written down of it. */
final readonly class FromRun
{
    /**
     * A wait shorter than these parts of the planned one leaves a backing a step, or two steps, hotter than asked
     * (assumed).
     */
    private const HOTTER = 0.6;
    private const MUCH_HOTTER = 0.25;

    /** Waited for so many times longer, what should be warm is cold (assumed). */
    private const COLDER = 3.0;

    /** From hot to cold. */
    private const PEELS = ['hot', 'warm', 'cold'];

    /**
     * What clocks, probes and looks have seen.
     *
     * @param Record $done with `facts` of the plan, `steps` with what they took, `skipped` and `peeks`, as far as
     *                     they are known
     * @param int|null $washes at the last look
     * @param ?float $pressC that the press showed at the most, in °C
     */
    public static function seen(Record $done, ?int $washes, ?float $pressC): Done
    {
        $steps = $done->has('steps') ? $done->records('steps') : [];
        $skipped = array_map(
            static fn(Record $one): string => $one->string('step'),
            $done->has('skipped') ? $done->records('skipped') : [],
        );
        $kind = static fn(string $kind): array => array_values(
            array_filter($steps, static fn(Record $step): bool => $kind === $step->string('kind')),
        );
        $facts = self::facts($done);
        $left = array_filter(
            $kind('clean'),
            static fn(Record $step): bool => in_array($step->string('step'), $skipped, true),
        );

        return Done::of([
            Done::DWELL =>
                $done->numberOrNull('seconds_done') ?? self::dwell($kind('heat'), $facts->numberOrNull('dwell_s')),
            Done::DRIED => self::sum($kind('dry')),
            Done::CELSIUS => $pressC,
            Done::PEELED => self::peeled($kind('cool'), $skipped, $facts->stringOrNull('peel')),
            Done::PEEKS => $done->has('peeks') && $done->integer('peeks') > 0 ? (float) $done->integer('peeks') : null,
            Done::WASHES => null === $washes ? null : (float) $washes,
            Done::CLEANED => [] === $left ? null : false,
            Done::PRESSED => [] === $kind('heat') ? null : true,
        ]);
    }

    /** What the plan says, which nobody need have kept to. */
    public static function planned(Record $done): Done
    {
        $facts = self::facts($done);
        $mirrored = $facts->stringOrNull('mirrored');
        $flag = static fn(string $key): ?bool => $facts->has($key) ? $facts->boolean($key) : null;

        return Done::of([
            Done::ASKED => $facts->numberOrNull('dwell_s'),
            Done::CELSIUS => $facts->numberOrNull('setting_c'),
            Done::BASE => $facts->stringOrNull('base'),
            Done::PRESSURE => $facts->stringOrNull('pressure'),
            Done::PEELED => $facts->stringOrNull('peel'),
            Done::PEEL_ASKED => $facts->stringOrNull('peel'),
            // Where nothing has to be mirrored, that nothing was says nothing.
            Done::MIRRORED => 'none' === $mirrored ? null : $mirrored,
            Done::TECHNOLOGY => $facts->stringOrNull('technology'),
            Done::MATERIAL => $facts->stringOrNull('material'),
            Done::TONE => $facts->stringOrNull('tone'),
            Done::SOURCE => $facts->stringOrNull('source'),
            Done::STEAM => $flag('steam'),
            Done::GUARD => $flag('guard'),
            Done::COATS => $facts->numberOrNull('coats'),
        ]);
    }

    private static function facts(Record $done): Record
    {
        return $done->recordOrNull('facts') ?? Record::of([]);
    }

    /** @param list<Record> $heats */
    private static function dwell(array $heats, ?float $asked): ?float
    {
        $taken = [];
        foreach ($heats as $step) {
            $one = $step->numberOrNull('taken');
            // Going round the edges once more is no place of its own.
            if (null !== $one && (null === $asked || abs($step->number('planned') - $asked) < 1.0)) {
                $taken[] = $one;
            }
        }

        return [] === $taken ? null : min($taken);
    }

    /** @param list<Record> $steps */
    private static function sum(array $steps): ?float
    {
        $taken = array_filter(
            array_map(static fn(Record $step): ?float => $step->numberOrNull('taken'), $steps),
            is_float(...),
        );

        return [] === $taken ? null : array_sum($taken);
    }

    /**
     * @param list<Record> $cools
     * @param list<string> $skipped
     */
    private static function peeled(array $cools, array $skipped, ?string $asked): ?string
    {
        $at = array_search($asked, self::PEELS, true);
        if (!is_int($at) || [] === $cools) {
            return null;
        }
        $planned = array_sum(array_map(static fn(Record $step): float => $step->number('planned'), $cools));
        $left = array_filter($cools, static fn(Record $step): bool => in_array($step->string('step'), $skipped, true));
        $taken = [] === $left ? self::sum($cools) : 0.0;
        if (null === $taken || $planned <= 0.0) {
            return null;
        }
        $part = $taken / $planned;

        return self::PEELS[
            max(
                0,
                min(
                    2,
                    $at +
                        match (true) {
                            $part < self::MUCH_HOTTER => -2,
                            $part < self::HOTTER => -1,
                            $part > self::COLDER => 1,
                            default => 0,
                        },
                ),
            )
        ];
    }
}
