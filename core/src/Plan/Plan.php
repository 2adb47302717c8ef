<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Sheet\Gang\KnownSheets;
use Wubbin\Core\Sheet\Gang\Unremembered;

/** Everything that follows from a job, a shelf and a house. Computed, never edited. */
final class Plan implements \JsonSerializable
{
    /** Kept once it is asked for, since telling it means writing the whole plan. */
    private ?string $id = null;

    private ?JobSheets $sheets = null;

    private ?KnownSheets $known = null;

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
     * A whole job, held against the paper that there is.
     *
     * @param non-empty-list<Setup> $setups of the job's transfers, in their order
     * @param list<SharePlan> $shares plans of what the pieces divide into
     * @param KnownSheets $known how sheets were filled before
     */
    public static function ofJob(array $setups, array $shares, KnownSheets $known): self
    {
        $plan = self::fromSetups($setups, $shares);
        $plan->known = $known;
        $short = [];
        foreach ($plan->sheets()->byMedium() as $id => [, $wanted]) {
            $there = $setups[0]->brief->shelf->paper->sheets[$id] ?? null;
            if (null !== $there && $there < $wanted) {
                $short[$id] = Preflight::ofStock($there, $wanted);
            }
        }
        if ([] !== $short) {
            $told = self::fromSetups($setups, $shares, $short);
            [$told->sheets, $told->known] = [$plan->sheets, $known];
            $plan = $told;
        }

        return $plan;
    }

    /**
     * @param non-empty-list<Setup> $setups of the job's transfers, in their order
     * @param list<SharePlan> $shares plans of what the pieces divide into
     * @param array<string, Check> $short what is told of a paper, by its id
     */
    public static function fromSetups(array $setups, array $shares = [], array $short = []): self
    {
        $names = Layering::names($setups);
        $transfers = [];
        foreach ($setups as $at => $setup) {
            $along = [
                ...Layering::checks($setups, $names, $at),
                ...0 === $at ? Preflight::ofShares($shares) : [],
                ...array_values(array_intersect_key($short, [$setup->outfit->medium->id ?? '' => 1])),
            ];
            $transfers[] = TransferPlan::fromSetup(
                $setup,
                $names[$at],
                Layering::together($setups, $at),
                $along,
                $shares,
            );
        }
        $first = $setups[0];
        $piece =
            Shape::Garment === $first->brief->kind->shape
                ? $first->brief->kind->label
                : lcfirst($first->brief->blankName());

        return new self(
            $first->brief->job->id,
            $first->brief->job->name,
            $first->brief->job->quantity,
            $piece,
            $transfers,
            WorkOrder::forTransfers($transfers, $first->brief->catalogue->hands),
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

    /** All pieces as the job's own, whatever they divide into. */
    public function alike(): self
    {
        return [] === $this->shares ? $this : $this->ofPieces($this->quantity);
    }

    /**
     * Of so many pieces only, all alike: what is left, or has to be made again.
     *
     * @param int<1, max> $pieces
     */
    public function ofPieces(int $pieces): self
    {
        $plan = new self($this->jobId, $this->jobName, $pieces, $this->piece, $this->transfers, $this->rounds, []);
        $plan->known = $this->known;

        return $plan;
    }

    /**
     * Of some of the pieces of each share, or of the whole.
     *
     * @param non-empty-list<int> $counts
     */
    public function some(array $counts): self
    {
        $plan = new self(
            $this->jobId,
            $this->jobName,
            max(1, array_sum($counts)),
            $this->piece,
            $this->transfers,
            $this->rounds,
            $this->shares,
        );
        [$plan->known, $plan->sheets] = [$this->known, $this->sheetsFor($counts)];

        return $plan;
    }

    /** @return non-empty-list<array{self, int, string}> what the pieces divide into: its plan, how many, its name */
    public function parts(): array
    {
        return [] === $this->shares
            ? [[$this, $this->quantity, '']]
            : array_map(
                static fn(SharePlan $share): array => [$share->plan, $share->quantity, $share->label],
                $this->shares,
            );
    }

    /**
     * So many pieces of each share, in the proportion that all of them have; or of the whole.
     *
     * @return list<int>
     */
    public function divided(int $pieces): array
    {
        $parts = [];
        foreach ($this->parts() as $n => [, $quantity]) {
            $parts['share ' . $n] = ($pieces * $quantity) / $this->quantity;
        }

        return array_values(Money::apportioned($parts));
    }

    /** Of all its pieces; laid out once. */
    public function sheets(): JobSheets
    {
        return $this->sheets ??= $this->sheetsFor(null);
    }

    /** @param list<int>|null $counts pieces of each share, or of the whole; nothing for as many as the job has */
    public function sheetsFor(?array $counts): JobSheets
    {
        return JobSheets::of($this, $counts, $this->known ?? new Unremembered());
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

    /** @return non-empty-list<string> that its sheets and sessions go by: of all pieces, of those of one share */
    public function ids(): array
    {
        return array_values(
            array_unique([
                $this->id(),
                $this->alike()->id(),
                ...array_map(static fn(SharePlan $share): string => $share->plan->id(), $this->shares),
            ]),
        );
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
        ];
    }
}
