<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Impossible;
use Wubbin\Core\Day\JobActivities;
use Wubbin\Core\Day\Move;
use Wubbin\Core\Day\Part;
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
use Wubbin\Run\RunDesk;
use Wubbin\Run\StoredPiece;
use Wubbin\Run\StoredRun;

/** Plans what is left of all jobs that are due, with the hands, machines and places of this shop. */
final readonly class DayDesk
{
    private const HOURS = 'work-hours';
    private const SEEN = 'day-plan';
    private const PINS = 'day-pins';

    /** More is planned a part at a time: what is due first. */
    private const MOST_ACTIVITIES = 2000;

    public function __construct(private EntityManagerInterface $entities, private JobDesk $jobs, private RunDesk $bench, private Progress $progress, private SettingsStore $settings, private Catalogue $catalogue)
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
     * What there is to plan: sessions at the bench go on, and what nobody has begun follows.
     *
     * @throws Problem where it cannot be planned, and why
     */
    public function agenda(\DateTimeImmutable $now): Agenda
    {
        $hours = $this->hours();
        $zone = $this->zone();
        $planned = $this->jobs->planning();
        $names = $later = $activities = $plans = [];
        foreach ($this->left() as [$job, $pieces, $sessions]) {
            if (count($activities) >= self::MOST_ACTIVITIES) {
                $later[] = $job->name;
                continue;
            }
            $plan = $plans[$job->id] = $planned($job);
            $due = null === $job->due ? null : $hours->endOf($job->due, $zone);
            $own = [];
            foreach ($sessions as $run) {
                array_push($own, ...JobActivities::ofSession($plan, $run->id, $run->sequence(), $this->bench->state($run), $now, $due));
            }
            if ($pieces > 0 && null !== $due) {
                array_push($own, ...JobActivities::of($plan, $job->quantity - $pieces + 1, $job->quantity, $due, $hours->rack, $hours->shelf));
            }
            if ([] !== $activities && count($activities) + count($own) > self::MOST_ACTIVITIES) {
                $later[] = $job->name;
            } elseif ([] !== $own) {
                array_push($activities, ...$own);
                $names[$job->id] = $job->name;
            }
        }
        $pins = $this->instants(self::PINS, 'pins');
        $activities = array_map(static fn (Activity $one): Activity => isset($pins[$one->id]) && $pins[$one->id] > $now->getTimestamp() ? $one->pinnedAt($pins[$one->id]) : $one, $activities);
        $machines = array_fill_keys(array_filter(array_map(static fn (Activity $one): ?string => $one->machine, $activities), is_string(...)), 1);
        $workshop = new Workshop($hours->hands, $hours->hours($now, $zone), $machines, $this->heating(), [Part::RACK => $hours->rack, Part::SHELF => $hours->shelf]);
        try {
            return new Agenda(new Day($activities, $workshop, $now->getTimestamp()), $names, $later, $plans);
        } catch (Impossible $e) {
            throw Problem::field('day', $e->getMessage());
        }
    }

    /**
     * As it was seen before, with what has changed since flowing again; or a first plan.
     *
     * @throws Problem
     */
    public function timetable(Agenda $agenda): Timetable
    {
        $seen = $this->instants(self::SEEN, 'starts');
        try {
            return [] === $seen ? Scheduler::first($agenda->day) : Scheduler::again($agenda->day, $seen + $agenda->begun($seen));
        } catch (Impossible $e) {
            throw Problem::field('day', $e->getMessage());
        }
    }

    /** @return list<Move> what has moved since people last saw the plan */
    public function moved(Timetable $table): array
    {
        return Move::since($this->instants(self::SEEN, 'starts'), $this->instants(self::SEEN, 'over'), $table);
    }

    /**
     * Has something begin when a person wants it to; or lets it go again.
     *
     * @param string $time as typed, “14:30”; nothing lets it go
     *
     * @throws Problem naming the field
     */
    public function pin(string $activity, string $day, string $time, \DateTimeImmutable $now): void
    {
        $agenda = $this->agenda($now);
        $of = $agenda->day->activities[$activity] ?? throw Problem::field('time', 'This is done with, or has changed meanwhile: look again.');
        $pins = array_intersect_key($this->instants(self::PINS, 'pins'), $agenda->day->activities);
        unset($pins[$activity]);
        if ('' !== trim($time)) {
            $at = \DateTimeImmutable::createFromFormat('!Y-m-d H:i', $day.' '.trim($time), $this->zone());
            if (false === $at || $at->format('Y-m-d') !== $day) {
                throw Problem::field('time', 'A time is written as 14:30.');
            }
            if ($at <= $now) {
                throw Problem::field('time', 'This time is over.');
            }
            if ($of->hands && $agenda->day->workshop->hours->from($at->getTimestamp(), $of->seconds) !== $at->getTimestamp()) {
                throw Problem::field('time', 'Hands do not work then, or not for as long as this takes.');
            }
            $pins[$activity] = $at->getTimestamp();
        }
        $this->keep(self::PINS, ['pins' => $pins]);
    }

    /** From now on people go by this one. */
    public function see(Timetable $table): void
    {
        $this->keep(self::SEEN, ['starts' => $table->starts, 'over' => $table->finishes()]);
    }

    public function forget(): void
    {
        $this->keep(self::SEEN, ['starts' => []]);
    }

    /** @return array<string, int> */
    private function instants(string $name, string $of): array
    {
        $stored = Record::of($this->entities->find(Setting::class, $name)->value ?? [])->recordOrNull($of);
        $instants = [];
        foreach ($stored?->keys() ?? [] as $id) {
            $instants[$id] = $stored?->integer($id) ?? 0;
        }

        return $instants;
    }

    /** @return list<array{Job, int<1, max>}> jobs that are due with the pieces that are still to be made, those in hand too, the soonest due first */
    public function open(): array
    {
        $open = [];
        foreach ($this->left() as [$job, $pieces, $sessions]) {
            $inHand = array_sum(array_map(self::unjudged(...), $sessions));
            if (null !== $job->due && $pieces + $inHand > 0) {
                $open[] = [$job, $pieces + $inHand];
            }
        }

        return $open;
    }

    private static function unjudged(StoredRun $run): int
    {
        return count(array_filter($run->pieces->toArray(), static fn (StoredPiece $piece): bool => null === $piece->outcome));
    }

    /** @return list<array{Job, int, list<StoredRun>}> jobs that something is left of, the soonest due first: how many pieces nobody has begun, and sessions under way */
    private function left(): array
    {
        $good = $this->progress->goodByJob();
        $sessions = $inHand = [];
        foreach ($this->entities->getRepository(StoredRun::class)->findBy(['finished' => null], ['created' => 'ASC']) as $run) {
            $sessions[$run->job][] = $run;
            $inHand[$run->job] = ($inHand[$run->job] ?? 0) + self::unjudged($run);
        }
        $left = [];
        foreach ($this->entities->getRepository(StoredJob::class)->findBy(['archived' => false]) as $stored) {
            $job = $stored->job();
            $pieces = max(0, $job->quantity - ($good[$job->id] ?? 0) - ($inHand[$job->id] ?? 0));
            if (null !== $job->due && $pieces > 0 || isset($sessions[$job->id])) {
                $left[] = [$job, $pieces, $sessions[$job->id] ?? []];
            }
        }
        usort($left, static fn (array $one, array $other): int => [$one[0]->due ?? '9999', $one[0]->id] <=> [$other[0]->due ?? '9999', $other[0]->id]);

        return $left;
    }

    /** @return array<string, float> seconds for a kelvin, by the label of the source; none where it has no plate */
    private function heating(): array
    {
        $heating = [];
        foreach ($this->jobs->shelf()->heat as $source) {
            $heating[$source->label] = $this->catalogue->heatParameters->secondsPerKelvin($source->kind) ?? 0.0;
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
