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

/** Days as a shop may have them, each made from a seed. */
final readonly class SeededDays
{
    public const COUNT = 100;
    public const IN_FULL = 1000;

    public static function always(): Hours
    {
        return new Hours([[0, 10_000_000]]);
    }

    /**
     * A made-up shop day: jobs of several pieces with printing, drying, pressing at some temperature, cooling and a hot
     * or cold peel.
     */
    public static function day(int $seed): Day
    {
        $random = new Randomizer(new Mt19937($seed));
        $activities = [];
        for ($job = 0; $job < $random->getInt(1, 4); ++$job) {
            $celsius = [160.0, 180.0, 200.0][$random->getInt(0, 2)];
            $attended = 0 === $random->getInt(0, 1);
            $activities[] = new Activity(
                "$job print",
                "job $job",
                'print',
                $random->getInt(60, 300),
                !$attended,
                'printer',
                attended: $attended,
            );
            $activities[] = new Activity(
                "$job dry",
                "job $job",
                'dry',
                $random->getInt(300, 1800),
                place: 'rack',
                after: [new Wait("$job print", 0, 600)],
                room: $random->getInt(1, 2),
            );
            for ($piece = 0; $piece < $random->getInt(1, 5); ++$piece) {
                $activities[] = new Activity(
                    "$job $piece press",
                    "job $job",
                    'press',
                    $random->getInt(20, 90),
                    true,
                    'press',
                    $celsius,
                    after: [new Wait("$job dry")],
                );
                $wait =
                    0 === $random->getInt(0, 1)
                        ? new Wait("$job $piece press", 0, 10)
                        : new Wait("$job $piece press", 300);
                $due = $random->getInt(3000, 40_000);
                $activities[] = new Activity(
                    "$job $piece peel",
                    "job $job",
                    'peel',
                    20,
                    true,
                    after: [$wait],
                    due: $due,
                );
            }
        }

        return new Day($activities, self::workshop($random->getInt(1, 2)), 0);
    }

    private static function workshop(int $hands): Workshop
    {
        return new Workshop(
            $hands,
            new Hours([[0, 5400], [7200, 20_000], [86_400, 110_000], [172_800, 200_000]]),
            ['press' => 1, 'printer' => 1],
            ['press' => 4.0],
            ['rack' => 2],
        );
    }
}
