<?php

declare(strict_types=1);

namespace Wubbin\Today;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Day\LaneKind;
use Wubbin\Core\Day\Pace;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\StepKind;
use Wubbin\Day\Absences;
use Wubbin\Day\Agenda;
use Wubbin\Day\DayMemory;
use Wubbin\Day\DayPlanner;
use Wubbin\Job\StoredJob;
use Wubbin\Order\OrderBook;
use Wubbin\Refusal\Refusal;
use Wubbin\Run\BenchSessions;
use Wubbin\Run\HandView;
use Wubbin\Sheet\Due\DueSheets;
use Wubbin\Sheet\Due\PrintDue;
use Wubbin\Sheet\Due\PrintJudge;
use Wubbin\Shelf\WorkHoursStore;
use Wubbin\Storage\Instant;
use Wubbin\Task\Task;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\TaskView;

/** Brings together what all rooms know of the moment. */
final readonly class Today
{
    public function __construct(
        private DayPlanner $days,
        private DayMemory $memory,
        private BenchSessions $bench,
        private DueSheets $due,
        private PrintJudge $judge,
        private OrderBook $orders,
        private Obstacles $obstacles,
        private Absences $absences,
        private WorkHoursStore $workHours,
        private TaskQueue $tasks,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
    ) {}

    /** @param int|null $person whose things come next, from 0 */
    public function view(?int $person): TodayView
    {
        $now = $this->clock->now();
        $zone = $this->workHours->zone();
        $hands = $this->bench->bench();
        [$agenda, $table, $why] = $this->plan();
        $groups = $this->due->of(array_values($agenda->jobs ?? []));
        $seen = $this->memory->at();
        $day = static fn(int $at): string => (new \DateTimeImmutable('@' . $at))->setTimezone($zone)->format('Y-m-d');

        return new TodayView(
            Instant::write($now),
            $zone->getName(),
            array_values(array_filter($hands, static fn(HandView $one): bool => self::wantsHands($one, $now))),
            array_map(static fn(Task $task): TaskView => TaskView::of($task), $this->tasks->openOf(PrintDue::kind())),
            $this->judge->unseen(),
            null === $agenda || null === $table
                ? []
                : (new NextThings($agenda, $table, $groups, $this->obstacles->unsettled($agenda)))->of(
                    $this->orders->ready(),
                    $person,
                ),
            null === $agenda ? [] : Waiting::of($agenda, $hands, $now),
            $this->obstacles->of($agenda, $table, $groups, $why),
            null === $agenda ? null : Pace::ahead($agenda->day, $this->memory->starts()),
            null === $seen || $day($seen) !== $day($now->getTimestamp()),
            $this->people($now, $zone),
            $this->machines($agenda, $now, $zone),
            0 === $this->entities->getRepository(StoredJob::class)->count([]),
        );
    }

    /** A clock that a person stays near: what only dries or cools is told with what waits, until it is over. */
    private static function wantsHands(HandView $hand, \DateTimeImmutable $now): bool
    {
        if ($hand->judging || null === $hand->since) {
            return $hand->judging;
        }
        $waits = Record::of($hand->step)->enum('kind', StepKind::class)->waits();
        $until = Instant::read($hand->since)->getTimestamp() + (int) ceil($hand->seconds - $hand->before);

        return !$waits || !$hand->running || $until <= $now->getTimestamp();
    }

    /** @return array{Agenda|null, Timetable|null, string|null} with why it cannot be planned, where it cannot */
    private function plan(): array
    {
        try {
            $agenda = $this->days->agenda();

            return [$agenda, $this->days->timetable($agenda), null];
        } catch (Refusal $e) {
            return [null, null, $e->getMessage()];
        }
    }

    /** @return list<PersonView> */
    private function people(\DateTimeImmutable $now, \DateTimeZone $zone): array
    {
        $hours = $this->workHours->get();
        $away = $this->absences->all($now, $zone);

        return array_map(
            static fn(int $n): PersonView => new PersonView(
                $hours->person($n),
                $away[LaneKind::Hands->key() . ' ' . $n] ?? null,
            ),
            range(0, $hours->hands - 1),
        );
    }

    /** @return list<MachineView> that the plan needs, and those that are out of order */
    private function machines(?Agenda $agenda, \DateTimeImmutable $now, \DateTimeZone $zone): array
    {
        $out = $this->absences->all($now, $zone);
        $machines = [];
        foreach (array_keys($agenda->day->workshop->machines ?? []) as $id) {
            $machines[] = new MachineView(
                $id,
                $agenda?->day->workshop->name($id) ?? $id,
                $out[LaneKind::Machine->key($id) . ' 0'] ?? null,
            );
        }

        return $machines;
    }
}
