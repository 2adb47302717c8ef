<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Share;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Catalogue;

/** What so many pieces of a job use up: whole sheets with what is cut away, blanks, ink, tape and covers. */
final class Needs
{
    private const MM2_IN_M2 = 1.0e6;

    /** @var array<string, Item> by key */
    public array $items = [];

    /** @var array<string, float> in the item's unit, by key */
    public array $amounts = [];

    private function __construct(private readonly Catalogue $catalogue)
    {
    }

    /**
     * @param array<string, Picture> $pictures by SHA-256
     * @param int                    $spares   sheets that are printed beyond what is needed
     */
    public static function of(Job $job, Plan $plan, int $pieces, array $pictures, Catalogue $catalogue, int $spares = 0): self
    {
        $needs = new self($catalogue);
        $counts = self::divided($job, $pieces);
        foreach ([] === $plan->shares ? [$plan] : array_map(static fn ($share): Plan => $share->plan, $plan->shares) as $n => $of) {
            foreach ($counts[$n] > 0 ? $of->transfers : [] as $transfer) {
                $needs->picture($transfer, $counts[$n], $pictures[$transfer->artwork ?? ''] ?? null);
            }
        }
        foreach ($spares > 0 ? $plan->transfers : [] as $transfer) {
            $needs->sheets($transfer, $spares);
        }
        $needs->blanks($job, $counts);

        return $needs;
    }

    /** Of both together. */
    public function plus(self $other): self
    {
        $sum = clone $this;
        foreach ($other->items as $key => $item) {
            $sum->add($item, $other->amounts[$key]);
        }

        return $sum;
    }

    /**
     * So many pieces of each share, in the proportion that all of them have.
     *
     * @return list<int>
     */
    private static function divided(Job $job, int $pieces): array
    {
        if ([] === $job->breakdown) {
            return [$pieces];
        }
        $all = array_sum(array_map(static fn (Share $share): int => $share->quantity, $job->breakdown));
        $parts = [];
        foreach ($job->breakdown as $n => $share) {
            $parts['share '.$n] = $pieces * $share->quantity / $all;
        }

        return array_values(Money::apportioned($parts));
    }

    private function picture(TransferPlan $transfer, int $pieces, ?Picture $picture): void
    {
        $this->sheets($transfer, null === $transfer->tiling ? (int) ceil($pieces / $transfer->perSheet()) : $pieces * count($transfer->tiling->tiles));
        $traits = $picture?->traits;
        $ink = null === $transfer->marking ? null : $this->catalogue->consumption->ink($transfer->marking->ink);
        if (null !== $transfer->marking && null !== $ink && null !== $traits && null !== $transfer->placed) {
            [$amount, $unit] = $ink;
            $this->add(new Item(Stuff::Ink, $transfer->marking->id, $transfer->marking->label, $unit), $pieces * $transfer->placed->size->areaMm2() / self::MM2_IN_M2 * $amount * $traits->coverage($transfer->marking->colour));
        }
        $tape = $this->catalogue->routes[$transfer->routeId]->tape ?? null;
        if (null !== $tape) {
            $this->add(new Item(Stuff::Tape, $tape, $tape.' tape', Stuff::Tape->unit()), $pieces * $this->catalogue->consumption->tapeMm / 1000.0);
        }
        $cover = $transfer->coverId;
        if (null !== $cover) {
            $this->add(new Item(Stuff::Cover, $cover, $transfer->facts->text('cover'), Stuff::Cover->unit()), $pieces / $this->catalogue->consumption->cover($this->catalogue->covers[$cover]->id ?? $cover)[0]);
        }
    }

    private function sheets(TransferPlan $transfer, int $count): void
    {
        if (null !== $transfer->medium && $transfer->laidOut()) {
            $this->add(new Item(Stuff::Sheet, $transfer->medium->id, $transfer->medium->label, Stuff::Sheet->unit()), (float) $count);
        }
    }

    /** @param list<int> $counts */
    private function blanks(Job $job, array $counts): void
    {
        $blank = $job->blank;
        foreach ([] === $job->breakdown ? [[$blank->sizeId, $blank->colour]] : array_map(static fn (Share $share): array => [$share->sizeId, $share->colour ?? $blank->colour], $job->breakdown) as $n => [$size, $colour]) {
            $this->add(Item::blank($blank->kindId, $size, $colour, $this->catalogue), (float) $counts[$n]);
        }
    }

    private function add(Item $item, float $amount): void
    {
        if ($amount > 0.0) {
            $this->items[$item->key()] = $item;
            $this->amounts[$item->key()] = ($this->amounts[$item->key()] ?? 0.0) + $amount;
        }
    }
}
