<?php

declare(strict_types=1);

namespace Wubbin\Today;

use Wubbin\Core\Day\Block;
use Wubbin\Core\Day\LaneKind;
use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Work\Places;
use Wubbin\Day\Agenda;
use Wubbin\Job\DueJob;
use Wubbin\Order\OrderView;
use Wubbin\Sheet\Due\DueEntry;
use Wubbin\Sheet\Due\DueGroup;

/** The next things of the plan for hands to do, each with what starts it right. */
final readonly class NextThings
{
    private const MOST = 5;

    /** @var array<string, int> places of groups that are late, by job */
    private array $late;

    /**
     * @param list<DueGroup> $groups sheets that are due
     * @param array<string, int> $unsettled how many checks stand against a job, by its id
     */
    public function __construct(
        private Agenda $agenda,
        private Timetable $table,
        private array $groups,
        private array $unsettled,
    ) {
        $this->late = array_flip($table->late());
    }

    /**
     * @param list<OrderView> $ready orders that can be handed over
     * @param int|null $person whose, from 0
     *
     * @return list<NextThing> what comes first in front
     */
    public function of(array $ready, ?int $person): array
    {
        $now = $this->agenda->day->now;
        $things = $begun = [];
        foreach ($ready as $order) {
            $things['hand-over ' . $order->id] = new NextThing(
                'hand-over',
                $now,
                $now,
                $order->id,
                $order->label,
                $order->lines[0]->artwork ?? null,
                $order->lines[0]->colour ?? '#ffffff',
                'hand over',
                $order->good - $order->handed,
                0,
                false,
            );
        }
        foreach ($this->groups as $group) {
            foreach ($this->again($group, $now) as $key => $thing) {
                $things[$key] = $thing;
                $begun += array_fill_keys($thing->jobs ?? [], true);
            }
        }
        $blocks = array_filter(
            Block::all($this->table),
            static fn(Block $one): bool => LaneKind::Hands->key() === $one->kind &&
                (null === $person || $one->lane === $person),
        );
        usort($blocks, static fn(Block $one, Block $other): int => $one->start <=> $other->start);
        foreach ($blocks as $block) {
            if (count($things) >= self::MOST) {
                break;
            }
            $due = $this->agenda->jobs[$block->group] ?? null;
            $thing = null === $due || $block->began ? null : $this->thing($block, $due);
            // What comes later of the same job can be begun only after this.
            $key = null === $thing ? '' : $thing->run ?? $thing->id;
            if (null !== $thing && !isset($begun[$key])) {
                $begun += array_fill_keys([$key, ...$this->jobsOf($thing->group)], true);
                $things[$thing->does . ' ' . ($thing->group ?? $key)] ??= $thing;
            }
        }

        return array_slice(array_values($things), 0, self::MOST);
    }

    /** @return array<string, NextThing> sheets of a group that came out wrong: the printer is still loaded */
    private function again(DueGroup $group, int $now): array
    {
        $again = array_values(array_filter($group->entries, static fn(DueEntry $one): bool => $one->again));
        $job = [] === $again ? null : $this->agenda->jobs[$again[0]->job]->job ?? null;

        return null === $job
            ? []
            : [
                'again ' . $group->key => new NextThing(
                    'print',
                    $now,
                    $now,
                    $job->id,
                    $again[0]->name,
                    $again[0]->artwork,
                    $job->blank->colour->toHex(),
                    'came out wrong, once more',
                    array_sum(array_map(static fn(DueEntry $one): int => count($one->pages), $again)),
                    0,
                    isset($this->late[$job->id]),
                    $group->key,
                    of: $group->medium_label,
                    jobs: array_values(array_unique(array_map(static fn(DueEntry $one): string => $one->job, $again))),
                ),
            ];
    }

    private function thing(Block $block, DueJob $due): ?NextThing
    {
        $words = array_merge(...array_map(static fn(string $label): array => explode(', ', $label), $block->labels));
        $what = implode(', ', array_slice(array_values(array_unique($words)), 0, 4));
        $run = $block->session();
        if (null !== $run) {
            return $this->made($block, $due->job, 'go-on', $what, max(1, count($block->pieces)), run: $run);
        }
        if (($this->unsettled[$due->job->id] ?? 0) > 0) {
            return $this->made($block, $due->job, 'settle', $what, $this->unsettled[$due->job->id]);
        }
        $prints = [] !== array_intersect($words, self::printing());
        $group = $prints ? $this->groupOf($due->job->id) : null;
        if (null !== $group) {
            return $this->made(
                $block,
                $due->job,
                'print',
                // What is easily wrong at this moment: how the paper lies.
                Record::of($group->loading)->string('words'),
                $group->sheets,
                group: $group->key,
                of: $group->medium_label . (count($group->entries) > 1 ? sprintf(', %d jobs', self::jobs($group)) : ''),
            );
        }
        [$share, $pieces, $label] = $this->lot($due);

        return 0 === $pieces
            ? null
            : $this->made(
                $block,
                $due->job,
                'begin',
                $what,
                $pieces,
                share: $share,
                of: $label,
                left: $due->tally->left,
            );
    }

    private function made(
        Block $block,
        Job $job,
        string $does,
        string $what,
        int $count,
        ?string $group = null,
        ?string $run = null,
        ?int $share = null,
        string $of = '',
        int $left = 0,
    ): NextThing {
        return new NextThing(
            $does,
            $block->start,
            $block->end,
            $job->id,
            $job->name,
            $job->transfers[0]->artwork,
            $job->blank->colour->toHex(),
            $what,
            $count,
            $block->lane,
            isset($this->late[$job->id]),
            $group,
            $run,
            $share,
            $of,
            left: $left,
        );
    }

    /** @return array{int|null, int, string} share, pieces and size of the session that comes next */
    private function lot(DueJob $due): array
    {
        foreach ($due->tally->leftOf() as $n => $left) {
            if ($left > 0) {
                $share = $due->job->breakdown[$n] ?? null;

                return [
                    null === $share ? null : $n,
                    min($left, Places::SESSION),
                    null === $share ? '' : $share->sizeId,
                ];
            }
        }

        return [null, 0, ''];
    }

    private function groupOf(string $job): ?DueGroup
    {
        foreach ($this->groups as $group) {
            foreach ($group->entries as $entry) {
                if ($entry->job === $job) {
                    return $group;
                }
            }
        }

        return null;
    }

    /** @return list<string> jobs whose sheets are printed with a group */
    private function jobsOf(?string $key): array
    {
        $jobs = [];
        foreach ($this->groups as $group) {
            if ($group->key === $key) {
                array_push($jobs, ...array_map(static fn(DueEntry $one): string => $one->job, $group->entries));
            }
        }

        return $jobs;
    }

    private static function jobs(DueGroup $group): int
    {
        return count(array_unique(array_map(static fn(DueEntry $one): string => $one->job, $group->entries)));
    }

    /** @return list<string> words of what a sheet is made by */
    private static function printing(): array
    {
        return array_values(
            array_map(
                static fn(StepKind $kind): string => $kind->label(),
                array_filter(StepKind::cases(), static fn(StepKind $kind): bool => $kind->makesPrint()),
            ),
        );
    }
}
