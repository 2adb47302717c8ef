<?php

declare(strict_types=1);

namespace Wubbin\Today;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\Words;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Work\Lots;
use Wubbin\Core\Work\Places;
use Wubbin\Day\DayPlanner;
use Wubbin\Job\DueJob;
use Wubbin\Job\DueWork;
use Wubbin\Job\PlanMemory;
use Wubbin\Refusal\Refusal;

/** What can begin at the bench now: in the order of the day, by what has to be set for it, the hottest first. */
final readonly class ReadyAtBench
{
    public function __construct(private DueWork $due, private PlanMemory $plans, private DayPlanner $days) {}

    /** @return list<ReadyHeat> */
    public function all(): array
    {
        $left = array_values(array_filter($this->due->left(), static fn(DueJob $one): bool => $one->tally->left > 0));
        $plans = $this->plans->of(array_map(static fn(DueJob $one) => $one->job, $left));
        $order = $this->order();
        usort(
            $left,
            static fn(DueJob $one, DueJob $other): int => ($order[$one->job->id] ?? \PHP_INT_MAX) <=>
                ($order[$other->job->id] ?? \PHP_INT_MAX),
        );
        $heats = $jobs = [];
        foreach ($left as $due) {
            $asked = $plans->ask($due->job, 'bench', static fn(Plan $plan): ?array => self::known($plan));
            if (null !== $asked) {
                [$source, $setting, $celsius, $ids, $fullest, $prints] = $asked;
                $key = $source . json_encode($setting, \JSON_THROW_ON_ERROR);
                $heats[$key] = [$source, $setting, $celsius];
                $jobs[$key][] = self::job($due, $ids, $fullest, $prints);
            }
        }
        $ready = array_map(
            static fn(string $key, array $heat): ReadyHeat => new ReadyHeat(...[...$heat, $jobs[$key]]),
            array_keys($heats),
            $heats,
        );
        usort($ready, static fn(ReadyHeat $one, ReadyHeat $other): int => $other->celsius <=> $one->celsius);

        return $ready;
    }

    /**
     * @return array{string, Phrase, float|null, non-empty-list<string>, int,
     *     bool}|null what its plan says of it; null where checks are open
     */
    private static function known(Plan $plan): ?array
    {
        if (!$plan->ready()) {
            return null;
        }
        $outfit = $plan->transfers[0]->outfit;

        return [
            $outfit->heat->label ?? $outfit->heatKind->label(),
            Words::setting($outfit),
            $outfit->temperature?->celsius,
            $plan->ids(),
            $plan->sheets()->fullest(),
            [] !== array_filter($plan->steps(), static fn(Step $step): bool => StepKind::Print === $step->kind),
        ];
    }

    /** @param non-empty-list<string> $ids of its plan */
    private static function job(DueJob $due, array $ids, int $fullest, bool $prints): ReadyJob
    {
        $share = null;
        $left = $due->tally->left;
        foreach ([] === $due->job->breakdown ? [] : $due->tally->leftOf() as $n => $of) {
            if ($of > 0) {
                [$share, $left] = [$n, $of];
                break;
            }
        }
        $of = null === $share ? null : $due->job->breakdown[$share];

        return new ReadyJob(
            $due->job->id,
            $due->job->name,
            $due->job->transfers[0]->artwork,
            ($of->colour ?? $due->job->blank->colour)->toHex(),
            null === $share ? Lots::of($left, $fullest)[0] : min($left, Places::SESSION),
            $due->tally->left,
            $share,
            $of->sizeId ?? '',
            $due->job->due,
            !$prints || $due->tally->printed($ids)[0] > 0,
        );
    }

    /** @return array<string, int> when the plan of the day has each begin; nothing where there is none */
    private function order(): array
    {
        try {
            $table = $this->days->timetable($this->days->agenda());
        } catch (Refusal) {
            return [];
        }
        $first = [];
        foreach ($table->starts as $id => $start) {
            $group = $table->day->activities[$id]->group;
            $first[$group] = min($first[$group] ?? \PHP_INT_MAX, $start);
        }

        return $first;
    }
}
