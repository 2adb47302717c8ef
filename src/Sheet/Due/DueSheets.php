<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use Wubbin\Archive\SheetArchive;
use Wubbin\Core\Job\Breakdown;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Work\PrintState;
use Wubbin\Job\DueJob;
use Wubbin\Job\DueWork;
use Wubbin\Job\JobPlanner;
use Wubbin\Job\PlanMemory;
use Wubbin\Job\RememberedPlans;
use Wubbin\Sheet\Printing\PrintSettings;
use Wubbin\Sheet\SomePieces;
use Wubbin\Task\TaskQueue;

/** All sheets that have to be printed for the work that is due, in the order in which it is due. */
final readonly class DueSheets
{
    public function __construct(
        private DueWork $due,
        private PlanMemory $plans,
        private JobPlanner $jobs,
        private SheetArchive $archive,
        private PrintSettings $settings,
        private TaskQueue $tasks,
    ) {}

    /** @return list<DueGroup> */
    public function all(): array
    {
        return $this->of($this->due->left());
    }

    /**
     * @param list<DueJob> $left
     *
     * @return list<DueGroup> what is due first in front
     */
    public function of(array $left): array
    {
        $plans = $this->plans->of(array_map(static fn(DueJob $one): Job => $one->job, $left));
        $kinds = $entries = [];
        foreach ($left as $due) {
            if (
                null === $due->job->due ||
                0 === $due->tally->left ||
                !$plans->ask($due->job, 'printable', static fn(Plan $plan): bool => $plan->printable())
            ) {
                continue;
            }
            foreach ([...$this->missing($due, $plans), ...$this->toMake($due, $plans)] as [$kind, $entry]) {
                $kinds[$kind->key] ??= $kind;
                $entries[$kind->key] = self::with($entries[$kind->key] ?? [], $entry);
            }
        }
        $printing = [];
        foreach ($this->tasks->openOf(PrintDue::kind()) as $task) {
            $group = $task->input['group'] ?? null;
            $printing[is_string($group) ? $group : ''] = $task->id;
        }

        return array_values(
            array_map(
                fn(SheetKind $kind): DueGroup => new DueGroup(
                    $kind->key,
                    $kind->marking,
                    $kind->markingLabel,
                    $kind->medium,
                    $kind->mediumLabel,
                    $kind->mirrored,
                    $kind->guides,
                    $kind->loading,
                    $kind->widthMm,
                    $kind->heightMm,
                    array_sum(array_map(static fn(DueEntry $one): int => $one->sheets, $entries[$kind->key])),
                    $entries[$kind->key],
                    $this->settings->of($kind->marking, $kind->guides ? PrintSettings::PLAIN : $kind->medium),
                    $printing[$kind->key] ?? null,
                ),
                $kinds,
            ),
        );
    }

    /**
     * @param list<DueEntry> $entries
     *
     * @return non-empty-list<DueEntry> sheets that several jobs share are there once
     */
    private static function with(array $entries, DueEntry $entry): array
    {
        foreach ($entries as $n => $one) {
            if (null !== $entry->paper && $one->paper === $entry->paper) {
                $entries[$n] = $one->sharedWith($entry);

                return $entries;
            }
        }

        return [...$entries, $entry];
    }

    /**
     * Pages of sheets that are made, and were begun to be printed or are shared with other jobs.
     *
     * @return list<array{SheetKind, DueEntry}>
     */
    private function missing(DueJob $due, RememberedPlans $plans): array
    {
        $ids = $plans->ask($due->job, 'ids', static fn(Plan $plan): array => $plan->ids());
        $prints = $due->tally->printsOf($ids);
        $found = [];
        // Sheets whose pieces are all begun need no page any more, whatever became of it.
        foreach (0 === $due->tally->unbegun($prints) ? [] : $prints as $state) {
            if ([] === $state->missing()) {
                continue;
            }
            $kinds = [];
            foreach ($plans->ask($due->job, 'kinds', SheetKind::of(...)) as $kind) {
                $kinds[$kind->key] = $kind;
                $kinds[$kind->guides(0)->key] = $kind->guides(0);
            }
            $together = $this->archive->find($state->sheet)->together;
            foreach ($this->byKind($state) as $key => $pages) {
                if (isset($kinds[$key])) {
                    $found[] = [$kinds[$key], $this->entryOf($due, $state, $pages, $together)];
                }
            }
        }

        return $found;
    }

    /** @return array<string, non-empty-list<int>> pages that are missing, by what they are printed on */
    private function byKind(PrintState $state): array
    {
        $pages = $this->archive->find($state->sheet)->pages();
        $kinds = [];
        foreach ($state->missing() as $number) {
            if (isset($pages[$number - 1])) {
                $kinds[SheetKind::keyOf($pages[$number - 1])][] = $number;
            }
        }

        return $kinds;
    }

    /** @param non-empty-list<int> $pages */
    private function entryOf(DueJob $due, PrintState $state, array $pages, ?string $paper): DueEntry
    {
        return new DueEntry(
            $due->job->id,
            $due->job->name,
            $due->job->due,
            $due->job->transfers[0]->artwork,
            $state->makes($due->job->quantity),
            count($pages),
            $state->share,
            $state->sheet,
            $pages,
            in_array(false, array_intersect_key($state->out, array_flip($pages)), true),
            $paper,
            $this->sizeOf($due->job, $state->share),
        );
    }

    private function sizeOf(Job $job, ?int $share): string
    {
        $of = null === $share ? null : $job->breakdown[$share] ?? null;
        $catalogue = $this->jobs->catalogue();
        $kind = $catalogue->blanks[$job->blank->kindId] ?? null;

        return null === $of || null === $kind ? '' : Breakdown::label($of, $kind, $catalogue);
    }

    /** @return list<array{SheetKind, DueEntry}> */
    private function toMake(DueJob $due, RememberedPlans $plans): array
    {
        $found = [];
        foreach (
            $due->tally->toMake($plans->ask($due->job, 'ids', static fn(Plan $plan): array => $plan->ids()))
            as [$share, $pieces]
        ) {
            $kinds = $plans->ask(
                $due->job,
                sprintf('kinds of %d %s', $pieces, $share ?? 'all'),
                static fn(Plan $plan): array => SheetKind::of(
                    null === $share && $pieces === $plan->quantity
                        ? $plan
                        : (new SomePieces($pieces, $share))->of($plan),
                ),
            );
            foreach ($kinds as $kind) {
                $found[] = [
                    $kind,
                    new DueEntry(
                        $due->job->id,
                        $due->job->name,
                        $due->job->due,
                        $due->job->transfers[0]->artwork,
                        $pieces,
                        $kind->sheets,
                        $share,
                        null,
                        [],
                        false,
                        null,
                        $this->sizeOf($due->job, $share),
                    ),
                ];
            }
        }

        return $found;
    }
}
