<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Share;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\SharePlan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Catalogue;

/** What so many pieces of a job use up: whole sheets with what is cut away, blanks, ink, tape and covers. */
final readonly class Needs
{
    private const MM2_IN_M2 = 1.0e6;
    private const MM_IN_M = 1000.0;

    /**
     * @param array<string, Item> $items by key
     * @param array<string, float> $amounts above zero, in the item's unit, by key
     */
    private function __construct(public array $items, public array $amounts) {}

    public static function nothing(): self
    {
        return new self([], []);
    }

    /**
     * @param array<string, Picture> $pictures by SHA-256; of one that is not there nobody knows how much ink it takes
     * @param int $spares sheets that are printed beyond what is needed
     */
    public static function forPieces(
        Job $job,
        Plan $plan,
        int $pieces,
        array $pictures,
        Catalogue $catalogue,
        int $spares = 0,
    ): self {
        $counts = self::divided($job, $pieces);
        $needs = self::nothing();
        foreach (
            [] === $plan->shares ? [$plan] : array_map(static fn(SharePlan $share): Plan => $share->plan, $plan->shares)
            as $n => $of
        ) {
            foreach ($counts[$n] > 0 ? $of->transfers : [] as $transfer) {
                $needs = $needs->plus(
                    self::picture($transfer, $counts[$n], $pictures[$transfer->artwork ?? ''] ?? null, $catalogue),
                );
            }
        }
        foreach ($plan->transfers as $transfer) {
            $needs = $needs->plus(self::sheets($transfer, $spares));
        }

        return $needs->plus(self::blanks($job, $counts, $catalogue));
    }

    /** So much more of an item. */
    public function with(Item $item, float $amount): self
    {
        $key = $item->key();

        return $amount > 0.0
            ? new self(
                $this->items + [$key => $item],
                array_replace($this->amounts, [$key => $amount + ($this->amounts[$key] ?? 0.0)]),
            )
            : $this;
    }

    /** Of both together. */
    public function plus(self $other): self
    {
        $sum = $this;
        foreach ($other->items as $key => $item) {
            $sum = $sum->with($item, $other->amounts[$key]);
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
        $all = array_sum(array_map(static fn(Share $share): int => $share->quantity, $job->breakdown));
        $parts = [];
        foreach ($job->breakdown as $n => $share) {
            $parts['share ' . $n] = ($pieces * $share->quantity) / $all;
        }

        return array_values(Money::apportioned($parts));
    }

    private static function picture(TransferPlan $transfer, int $pieces, ?Picture $picture, Catalogue $catalogue): self
    {
        $needs = self::sheets(
            $transfer,
            null === $transfer->tiling
                ? (int) ceil($pieces / $transfer->perSheet())
                : $pieces * count($transfer->tiling->tiles),
        );
        $marking = $transfer->marking;
        $ink = null === $marking ? null : $catalogue->consumption->ink($marking->ink);
        if (null !== $marking && null !== $ink && null !== $picture?->traits && null !== $transfer->placed) {
            [$amount, $unit] = $ink;
            $needs = $needs->with(
                new Item(Stuff::Ink, $marking->id, $marking->label, $unit),
                (($pieces * $transfer->placed->size->areaMm2()) / self::MM2_IN_M2) *
                    $amount *
                    $picture->traits->coverage($marking->colour),
            );
        }
        $tape = $catalogue->routes[$transfer->routeId]->tape ?? null;
        if (null !== $tape) {
            $needs = $needs->with(
                new Item(Stuff::Tape, $tape, $tape . ' tape', Stuff::Tape->unit()),
                ($pieces * $catalogue->consumption->tapeMm) / self::MM_IN_M,
            );
        }
        $cover = $transfer->coverId;

        return null === $cover
            ? $needs
            : $needs->with(
                new Item(Stuff::Cover, $cover, $transfer->facts->text('cover'), Stuff::Cover->unit()),
                $pieces / $catalogue->consumption->cover($cover)[0],
            );
    }

    private static function sheets(TransferPlan $transfer, int $count): self
    {
        return null === $transfer->medium || !$transfer->laidOut()
            ? self::nothing()
            : self::nothing()->with(
                new Item(Stuff::Sheet, $transfer->medium->id, $transfer->medium->label, Stuff::Sheet->unit()),
                (float) $count,
            );
    }

    /** @param list<int> $counts of each share */
    private static function blanks(Job $job, array $counts, Catalogue $catalogue): self
    {
        $blank = $job->blank;
        $needs = self::nothing();
        foreach (
            [] === $job->breakdown
                ? [[$blank->sizeId, $blank->colour]]
                : array_map(
                    static fn(Share $share): array => [$share->sizeId, $share->colour ?? $blank->colour],
                    $job->breakdown,
                )
            as $n => [$size, $colour]
        ) {
            $needs = $needs->with(Item::blank($blank->kindId, $size, $colour, $catalogue), (float) $counts[$n]);
        }

        return $needs;
    }
}
