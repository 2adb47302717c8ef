<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\Block;
use Wubbin\Core\Day\Link;
use Wubbin\Core\Day\Move;
use Wubbin\Core\Day\Timetable;

/** What to do when, as its screen draws it: seconds since 1970 throughout. */
#[OA\Schema]
final readonly class DayView
{
    /**
     * @param list<array{int, int}> $stretches
     * @param list<array{kind: string, n: int}> $lanes
     * @param list<Block> $blocks
     * @param list<array{id: string, name: string, end: int, due: int|null, late_s: int}> $jobs
     * @param list<string> $late
     * @param list<array<string, mixed>> $chain
     * @param list<array<string, mixed>> $moved
     * @param list<string> $later
     * @param list<array{job: string, label: string, pinned: int, start: int}> $unkept
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
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['kind', 'n'],
                    properties: [
                        new OA\Property(property: 'kind', type: 'string'),
                        new OA\Property(property: 'n', type: 'integer'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $lanes,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: [
                        'id',
                        'pieces',
                        'pinned',
                        'began',
                        'kind',
                        'lane',
                        'job',
                        'start',
                        'end',
                        'celsius',
                        'hands',
                        'labels',
                    ],
                    properties: [
                        new OA\Property(property: 'id', type: 'string', description: 'Of its first activity'),
                        new OA\Property(
                            property: 'pieces',
                            type: 'array',
                            description: 'Numbers of those it is about',
                            items: new OA\Items(type: 'integer'),
                        ),
                        new OA\Property(property: 'pinned', type: 'boolean'),
                        new OA\Property(property: 'began', type: 'boolean', description: 'It is under way'),
                        new OA\Property(property: 'kind', type: 'string', description: 'Of the lane it lies on'),
                        new OA\Property(property: 'lane', type: 'integer'),
                        new OA\Property(property: 'job', type: 'string'),
                        new OA\Property(property: 'start', type: 'integer'),
                        new OA\Property(property: 'end', type: 'integer'),
                        new OA\Property(property: 'celsius', type: 'number', nullable: true),
                        new OA\Property(property: 'hands', type: 'boolean'),
                        new OA\Property(property: 'labels', type: 'array', items: new OA\Items(type: 'string')),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $blocks,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['id', 'name', 'end', 'due', 'late_s'],
                    properties: [
                        new OA\Property(property: 'id', type: 'string'),
                        new OA\Property(property: 'name', type: 'string'),
                        new OA\Property(property: 'end', type: 'integer'),
                        new OA\Property(property: 'due', type: 'integer', nullable: true),
                        new OA\Property(property: 'late_s', type: 'integer'),
                    ],
                    type: 'object',
                ),
            ),
        ]
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
        #[
            OA\Property(
                type: 'array',
                description: 'What decides when all is over, the first first',
                items: new OA\Items(
                    required: ['job', 'labels', 'because', 'start', 'end'],
                    properties: [
                        new OA\Property(property: 'job', type: 'string'),
                        new OA\Property(property: 'labels', type: 'array', items: new OA\Items(type: 'string')),
                        new OA\Property(property: 'because', type: 'string'),
                        new OA\Property(property: 'start', type: 'integer'),
                        new OA\Property(property: 'end', type: 'integer'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $chain,
        #[
            OA\Property(
                type: 'array',
                description: 'Jobs of which something has moved since the plan was last seen',
                items: new OA\Items(
                    required: ['job', 'count', 'label', 'was', 'is', 'over', 'end'],
                    properties: [
                        new OA\Property(property: 'job', type: 'string'),
                        new OA\Property(property: 'count', type: 'integer', description: 'Of steps that moved'),
                        new OA\Property(property: 'label', type: 'string', description: 'The first of them'),
                        new OA\Property(property: 'was', type: 'integer'),
                        new OA\Property(property: 'is', type: 'integer'),
                        new OA\Property(
                            property: 'over',
                            type: 'integer',
                            description: 'When all of the job was to be over',
                        ),
                        new OA\Property(property: 'end', type: 'integer', description: 'And now'),
                    ],
                    type: 'object',
                ),
            ),
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
        #[
            OA\Property(
                type: 'array',
                description: 'What could not begin when a person wanted it to',
                items: new OA\Items(
                    required: ['job', 'label', 'pinned', 'start'],
                    properties: [
                        new OA\Property(property: 'job', type: 'string'),
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'pinned', type: 'integer'),
                        new OA\Property(property: 'start', type: 'integer'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $unkept,
        #[OA\Property(description: 'Of temperature')] public int $changes,
        #[OA\Property(type: 'string', nullable: true, description: 'It cannot be planned')] public ?string $why = null,
    ) {}

    public static function not(string $why, int $now, string $zone, WorkHours $hours): self
    {
        return new self($now, $zone, $hours, [], [], [], [], $now, [], [], [], [], [], 0, $why);
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
        $workshop = $day->workshop;
        $lanes = [];
        foreach (
            ['hands' => $workshop->hands] +
                self::named('machine', $workshop->machines) +
                self::named('place', $workshop->places)
            as $kind => $count
        ) {
            for ($n = 0; $n < $count; ++$n) {
                $lanes[] = ['kind' => $kind, 'n' => $n];
            }
        }
        $ends = $table->finishes();
        $due = [];
        foreach ($day->activities as $activity) {
            $due[$activity->group] = $activity->due ?? ($due[$activity->group] ?? null);
        }
        $jobs = array_map(
            static fn(string $id, string $name): array => [
                'id' => $id,
                'name' => $name,
                'end' => $ends[$id],
                'due' => $due[$id],
                'late_s' => null === $due[$id] ? 0 : max(0, $ends[$id] - $due[$id]),
            ],
            array_keys($names),
            array_values($names),
        );

        return new self(
            $day->now,
            $zone,
            $hours,
            $workshop->hours->stretches,
            $lanes,
            Block::all($table),
            $jobs,
            $table->score->finish,
            array_map(static fn(string $id): string => $names[$id], $table->late()),
            array_map(
                static fn(Link $link): array => [
                    'job' => $names[$link->group],
                    'labels' => $link->labels,
                    'because' => $link->words(),
                    'start' => $link->start,
                    'end' => $link->end,
                ],
                $table->chain(),
            ),
            array_map(static fn(Move $move): array => ['job' => $names[$move->group]] + $move->jsonSerialize(), $moved),
            $agenda->later,
            array_map(
                static fn(string $id): array => [
                    'job' => $names[$day->activities[$id]->group],
                    'label' => $day->activities[$id]->label,
                    'pinned' => $day->activities[$id]->pinned ?? 0,
                    'start' => $table->starts[$id],
                ],
                $table->unkept(),
            ),
            $table->score->changes,
        );
    }

    /**
     * @param array<string, int> $counts
     *
     * @return array<string, int>
     */
    private static function named(string $kind, array $counts): array
    {
        return array_combine(
            array_map(static fn(string $one): string => $kind . ' ' . $one, array_keys($counts)),
            $counts,
        );
    }
}
