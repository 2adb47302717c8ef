<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** Something that would make less late: each is tried by laying the same work anew, in the same order. */
final readonly class Mend
{
    public const ANEW = 'anew';
    public const HANDS = 'hands';
    public const MACHINE = 'machine';
    public const PLACE = 'place';
    public const LONGER = 'longer';

    /** An evening's work, in s, and how many days before something is due it is looked for. */
    private const EVENING_S = 7200;
    private const EVENINGS = 4;

    /** What saves less is not worth telling, in weighted s. */
    private const LEAST_S = 300.0;

    private const MOST = 4;

    /**
     * @param string $kind ANEW, HANDS, MACHINE, PLACE or LONGER
     * @param string $what the machine or place, as it is called
     * @param int|null $from of the hours that are added
     * @param float $saved weighted seconds of lateness
     * @param float $part of all lateness, 0 to 1
     * @param list<string> $kept groups that would be in time then
     */
    private function __construct(
        public string $kind,
        public string $what,
        public ?int $from,
        public ?int $to,
        public float $saved,
        public float $part,
        public array $kept,
    ) {}

    /** @return list<self> what saves most first; none where nothing is late */
    public static function of(Timetable $table): array
    {
        $late = $table->late();
        if ([] === $late) {
            return [];
        }
        $mends = [];
        foreach (self::tries($table, $late) as [$kind, $what, $from, $to, $workshop]) {
            $tried =
                self::ANEW === $kind
                    ? Scheduler::first($table->day)
                    : Scheduler::again($table->day->with($workshop), $table->starts);
            $saved = $table->score->late - $tried->score->late;
            if ($saved >= self::LEAST_S) {
                $mends[] = new self(
                    $kind,
                    $what,
                    $from,
                    $to,
                    $saved,
                    $saved / $table->score->late,
                    array_values(array_diff($late, $tried->late())),
                );
            }
        }
        usort(
            $mends,
            static fn(self $one, self $other): int => [count($other->kept), $other->saved] <=> [
                count($one->kept),
                $one->saved,
            ],
        );

        return array_slice($mends, 0, self::MOST);
    }

    /**
     * More of what the late ones waited for, and longer evenings before they are due.
     *
     * @param non-empty-list<string> $late
     *
     * @return iterable<array{string, string, int|null, int|null, Workshop}>
     */
    private static function tries(Timetable $table, array $late): iterable
    {
        $workshop = $table->day->workshop;
        $waited = [];
        foreach ($late as $group) {
            foreach ($table->chainOf($group) as $link) {
                $waited[$link->because] = true;
            }
        }
        foreach ($table->day->activities as $activity) {
            // What is out of order held them up, whatever else they waited for.
            $key = LaneKind::Machine->key($activity->machine ?? '');
            if (isset($workshop->closed[$key]) && in_array($activity->group, $late, true)) {
                $waited[$key] = true;
            }
        }
        // In another order than people have seen.
        yield [self::ANEW, '', null, null, $workshop];
        yield [self::HANDS, '', null, null, $workshop->with(hands: $workshop->hands + 1)];
        yield from self::more($workshop, array_keys($waited));
        $due = max(
            0,
            ...array_map(
                static fn(Activity $one): int => in_array($one->group, $late, true) ? $one->due ?? 0 : 0,
                array_values($table->day->activities),
            ),
        );
        $ends = array_values(
            array_filter(
                array_keys($workshop->hours->stretches),
                static fn(int $n): bool => $workshop->hours->stretches[$n][1] > $table->day->now &&
                    $workshop->hours->stretches[$n][1] <= $due &&
                    self::lastOfDay($workshop->hours, $n),
            ),
        );
        foreach (array_slice($ends, -self::EVENINGS) as $n) {
            $to = $workshop->hours->stretches[$n][1];
            yield [
                self::LONGER,
                '',
                $to,
                $to + self::EVENING_S,
                $workshop->with(hours: $workshop->hours->longer($n, self::EVENING_S)),
            ];
        }
    }

    /**
     * One more of each machine that was waited for, and as much room again at each place.
     *
     * @param list<string> $waited keys of what was waited for
     *
     * @return iterable<array{string, string, int|null, int|null, Workshop}>
     */
    private static function more(Workshop $workshop, array $waited): iterable
    {
        foreach (array_diff($waited, [Link::AFTER, Link::BEGIN, Link::AIR]) as $key) {
            [$kind, $id] = LaneKind::read($key);
            if (LaneKind::Machine === $kind) {
                $machines = [$id => $workshop->machines[$id] + 1] + $workshop->machines;
                yield [self::MACHINE, $workshop->name($id), null, null, $workshop->with(machines: $machines)];
            } elseif (LaneKind::Place === $kind) {
                $places = [$id => 2 * $workshop->places[$id]] + $workshop->places;
                yield [self::PLACE, $id, null, null, $workshop->with(places: $places)];
            }
        }
    }

    private static function lastOfDay(Hours $hours, int $n): bool
    {
        return !isset($hours->stretches[$n + 1]) ||
            $hours->stretches[$n + 1][0] - $hours->stretches[$n][1] > self::EVENING_S;
    }
}
