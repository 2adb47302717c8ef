<?php

declare(strict_types=1);

namespace Wubbin\Today;

use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Day\LaneKind;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Plan;
use Wubbin\Day\Absence;
use Wubbin\Day\Absences;
use Wubbin\Day\Agenda;
use Wubbin\Day\Provision;
use Wubbin\Job\DueJob;
use Wubbin\Job\PlanMemory;
use Wubbin\Keep\Condition;
use Wubbin\Sheet\Due\DueGroup;
use Wubbin\Shelf\WorkHoursStore;

/** What is in the way of the work: each with what mends it. */
final readonly class Obstacles
{
    /** So many of one kind are told one by one. */
    private const MOST = 4;

    private const HOUR_S = 3600;
    private const DAY_S = 86_400;

    public function __construct(
        private PlanMemory $plans,
        private Provision $provision,
        private Condition $condition,
        private Absences $absences,
        private WorkHoursStore $workHours,
        private ClockInterface $clock,
    ) {}

    /**
     * @param list<DueGroup> $groups sheets that are due
     * @param string|null $why the day cannot be planned
     *
     * @return list<Obstacle> what presses most in front
     */
    public function of(?Agenda $agenda, ?Timetable $table, array $groups, ?string $why): array
    {
        return [
            ...null === $why ? [] : [new Obstacle('day', $why, 'See the day', '/day')],
            ...$this->absent($agenda),
            ...null === $agenda || null === $table ? [] : self::late($agenda, $table),
            ...null === $agenda ? [] : $this->jobs($agenda),
            ...self::printing($groups),
            ...null === $agenda ? [] : $this->short(),
            ...array_map(
                static fn($line): Obstacle => new Obstacle(
                    $line->id,
                    $line->text,
                    'backup' === $line->id ? 'Make a backup' : $line->mend,
                    'left-out' === $line->id ? '/shelf' : '/backup',
                ),
                $this->condition->view()->lines,
            ),
        ];
    }

    /** @return list<Obstacle> */
    private static function late(Agenda $agenda, Timetable $table): array
    {
        $ends = $table->finishes();
        $due = [];
        foreach ($table->day->activities as $activity) {
            $due[$activity->group] = $activity->due ?? ($due[$activity->group] ?? 0);
        }
        $late = $table->late();
        $all = array_map(
            static fn(string $id): Obstacle => new Obstacle(
                'late',
                sprintf('“%s” will be late by %s.', $agenda->names[$id], self::time($ends[$id] - $due[$id])),
                'See what helps',
                '/day',
            ),
            array_slice($late, 0, self::MOST),
        );
        $more = count($late) - count($all);

        return $more > 0
            ? [...$all, new Obstacle('late', sprintf('%d more jobs will be late.', $more), 'See what helps', '/day')]
            : $all;
    }

    private static function time(int $seconds): string
    {
        return match (true) {
            $seconds < 2 * self::HOUR_S => sprintf('%d minutes', max(1, (int) round($seconds / 60))),
            $seconds < 2 * self::DAY_S => sprintf('%d hours', (int) round($seconds / self::HOUR_S)),
            default => sprintf('%d days', (int) round($seconds / self::DAY_S)),
        };
    }

    /** @return array<string, int> how many checks stand against a job, by its id */
    public function unsettled(Agenda $agenda): array
    {
        return array_map(static fn(array $told): int => $told[0], $this->told($agenda));
    }

    /** @return array<string, array{int, non-empty-list<string>}> checks against a job, and ids of its plan */
    private function told(Agenda $agenda): array
    {
        $plans = $this->plans->of(array_values(array_map(static fn(DueJob $one): Job => $one->job, $agenda->jobs)));

        return array_map(
            static fn(DueJob $due): array => $plans->ask(
                $due->job,
                'obstacles',
                static fn(Plan $plan): array => [
                    count(array_filter($plan->checks(), static fn(Check $check): bool => $check->blocks())),
                    $plan->ids(),
                ],
            ),
            $agenda->jobs,
        );
    }

    /** @return list<Obstacle> checks that nobody has answered, and sheets that are older than their job */
    private function jobs(Agenda $agenda): array
    {
        $checks = $changed = [];
        foreach ($this->told($agenda) as $id => [$open, $ids]) {
            $due = $agenda->jobs[$id];
            if ($open > 0) {
                $checks[] = new Obstacle(
                    'checks',
                    sprintf(
                        1 === $open ? '“%s” has %d check to answer.' : '“%s” has %d checks to answer.',
                        $due->job->name,
                        $open,
                    ),
                    'Answer',
                    '/jobs/' . $due->job->id,
                );
            }
            if ($due->tally->printedBefore($ids)) {
                $changed[] = new Obstacle(
                    'changed',
                    sprintf(
                        '“%s” was changed after its sheets were printed. They have to be printed again.',
                        $due->job->name,
                    ),
                    'Print',
                    '/print',
                );
            }
        }

        return [...array_slice($changed, 0, self::MOST), ...array_slice($checks, 0, self::MOST)];
    }

    /**
     * @param list<DueGroup> $groups
     *
     * @return list<Obstacle>
     */
    private static function printing(array $groups): array
    {
        $feed = $printer = [];
        foreach ($groups as $group) {
            if (!Record::of($group->loading)->boolean('known')) {
                $feed[$group->marking] = new Obstacle(
                    'feed',
                    sprintf('Nobody knows which side the %s prints on.', $group->marking_label),
                    'Make the feed test',
                    '/printers',
                );
            }
            if (null === $group->setting->device) {
                $printer[$group->marking] = $group->marking_label;
            }
        }
        $where =
            [] === $printer
                ? []
                : [
                    new Obstacle(
                        'printer',
                        sprintf('Nobody has said where this is connected: %s.', implode(', ', $printer)),
                        'Choose the printer',
                        '/print',
                    ),
                ];

        return [...array_values($feed), ...$where];
    }

    /** @return list<Obstacle> */
    private function short(): array
    {
        $short = $this->provision->told();

        return [] === $short
            ? []
            : [
                new Obstacle(
                    'short',
                    'There is too little for what is due: ' .
                        implode(', ', array_slice($short, 0, self::MOST)) .
                        (count($short) > self::MOST ? sprintf(', and %d more', count($short) - self::MOST) : '') .
                        '.',
                    'What to buy',
                    '/stock',
                ),
            ];
    }

    /** @return list<Obstacle> */
    private function absent(?Agenda $agenda): array
    {
        $absent = [];
        foreach ($this->absences->all($this->clock->now(), $this->workHours->zone()) as $key => $day) {
            $at = (int) strrpos($key, ' ');
            [$kind, $id] = LaneKind::read(substr($key, 0, $at));
            $on = (new \DateTimeImmutable($day))->format('l j F');
            $absent[] = new Obstacle(
                'absence',
                LaneKind::Hands === $kind
                    ? sprintf('%s is away until %s.', $this->workHours->get()->person((int) substr($key, $at + 1)), $on)
                    : sprintf('The %s is out of order until %s.', $agenda?->day->workshop->name($id) ?? $id, $on),
                'Back again',
                '/',
                new Absence($kind, $id, (int) substr($key, $at + 1), null),
            );
        }

        return $absent;
    }
}
