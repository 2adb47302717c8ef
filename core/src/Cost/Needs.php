<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Share;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Medium;

/** What so many pieces of a job use up: whole sheets with what is cut away, blanks, ink, tape and covers. */
final readonly class Needs
{
    private const MM2_IN_M2 = 1.0e6;
    private const MM_IN_M = 1000.0;

    /**
     * @param array<string, Item> $items by key
     * @param array<string, float> $amounts above zero, in the item's unit, by key
     * @param int $spares sheets of each paper among them that are beyond what is needed
     */
    private function __construct(public array $items, public array $amounts, public int $spares = 0) {}

    public static function nothing(): self
    {
        return new self([], []);
    }

    /**
     * @param array<string, Picture> $pictures by SHA-256; of one that is not there nobody knows how much ink it takes
     * @param int $spares sheets of each paper that are printed beyond what is needed
     */
    public static function forPieces(
        Job $job,
        Plan $plan,
        int $pieces,
        array $pictures,
        Catalogue $catalogue,
        int $spares = 0,
    ): self {
        $counts = $plan->divided($pieces);
        $needs = self::nothing();
        $sheets = $pieces === $plan->quantity ? $plan->sheets() : $plan->sheetsFor($counts);
        foreach ($sheets->byMedium() as [$medium, $count]) {
            $needs = $needs->with(self::sheet($medium), (float) ($count + $spares));
        }
        foreach ($plan->parts() as $n => [$of]) {
            foreach ($counts[$n] > 0 ? $of->transfers : [] as $transfer) {
                $needs = $needs->plus(
                    self::picture($transfer, $counts[$n], $pictures[$transfer->artwork() ?? ''] ?? null, $catalogue),
                );
            }
        }

        $needs = $needs->plus(self::blanks($job, [] === $plan->shares ? [] : $job->breakdown, $counts, $catalogue));

        return new self($needs->items, $needs->amounts, $spares);
    }

    public static function sheet(Medium $medium): Item
    {
        return new Item(Stuff::Sheet, $medium->id, $medium->label, Stuff::Sheet->unit());
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

    private static function picture(TransferPlan $transfer, int $pieces, ?Picture $picture, Catalogue $catalogue): self
    {
        $needs = self::nothing();
        $marking = $transfer->outfit->marking;
        $ink = null === $marking ? null : $catalogue->consumption->ink($marking->ink);
        if (null !== $marking && null !== $ink && null !== $picture?->traits && null !== $transfer->placing->placed) {
            [$amount, $unit] = $ink;
            $needs = $needs->with(
                new Item(Stuff::Ink, $marking->id, $marking->label, $unit),
                (($pieces * $transfer->placing->placed->size->areaMm2()) / self::MM2_IN_M2) *
                    $amount *
                    $picture->traits->coverage($marking->colour),
            );
        }
        $tape = $catalogue->routes[$transfer->brief->route->id]->heating->tape ?? null;
        if (null !== $tape) {
            $needs = $needs->with(
                new Item(Stuff::Tape, $tape, $tape . ' tape', Stuff::Tape->unit()),
                ($pieces * $catalogue->consumption->tapeMm) / self::MM_IN_M,
            );
        }
        $cover = $transfer->outfit->cover?->id;

        return null === $cover
            ? $needs
            : $needs->with(
                new Item(Stuff::Cover, $cover, $transfer->facts->text('cover'), Stuff::Cover->unit()),
                $pieces / $catalogue->consumption->cover($cover)[0],
            );
    }

    /**
     * @param list<Share> $shares
     * @param list<int> $counts of each of them, or of all
     */
    private static function blanks(Job $job, array $shares, array $counts, Catalogue $catalogue): self
    {
        $blank = $job->blank;
        $needs = self::nothing();
        foreach (
            [] === $shares
                ? [[$blank->sizeId, $blank->colour]]
                : array_map(
                    static fn(Share $share): array => [$share->sizeId, $share->colour ?? $blank->colour],
                    $shares,
                )
            as $n => [$size, $colour]
        ) {
            $needs = $needs->with(Item::blank($blank->kindId, $size, $colour, $catalogue), (float) $counts[$n]);
        }

        return $needs;
    }
}
