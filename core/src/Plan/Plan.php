<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Measure\Duration;

/** Everything that follows from a job, a shelf and a house. Computed, never edited. */
final class Plan implements \JsonSerializable
{
    /** Kept once it is asked for, since telling it means writing the whole plan. */
    private ?string $id = null;

    /**
     * @param int<1, max> $quantity
     * @param string $piece what one of them is called
     * @param non-empty-list<TransferPlan> $transfers in the order they are pressed
     * @param non-empty-list<list<Step>> $rounds of work on all pieces, one after another
     * @param list<SharePlan> $shares that the pieces divide into
     */
    private function __construct(
        public readonly string $jobId,
        public readonly string $jobName,
        public readonly int $quantity,
        public readonly string $piece,
        public readonly array $transfers,
        public readonly array $rounds,
        public readonly array $shares,
    ) {}

    /**
     * @param non-empty-list<Setup> $setups of the job's transfers, in their order
     * @param list<SharePlan> $shares plans of what the pieces divide into
     */
    public static function fromSetups(array $setups, array $shares = []): self
    {
        $names = Layering::names($setups);
        $transfers = [];
        foreach ($setups as $at => $setup) {
            $along = [...Layering::checks($setups, $names, $at), ...0 === $at ? Preflight::ofShares($shares) : []];
            $transfers[] = TransferPlan::fromSetup(
                $setup,
                $names[$at],
                Layering::together($setups, $at),
                $along,
                $shares,
            );
        }
        $first = $setups[0];
        $piece = Shape::Garment === $first->kind->shape ? $first->kind->label : lcfirst($first->blankName());

        return new self(
            $first->job->id,
            $first->job->name,
            $first->job->quantity,
            $piece,
            $transfers,
            WorkOrder::forTransfers($transfers, $first->catalogue->hands),
            $shares,
        );
    }

    /** Its sheets may go to the printer: all can be laid out, and no check of that stage stands against one. */
    public function printable(): bool
    {
        return [] ===
            array_filter($this->transfers, static fn(TransferPlan $transfer): bool => !$transfer->printable());
    }

    /** The whole job may be done. */
    public function ready(): bool
    {
        return [] === array_filter($this->transfers, static fn(TransferPlan $transfer): bool => !$transfer->ready());
    }

    /** @return list<Check> of all pictures */
    public function checks(): array
    {
        return array_merge(
            ...array_map(static fn(TransferPlan $transfer): array => $transfer->checks, $this->transfers),
        );
    }

    /** @return list<Step> what is done for a piece and for all of them, in order */
    public function steps(): array
    {
        return array_merge(...$this->rounds);
    }

    /**
     * Time for this many pieces made in one go: hands take one piece after another, and what waits for itself is
     * waited for once, since the next piece is in hand meanwhile.
     *
     * @param int<1, max> $pieces
     */
    public function timeFor(int $pieces): Duration
    {
        $waiting = array_filter($this->steps(), static fn(Step $step): bool => $step->kind->waits());

        return $this->handsFor($pieces)->plus(self::sum($waiting, 1));
    }

    /**
     * The part of it that keeps hands busy.
     *
     * @param int<1, max> $pieces
     */
    public function handsFor(int $pieces): Duration
    {
        return self::sum(array_filter($this->steps(), static fn(Step $step): bool => !$step->kind->waits()), $pieces);
    }

    /**
     * Eight hexadecimal digits that change with anything in the plan that shows on the sheets or at the bench.
     *
     * The name and the number of pieces are not part of it: more of the same is the same plan.
     */
    public function id(): string
    {
        $content = [
            array_map(static fn(TransferPlan $transfer): array => $transfer->content(), $this->transfers),
            array_map(static fn(SharePlan $share): string => $share->plan->id(), $this->shares),
        ];

        return $this->id ??= substr(hash('sha256', json_encode($content, \JSON_THROW_ON_ERROR)), 0, 8);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id(),
            'job_id' => $this->jobId,
            'job_name' => $this->jobName,
            'quantity' => $this->quantity,
            'piece' => $this->piece,
            'printable' => $this->printable(),
            'ready' => $this->ready(),
            'transfers' => $this->transfers,
            'steps' => $this->steps(),
            'shares' => $this->shares,
            'times' => [
                'one_s' => $this->timeFor(1)->seconds,
                'one_hands_s' => $this->handsFor(1)->seconds,
                'all_s' => $this->timeFor($this->quantity)->seconds,
                'all_hands_s' => $this->handsFor($this->quantity)->seconds,
            ],
        ];
    }

    /**
     * @param array<Step> $steps
     * @param int<1, max> $pieces
     */
    private static function sum(array $steps, int $pieces): Duration
    {
        return array_reduce(
            $steps,
            static fn(Duration $sum, Step $step): Duration => $sum->plus($step->durationFor($pieces)),
            Duration::seconds(0.0),
        );
    }
}
