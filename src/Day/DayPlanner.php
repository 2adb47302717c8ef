<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Impossible;
use Wubbin\Core\Day\Move;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Workshop;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Work\Place;
use Wubbin\Job\DueJob;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Shelf\WorkHours;
use Wubbin\Shelf\WorkHoursStore;

/** Plans what is left of all jobs that are due, with the hands, machines and places of this shop. */
final readonly class DayPlanner
{
    /** So long a plan of the same work stays as it is, in s: nobody works by less. */
    private const GOOD_FOR_S = 30;

    public function __construct(
        private JobPlanner $jobs,
        private DayWork $work,
        private WorkHoursStore $workHours,
        private Absences $absences,
        private DayMemory $memory,
        private Catalogue $catalogue,
        private ClockInterface $clock,
        private CacheInterface $kept,
    ) {}

    /**
     * What there is to plan: sessions at the bench go on, and what nobody has begun follows.
     *
     * @throws Refusal where it cannot be planned, and why
     */
    public function agenda(): Agenda
    {
        return $this->pinned($this->work->all(), $this->memory->pins());
    }

    /**
     * @param array{list<Activity>, array<string, DueJob>, list<string>} $work
     * @param array<string, int> $pins
     */
    private function pinned(array $work, array $pins): Agenda
    {
        [$activities, $jobs, $later] = $work;
        $now = $this->clock->now();
        $activities = array_map(
            static fn(Activity $one): Activity => isset($pins[$one->id]) && $pins[$one->id] > $now->getTimestamp()
                ? $one->pinnedAt($pins[$one->id])
                : $one,
            $activities,
        );
        $workshop = $this->workshop($activities, $this->workHours->get(), $now);
        try {
            $day = new Day($activities, $workshop, $now->getTimestamp());

            return new Agenda($day, $jobs, $later, self::lost($pins, $day, $jobs));
        } catch (Impossible $e) {
            throw InvalidInput::field('day', $e->getMessage());
        }
    }

    /**
     * Pins to come that hold nothing: the work of their jobs has changed since.
     *
     * @param array<string, int> $pins
     * @param array<string, DueJob> $jobs
     *
     * @return list<array{string, int}>
     */
    private static function lost(array $pins, Day $day, array $jobs): array
    {
        $lost = [];
        foreach (array_diff_key($pins, $day->activities) as $id => $instant) {
            $job = (string) strstr($id, ' ', true);
            if ($instant > $day->now && isset($jobs[$job])) {
                $lost[] = [$jobs[$job]->job->name, $instant];
            }
        }

        return $lost;
    }

    /** @param list<Activity> $activities */
    private function workshop(array $activities, WorkHours $hours, \DateTimeImmutable $now): Workshop
    {
        $machines = array_fill_keys(
            array_filter(array_map(static fn(Activity $one): ?string => $one->machine, $activities), is_string(...)),
            1,
        );

        $shelf = $this->jobs->shelf();

        return new Workshop(
            $hours->hands,
            $hours->hours($now, $this->workHours->zone()),
            $machines,
            $this->heating($shelf),
            [Place::Rack->value => $hours->rack, Place::Shelf->value => $hours->shelf],
            array_map(static fn(Marking|HeatSource $one): string => $one->label, $shelf->markings + $shelf->heat),
            $hours->apart,
            $this->absences->closed($now, $this->workHours->zone()),
        );
    }

    /**
     * As it was seen before, with what has changed since flowing again; or a first plan.
     *
     * @throws Refusal
     */
    public function timetable(Agenda $agenda): Timetable
    {
        $seen = $this->memory->starts();
        $day = $agenda->day;
        $key = hash(
            'sha256',
            serialize([$day->activities, $day->workshop, $seen, intdiv($day->now, self::GOOD_FOR_S)]),
        );
        [$starts, $lanes, $score] = $this->kept->get($key, static function (ItemInterface $item) use (
            $agenda,
            $day,
            $seen,
        ): array {
            $item->expiresAfter(2 * self::GOOD_FOR_S);
            try {
                $table = [] === $seen ? Scheduler::first($day) : Scheduler::again($day, $seen + $agenda->begun($seen));
            } catch (Impossible $e) {
                throw InvalidInput::field('day', $e->getMessage());
            }

            return [$table->starts, $table->lanes, $table->score];
        });

        return new Timetable($day, $starts, $lanes, $score);
    }

    /** @return list<Move> what has moved since people last saw the plan */
    public function moved(Timetable $table): array
    {
        return Move::since($this->memory->starts(), $this->memory->finishes(), $table);
    }

    /**
     * Has something begin when a person wants it to; or lets it go again.
     *
     * @param string $time as typed, “14:30”; nothing lets it go
     *
     * @return Agenda what there is to plan with it
     *
     * @throws Refusal naming the field
     */
    public function pin(string $activity, string $day, string $time): Agenda
    {
        $work = $this->work->all();
        $pins = $this->with($work, $activity, $day, $time);
        $this->memory->pin($pins);

        return $this->pinned($work, $pins);
    }

    /**
     * What it would be like if something began then; nothing is kept of it.
     *
     * @return array{Agenda, Timetable, Timetable} with the plan as it is, and as it would be
     *
     * @throws Refusal naming the field
     */
    public function tried(string $activity, string $day, string $time): array
    {
        $work = $this->work->all();
        $before = $this->pinned($work, $this->memory->pins());
        $after = $this->pinned($work, $this->with($work, $activity, $day, $time));

        return [$after, $this->timetable($before), $this->timetable($after)];
    }

    /**
     * The times that people have given, with one more of them, or less.
     *
     * @param array{list<Activity>, array<string, DueJob>, list<string>} $work
     *
     * @return array<string, int>
     *
     * @throws Refusal naming the field
     */
    private function with(array $work, string $activity, string $day, string $time): array
    {
        $now = $this->clock->now();
        $agenda = $this->pinned($work, $this->memory->pins());
        $of =
            $agenda->day->activities[$activity] ??
            throw InvalidInput::field('time', 'This is done already, or somebody changed it. Look again.');
        $pins = array_intersect_key($this->memory->pins(), $agenda->day->activities);
        unset($pins[$activity]);
        if ('' === trim($time)) {
            return $pins;
        }
        $at = \DateTimeImmutable::createFromFormat('!Y-m-d H:i', $day . ' ' . trim($time), $this->workHours->zone());
        if (false === $at || $at->format('Y-m-d') !== $day) {
            throw InvalidInput::field('time', 'Write the time as 14:30.');
        }
        if ($at <= $now) {
            throw InvalidInput::field('time', 'This time is in the past.');
        }
        if (
            $of->hands &&
            $agenda->day->workshop->hours->from($at->getTimestamp(), $of->seconds) !== $at->getTimestamp()
        ) {
            throw InvalidInput::field('time', 'Nobody works then, or not for as long as this takes.');
        }

        return [$activity => $at->getTimestamp()] + $pins;
    }

    /** @return array<string, float> seconds for a kelvin, by the id of the source; none where it has no plate */
    private function heating(Shelf $shelf): array
    {
        $heating = [];
        foreach ($shelf->heat as $source) {
            $heating[$source->id] = $this->catalogue->heat->parameters->secondsPerKelvin($source->kind) ?? 0.0;
        }

        return $heating;
    }
}
