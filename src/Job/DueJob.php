<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Wubbin\Archive\PrintState;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Share;
use Wubbin\Session\SessionCount;
use Wubbin\Session\StoredRun;

/** A job that something is left of: what came out of it so far, what is at the bench, and what is printed for it. */
final readonly class DueJob
{
    /** Pieces that nobody has begun, those that have to be made again among them. */
    public int $left;

    /**
     * @param list<StoredRun> $sessions under way
     * @param list<SessionCount> $counts of all its sessions
     * @param list<PrintState> $prints of its sheets, whatever plan they are of
     */
    public function __construct(public Job $job, public array $sessions, private array $counts, private array $prints)
    {
        $this->left = max(0, $job->quantity - $this->good() - $this->inHand());
    }

    public function good(): int
    {
        return array_sum(array_map(static fn(SessionCount $one): int => $one->good, $this->counts));
    }

    /** Pieces that were made or are at the bench: their sheets were printed, whether Wubbin printed them or not. */
    public function begun(): int
    {
        return $this->good() + $this->inHand();
    }

    /** Pieces at the bench that are not judged yet. */
    public function inHand(): int
    {
        return array_sum(
            array_map(static fn(SessionCount $one): int => $one->finished ? 0 : $one->open, $this->counts),
        );
    }

    /**
     * Pieces that nobody has begun, share by share; those of sessions that nobody knows the share of count for the
     * first that have room.
     *
     * @return list<int>
     */
    public function leftOf(): array
    {
        $left = [];
        foreach ($this->quantities() as $share => $quantity) {
            $left[$share] = $quantity;
        }
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

        return array_values($left);
    }

    /** @return non-empty-list<int> pieces of each share; of the whole where they are all alike */
    private function quantities(): array
    {
        $all = array_map(static fn(Share $share): int => $share->quantity, $this->job->breakdown);

        return [] === $all ? [$this->job->quantity] : $all;
    }

    /**
     * Sheets of one plan that pages were printed of.
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
     *
     * @return array{int, string} how many, and when the last of them was printed
     */
    public function printed(array $plans): array
    {
        $prints = $this->printsOf($plans);
        $pieces = array_sum(array_map(fn(PrintState $one): int => $one->printed($this->job->quantity), $prints));

        return [
            max(0, $pieces - $this->usedSince($prints)),
            [] === $prints ? '' : max(array_map(static fn(PrintState $one): string => $one->last, $prints)),
        ];
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
        $shares = $this->quantities();
        foreach ($this->leftOf() as $n => $left) {
            $share = [] === $this->job->breakdown ? null : $n;
            $printed = array_sum(
                array_map(
                    fn(PrintState $one): int => match (true) {
                        $one->share === $share => $one->makes ?? $shares[$n],
                        null === $one->share => intdiv(
                            $shares[$n] * ($one->makes ?? $this->job->quantity),
                            $this->job->quantity,
                        ),
                        default => 0,
                    },
                    $prints,
                ),
            );
            $more = $left - max(0, $printed - $this->usedSince($prints, $share));
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
     */
    public function unbegun(array $prints): int
    {
        $for = array_sum(array_map(fn(PrintState $one): int => $one->makes ?? $this->job->quantity, $prints));

        return max(0, $for - $this->usedSince($prints));
    }

    /**
     * Pieces of sessions that took sheets which were printed before.
     *
     * @param list<PrintState> $prints
     * @param int|null $share of which alone; of all where nothing is said
     */
    private function usedSince(array $prints, ?int $share = null): int
    {
        $since = [] === $prints ? '9' : min(array_map(static fn(PrintState $one): string => $one->made, $prints));

        return array_sum(
            array_map(
                static fn(SessionCount $one): int => $one->ahead &&
                $one->created >= $since &&
                (null === $share || $share === $one->share)
                    ? $one->pieces
                    : 0,
                $this->counts,
            ),
        );
    }
}
