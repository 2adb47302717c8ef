<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Impossible;
use Wubbin\Core\Day\JobActivities;
use Wubbin\Core\Day\Scheduler;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Day\Workshop;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Http\Problem;
use Wubbin\Job\JobDesk;
use Wubbin\Job\StoredJob;
use Wubbin\Measure\Setting;
use Wubbin\Measure\SettingsStore;
use Wubbin\Run\Progress;

/** Plans what is left of all jobs that are due, with the hands, machines and places of this shop. */
final readonly class DayDesk
{
    private const HOURS = 'work-hours';
    private const SEEN = 'day-plan';

    /** More is planned a part at a time: what is due first. */
    private const MOST_ACTIVITIES = 1500;

    /** A plan of what is moved by less is the same, in s. */
    private const MOVED_S = 300;

    public function __construct(private EntityManagerInterface $entities, private JobDesk $jobs, private Progress $progress, private SettingsStore $settings, private Catalogue $catalogue)
    {
    }

    public function hours(): WorkHours
    {
        $stored = $this->entities->find(Setting::class, self::HOURS);

        return null === $stored ? WorkHours::usual() : WorkHours::fromRecord(Record::of($stored->value));
    }

    public function keepHours(WorkHours $hours): void
    {
        $this->keep(self::HOURS, $hours->toRecord());
    }

    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->settings->get()->zone);
    }

    /**
     * What there is to plan.
     *
     * @return array{Day, array<string, string>, list<string>} the day, names of its jobs by id, and names of those left for later
     *
     * @throws Problem where it cannot be planned, and why
     */
    public function day(\DateTimeImmutable $now): array
    {
        $hours = $this->hours();
        $zone = $this->zone();
        $names = $later = $activities = $machines = [];
        foreach ($this->due() as [$job, $pieces]) {
            $plan = $this->jobs->plan($job);
            $own = JobActivities::of($plan, max(1, $pieces), null === $job->due ? null : $hours->endOf($job->due, $zone));
            if ([] !== $activities && count($activities) + count($own) > self::MOST_ACTIVITIES) {
                $later[] = $job->name;
                continue;
            }
            array_push($activities, ...$own);
            $names[$job->id] = $job->name;
        }
        foreach ($activities as $activity) {
            if (null !== $activity->machine) {
                $machines[$activity->machine] = 1;
            }
        }
        $workshop = new Workshop($hours->hands, $hours->hours($now, $zone), $machines, $this->heating(), [JobActivities::RACK => $hours->rack, JobActivities::SHELF => $hours->shelf]);
        try {
            return [new Day($activities, $workshop, $now->getTimestamp()), $names, $later];
        } catch (Impossible $e) {
            throw Problem::field('day', $e->getMessage());
        }
    }

    /**
     * As it was seen before, with what has changed since flowing again; or a first plan.
     *
     * @return array{Timetable, list<string>} and groups of which something has moved
     *
     * @throws Problem
     */
    public function timetable(Day $day): array
    {
        $seen = $this->seen();
        try {
            $table = [] === $seen ? Scheduler::first($day) : Scheduler::again($day, $seen);
        } catch (Impossible $e) {
            throw Problem::field('day', $e->getMessage());
        }
        $moved = [];
        foreach ($table->starts as $id => $start) {
            if (isset($seen[$id]) && abs($seen[$id] - $start) > self::MOVED_S) {
                $moved[$day->activities[$id]->group] = true;
            }
        }

        return [$table, array_map(strval(...), array_keys($moved))];
    }

    /** From now on people go by this one. */
    public function see(Timetable $table): void
    {
        $this->keep(self::SEEN, ['starts' => $table->starts]);
    }

    public function forget(): void
    {
        $this->keep(self::SEEN, ['starts' => []]);
    }

    /** @return array<string, int> */
    private function seen(): array
    {
        $stored = Record::of($this->entities->find(Setting::class, self::SEEN)->value ?? [])->recordOrNull('starts');
        $starts = [];
        foreach ($stored?->keys() ?? [] as $id) {
            $starts[$id] = $stored?->integer($id) ?? 0;
        }

        return $starts;
    }

    /** @return list<array{Job, int}> jobs that something is left of, the soonest due first, with how many pieces */
    private function due(): array
    {
        $good = $this->progress->goodByJob();
        $left = [];
        foreach ($this->entities->getRepository(StoredJob::class)->findBy(['archived' => false]) as $stored) {
            $job = $stored->job();
            $pieces = $job->quantity - ($good[$job->id] ?? 0);
            if (null !== $job->due && $pieces > 0) {
                $left[] = [$job, $pieces];
            }
        }
        usort($left, static fn (array $one, array $other): int => [$one[0]->due, $one[0]->id] <=> [$other[0]->due, $other[0]->id]);

        return $left;
    }

    /** @return array<string, float> seconds for a kelvin, by the label of the source: its capacity by its power, as the heat model has them */
    private function heating(): array
    {
        $heating = [];
        foreach ($this->jobs->shelf()->heat as $source) {
            $of = 'source.'.$source->kind->value;
            $capacity = $this->catalogue->heatParameters->find($of.'.capacity');
            $power = $this->catalogue->heatParameters->find($of.'.power');
            if (null !== $capacity && null !== $power) {
                $heating[$source->label] = $capacity->middle / $power->middle;
            }
        }

        return $heating;
    }

    /** @param array<string, mixed> $value */
    private function keep(string $name, array $value): void
    {
        $stored = $this->entities->find(Setting::class, $name) ?? new Setting($name, []);
        $stored->value = $value;
        $this->entities->persist($stored);
        $this->entities->flush();
    }
}
