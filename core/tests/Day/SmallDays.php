<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Wait;
use Wubbin\Core\Day\Workshop;

/**
 * Days of up to fifteen activities, whose optimum a constraint solver has found: see `fixtures/small-day.mzn`. All
 * times are whole minutes.
 */
final readonly class SmallDays
{
    public const SEEDS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];

    /** Hands rest from the 90th to the 120th minute. */
    private const BREAK = [90, 120];
    private const END = 600;
    private const KELVIN_S = 6.0;

    public static function of(int $seed): Day
    {
        $random = new Randomizer(new Mt19937($seed));
        $activities = [];
        for ($job = 0; $job < 3; ++$job) {
            $celsius = [160.0, 180.0, 200.0][$random->getInt(0, 2)];
            $activities[] = new Activity(
                "$job print",
                "job $job",
                'print',
                60 * $random->getInt(2, 9),
                true,
                'printer',
            );
            $activities[] = new Activity(
                "$job dry",
                "job $job",
                'dry',
                60 * $random->getInt(10, 40),
                place: 'rack',
                after: [new Wait("$job print", 0, 1200)],
            );
            $activities[] = new Activity(
                "$job press",
                "job $job",
                'press',
                60 * $random->getInt(3, 12),
                true,
                'press',
                $celsius,
                after: [new Wait("$job dry")],
            );
            $activities[] = new Activity(
                "$job cool",
                "job $job",
                'cool',
                60 * $random->getInt(5, 20),
                after: [new Wait("$job press")],
            );
            $activities[] = new Activity(
                "$job peel",
                "job $job",
                'peel',
                60 * $random->getInt(1, 6),
                true,
                after: [new Wait("$job cool", 0, 300)],
                due: 60 * $random->getInt(60, 130),
            );
        }

        return new Day($activities, self::workshop(), 0);
    }

    /** What the solver's model reads; in minutes. */
    public static function data(int $seed): string
    {
        $day = self::of($seed);
        $number = array_flip(array_keys($day->activities));
        $columns = [
            'seconds' => [],
            'hands' => [],
            'press' => [],
            'printer' => [],
            'rack' => [],
            'celsius' => [],
            'due' => [],
        ];
        $waits = [];
        foreach ($day->activities as $id => $activity) {
            $columns['seconds'][] = intdiv($activity->seconds, 60);
            $columns['hands'][] = (int) $activity->hands;
            $columns['press'][] = (int) ('press' === $activity->machine);
            $columns['printer'][] = (int) ('printer' === $activity->machine);
            $columns['rack'][] = (int) ('rack' === $activity->place);
            $columns['celsius'][] = (int) ($activity->celsius ?? 0);
            $columns['due'][] = null === $activity->due ? self::END * 10 : intdiv($activity->due, 60);
            foreach ($activity->after as $wait) {
                $waits[] = [
                    $number[$wait->after] + 1,
                    $number[$id] + 1,
                    intdiv($wait->least, 60),
                    null === $wait->most ? self::END * 10 : intdiv($wait->most, 60),
                ];
            }
        }
        $text = sprintf("n = %d;\nw = %d;\n", count($number), count($waits));
        foreach ($columns as $name => $values) {
            $text .= sprintf("%s = [%s];\n", 'seconds' === $name ? 'minutes' : $name, implode(', ', $values));
        }

        return $text .
            sprintf(
                "waits = [|%s|];\n",
                implode('|', array_map(static fn(array $wait): string => implode(', ', $wait), $waits)),
            );
    }

    private static function workshop(): Workshop
    {
        return new Workshop(
            1,
            new Hours([[0, 60 * self::BREAK[0]], [60 * self::BREAK[1], 60 * self::END]]),
            ['press' => 1, 'printer' => 1],
            ['press' => self::KELVIN_S],
            ['rack' => 1],
        );
    }
}
