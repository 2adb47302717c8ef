<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Route\UseWanted;

/** What is wanted on what. Everything else follows from it, the shelf and the house. */
final readonly class Job
{
    public const MOST_PIECES = 10000;
    public const MOST_TRANSFERS = 8;

    /**
     * @param int<1, 10000> $quantity
     * @param string|null $due a day as YYYY-MM-DD
     * @param non-empty-list<Transfer> $transfers in the order they are pressed
     * @param list<Share> $breakdown sizes and colours that the pieces divide into; empty where all are
     *                               alike
     * @param UseWanted|null $use how the pieces will live, where it is known
     * @param Series|null $series what each piece has for itself: there are as many as the quantity says
     * @param Approval|null $approval that a customer has seen it and wants it so
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $quantity,
        public ?string $due,
        public Blank $blank,
        public array $transfers,
        public string $note,
        public array $breakdown = [],
        public ?UseWanted $use = null,
        public ?Series $series = null,
        public ?Approval $approval = null,
    ) {}

    /**
     * @param int<1, 10000>|null $quantity
     * @param non-empty-list<Transfer>|null $transfers
     * @param list<Share>|null $breakdown
     */
    public function with(
        ?string $name = null,
        ?int $quantity = null,
        ?string $note = null,
        ?Blank $blank = null,
        ?array $transfers = null,
        ?array $breakdown = null,
    ): self {
        return new self(
            $this->id,
            $name ?? $this->name,
            $quantity ?? $this->quantity,
            $this->due,
            $blank ?? $this->blank,
            $transfers ?? $this->transfers,
            $note ?? $this->note,
            $breakdown ??
                (null === $blank || null === $this->series ? $this->breakdown : $this->series->shares($blank)),
            $this->use,
            null === $breakdown ? $this->series : $this->series?->alike(),
            $this->approval,
        );
    }

    /** A job to start from: the same, under another id and without a day; what was set aside must be set aside anew. */
    public function copiedAs(string $id): self
    {
        return new self(
            $id,
            mb_substr($this->name, 0, JobFile::LONGEST_NAME - 7) . ' (copy)',
            $this->quantity,
            null,
            $this->blank,
            array_map(static fn(Transfer $transfer): Transfer => $transfer->with(overrides: []), $this->transfers),
            $this->note,
            $this->breakdown,
            $this->use,
            $this->series,
        );
    }

    /**
     * A job as an order wants it: the same under another name, so many of each size and colour, by a day; what was set
     * aside must be set aside anew.
     *
     * @param int<1, 10000> $quantity
     * @param list<Share> $breakdown
     */
    public function orderedAs(string $id, string $name, int $quantity, ?string $due, array $breakdown): self
    {
        return new self(
            $id,
            $name,
            $quantity,
            $due,
            $this->blank,
            array_map(static fn(Transfer $transfer): Transfer => $transfer->with(overrides: []), $this->transfers),
            $this->note,
            $breakdown,
            $this->use,
        );
    }

    /** With a list of names, whose pieces it is made for; or without one, all pieces alike but for size and colour. */
    public function named(?Series $series): self
    {
        return new self(
            $this->id,
            $this->name,
            null === $series ? $this->quantity : JobFile::quantity(count($series->pieces)),
            $this->due,
            $this->blank,
            $this->transfers,
            $this->note,
            null === $series ? $this->breakdown : $series->shares($this->blank),
            $this->use,
            $series,
            $this->approval,
        );
    }

    /** As a customer approved it; or approved no more. */
    public function approved(?Approval $approval): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->quantity,
            $this->due,
            $this->blank,
            $this->transfers,
            $this->note,
            $this->breakdown,
            $this->use,
            $this->series,
            $approval,
        );
    }

    /** The same job, due on another day. */
    public function dueOn(?string $due): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->quantity,
            $due,
            $this->blank,
            $this->transfers,
            $this->note,
            $this->breakdown,
            $this->use,
            $this->series,
            $this->approval,
        );
    }

    /** The job that is done for one share of the pieces; a width of the share's own is that of its first picture. */
    public function forShare(Share $share): self
    {
        $blank = new Blank(
            $this->blank->kindId,
            $share->sizeId,
            $this->blank->materialId,
            $share->colour ?? $this->blank->colour,
            $this->blank->condition,
            $this->blank->pattern,
        );
        $transfers = $this->transfers;
        if (null !== $share->widthMm) {
            $transfers[0] = $transfers[0]->with(placement: self::widened($transfers[0]->placement, $share->widthMm));
        }

        return new self(
            $this->id,
            $this->name,
            $share->quantity,
            $this->due,
            $blank,
            $transfers,
            $this->note,
            [],
            $this->use,
            $this->series?->within($share, $this->blank),
        );
    }

    /** The same job, for another use. */
    public function usedAs(?UseWanted $use): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->quantity,
            $this->due,
            $this->blank,
            $this->transfers,
            $this->note,
            $this->breakdown,
            $use,
            $this->series,
            $this->approval,
        );
    }

    /**
     * The same job with nothing but this on it: what the customer approved is another, and names belong to the picture
     * that has room for them.
     */
    public function only(Transfer $transfer): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->quantity,
            $this->due,
            $this->blank,
            [$transfer],
            $this->note,
            [],
            $this->use,
            true === $transfer->made?->recipe->hasOwn() ? $this->series : null,
        );
    }

    private static function widened(Placement $old, float $widthMm): Placement
    {
        $size = $old->sizeOf(null);

        return Placement::fromMeasures(
            SizedBy::Width,
            Length::mm($widthMm),
            Length::mm($old->rightMm),
            Length::mm($old->belowMm),
            null === $old->otherMm ? null : Length::mm(($widthMm * $size->heightMm) / $size->widthMm),
        );
    }
}
