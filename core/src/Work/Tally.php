<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Share;

/**
 * What became of the pieces of a job so far, and what is printed for those that are left: reckoned from its sessions
 * and its sheets, size by size where its pieces differ.
 */
final readonly class Tally
{
    /** Pieces that nobody has begun, those that have to be made again among them. */
    public int $left;

    /** @var non-empty-list<int> pieces of each share; of the whole where they are all alike */
    private array $quantities;

    /**
     * @param list<SessionCount> $counts of all its sessions
     * @param list<PrintState> $prints of its sheets, whatever plan they are of
     */
    public function __construct(private Job $job, private array $counts, private array $prints)
    {
        $shares = array_map(static fn(Share $share): int => $share->quantity, $job->breakdown);
        $this->quantities = [] === $shares ? [$job->quantity] : $shares;
        $this->left = max(0, $job->quantity - $this->begun());
    }

    public function good(): int
    {
        return array_sum(array_map(static fn(SessionCount $one): int => $one->good, $this->counts));
    }

    /** Pieces at the bench that are not judged yet. */
    public function inHand(): int
    {
        return array_sum(
            array_map(static fn(SessionCount $one): int => $one->finished ? 0 : $one->open, $this->counts),
        );
    }

    /** Pieces that were made or are at the bench: their sheets were printed, whether Wubbin printed them or not. */
    public function begun(): int
    {
        return $this->good() + $this->inHand();
    }

    /**
     * Pieces that nobody has begun, share by share; those of sessions that nobody knows the share of count for the
     * first that have room.
     *
     * @return list<int<0, max>>
     */
    public function leftOf(): array
    {
        $left = $this->quantities;
        $unsaid = 0;
        foreach ($this->counts as $one) {
            $over = $one->good + ($one->finished ? 0 : $one->open);
            if (null !== $one->share && isset($left[$one->share])) {
                $left[$one->share] -= $over;
            } else {
                $unsaid += $over;
            }
        }
        foreach ($left as $share => $count) {
            $own = min(max(0, $count), $unsaid);
            $unsaid -= $own;
            $left[$share] = max(0, $count - $own);
        }

        return $left;
    }

    /**
     * Sheets of one plan.
     *
     * @param list<string> $plans ids that its plan goes by, that of the whole and those of its shares
     *
     * @return list<PrintState>
     */
    public function printsOf(array $plans): array
    {
        return array_values(
            array_filter($this->prints, static fn(PrintState $one): bool => in_array($one->plan, $plans, true)),
        );
    }

    /**
     * Some sheets were printed before the job was changed, and none since.
     *
     * @param list<string> $plans
     */
    public function printedBefore(array $plans): bool
    {
        return [] !== $this->prints && [] === $this->printsOf($plans) && $this->left > 0;
    }

    /**
     * Pieces that sheets of this plan are printed for and nobody has begun: those that are known to be spoiled are not
     * among them.
     *
     * @param list<string> $plans
     * @param int|null $share of which alone; of all where nothing is said
     *
     * @return array{int, string} how many, and when the last of them was printed
     */
    public function printed(array $plans, ?int $share = null): array
    {
        $pieces = 0;
        $last = '';
        $prints = $this->printsOf($plans);
        foreach ($prints as $one) {
            $own = $this->of($one, $share, $one->printed($this->job->quantity));
            $pieces += $own;
            $last = $own > 0 ? max($last, $one->last) : $last;
        }

        return [max(0, $pieces - $this->usedSince($prints, $share)), $last];
    }

    /**
     * What sheets still have to be made for: pieces that nobody has begun and that no sheets of this plan are for,
     * whether all of those are printed yet or not.
     *
     * @param list<string> $plans
     *
     * @return list<array{int|null, int<1, max>}> share and how many pieces; no share where it is for all of the job
     */
    public function toMake(array $plans): array
    {
        $prints = $this->printsOf($plans);
        if ([] === $prints && $this->left === $this->job->quantity) {
            return [[null, $this->job->quantity]];
        }
        $make = [];
        foreach ($this->leftOf() as $n => $left) {
            $share = [] === $this->job->breakdown ? null : $n;
            $more = $left - $this->unbegun($prints, $share);
            if ($more > 0) {
                $make[] = [$share, $more];
            }
        }

        return $make;
    }

    /**
     * Pieces that such sheets are for and that nobody has begun.
     *
     * @param list<PrintState> $prints
     * @param int|null $share of which alone; of all where nothing is said
     */
    public function unbegun(array $prints, ?int $share = null): int
    {
        $for = array_sum(
            array_map(fn(PrintState $one): int => $this->of($one, $share, $one->makes($this->job->quantity)), $prints),
        );

        return max(0, $for - $this->usedSince($prints, $share));
    }

    /** How many pieces of a sheet are of a share: of one for the whole job, in the proportion that the job has. */
    private function of(PrintState $sheet, ?int $share, int $pieces): int
    {
        return match (true) {
            null === $share, $sheet->share === $share => $pieces,
            null === $sheet->share => intdiv($pieces * ($this->quantities[$share] ?? 0), $this->job->quantity),
            default => 0,
        };
    }

    /**
     * Pieces of sessions that took sheets which were printed before.
     *
     * @param list<PrintState> $prints
     */
    private function usedSince(array $prints, ?int $share): int
    {
        $since = [] === $prints ? '9' : min(array_map(static fn(PrintState $one): string => $one->made, $prints));
        $used = 0;
        foreach ($this->counts as $one) {
            $used +=
                $one->ahead && $one->created >= $since && in_array($share, [null, $one->share], true)
                    ? $one->pieces
                    : 0;
        }

        return $used;
    }
}
