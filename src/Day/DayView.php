<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\Block;
use Wubbin\Core\Day\DayLoad;
use Wubbin\Core\Day\LaneKind;
use Wubbin\Core\Day\Link;
use Wubbin\Core\Day\Move;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Workshop;
use Wubbin\Shelf\WorkHours;

/** What to do when, as its screen draws it: seconds since 1970 throughout. */
#[OA\Schema]
final readonly class DayView
{
    /** So many days ahead are told how full they are: five weeks show each weekday as often. */
    private const MONTH = 35;

    /**
     * @param list<array{int, int}> $stretches
     * @param list<DayLane> $lanes
     * @param list<DayBlock> $blocks
     * @param list<DayJob> $jobs
     * @param list<string> $late
     * @param list<DecidingBlock> $chain
     * @param list<MovedWork> $moved
     * @param list<string> $later
     * @param list<UnkeptPin> $unkept
     * @param list<LostPin> $lost
     * @param list<LoadView> $month
     */
    private function __construct(
        public int $now,
        public string $zone,
        public WorkHours $hours,
        #[
            OA\Property(
                type: 'array',
                description: 'When hands work',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'integer')),
            ),
        ]
        public array $stretches,
        public array $lanes,
        public array $blocks,
        public array $jobs,
        public int $finish,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'Names of jobs that are late, the latest first',
            ),
        ]
        public array $late,
        #[OA\Property(description: 'What decides when all is over, the first first')] public array $chain,
        #[
            OA\Property(description: 'Jobs of which something has moved since the plan was last seen'),
        ]
        public array $moved,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'Names of jobs that were left for later',
            ),
        ]
        public array $later,
        #[OA\Property(description: 'What could not begin when a person wanted it to')] public array $unkept,
        #[OA\Property(description: 'Pinned, and not planned as such any more')] public array $lost,
        #[OA\Property(description: 'Of temperature')] public int $changes,
        #[OA\Property(description: 'The days of the month to come')] public array $month,
        #[OA\Property(type: 'string', nullable: true, description: 'It cannot be planned')] public ?string $why = null,
    ) {}

    public static function not(string $why, int $now, string $zone, WorkHours $hours): self
    {
        return new self($now, $zone, $hours, [], [], [], [], $now, [], [], [], [], [], [], 0, [], $why);
    }

    /** @param list<Move> $moved */
    public static function fromTimetable(
        Timetable $table,
        Agenda $agenda,
        array $moved,
        string $zone,
        WorkHours $hours,
    ): self {
        $names = $agenda->names;
        $day = $table->day;
        $lanes = self::lanes($day->workshop);
        [$first, $next] = [[], 0];
        foreach ($lanes as $key => $alike) {
            $first[$key] = $next;
            $next += count($alike);
        }

        return new self(
            $day->now,
            $zone,
            $hours,
            $day->workshop->hours->stretches,
            array_merge(...array_values($lanes)),
            array_map(static fn(Block $block): DayBlock => DayBlock::of($block, $first), Block::all($table)),
            self::jobs($table, $names),
            $table->score->finish,
            array_map(static fn(string $id): string => $names[$id], $table->late()),
            array_map(
                static fn(Link $link): DecidingBlock => new DecidingBlock(
                    job: $names[$link->group],
                    labels: $link->labels,
                    because: $link->words($day->workshop),
                    start: $link->start,
                    end: $link->end,
                ),
                $table->chain(),
            ),
            array_map(static fn(Move $move): MovedWork => MovedWork::fromMove($move, $names[$move->group]), $moved),
            $agenda->later,
            array_map(
                static fn(string $id): UnkeptPin => new UnkeptPin(
                    job: $names[$day->activities[$id]->group],
                    label: $day->activities[$id]->label,
                    pinned: $day->activities[$id]->pinned ?? 0,
                    start: $table->starts[$id],
                ),
                $table->unkept(),
            ),
            array_map(static fn(array $one): LostPin => new LostPin(...$one), $agenda->lost),
            $table->score->changes,
            array_map(LoadView::of(...), DayLoad::of($table, new \DateTimeZone($zone), self::MONTH)),
        );
    }

    /** @return array<string, list<DayLane>> by the key of what they are of */
    private static function lanes(Workshop $workshop): array
    {
        $lanes = [];
        $all = [[LaneKind::Hands, '', 'hands', $workshop->hands]];
        foreach ($workshop->machines as $id => $count) {
            $all[] = [LaneKind::Machine, $id, $workshop->name($id), $count];
        }
        foreach ($workshop->places as $id => $count) {
            $all[] = [LaneKind::Place, $id, $id, $count];
        }
        foreach ($all as [$kind, $id, $name, $count]) {
            for ($n = 0; $n < $count; ++$n) {
                $lanes[$kind->key($id)][] = new DayLane(kind: $kind, name: $name, n: $n, of: $count);
            }
        }

        return $lanes;
    }

    /**
     * @param array<string, string> $names by job
     *
     * @return list<DayJob>
     */
    private static function jobs(Timetable $table, array $names): array
    {
        $ends = $table->finishes();
        $due = [];
        foreach ($table->day->activities as $activity) {
            $due[$activity->group] = $activity->due ?? ($due[$activity->group] ?? null);
        }

        return array_map(
            static fn(string $id, string $name): DayJob => new DayJob(
                id: $id,
                name: $name,
                end: $ends[$id],
                due: $due[$id],
                late_s: null === $due[$id] ? 0 : max(0, $ends[$id] - $due[$id]),
            ),
            array_keys($names),
            array_values($names),
        );
    }
}
