<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Route\Finish;

/** What is wanted on what. Everything else follows from it, the shelf and the house. */
final readonly class Job
{
    public const MOST_PIECES = 10000;

    /**
     * @param int<1, 10000>  $quantity
     * @param string|null    $due         a day as YYYY-MM-DD
     * @param string|null    $artwork     SHA-256 of the picture's file, in hexadecimal
     * @param string|null    $artworkName the file's name as the person knows it
     * @param list<Override> $overrides
     * @param list<Share>    $breakdown   sizes and colours that the pieces divide into; empty where all are alike
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $quantity,
        public ?string $due,
        public Blank $blank,
        public ?string $artwork,
        public ?string $artworkName,
        public Placement $placement,
        public string $routeId,
        public Finish $finish,
        public Choices $choices,
        public array $overrides,
        public string $note,
        public array $breakdown = [],
    ) {
    }

    /** A job to start from: the same, under another id and without a day; what was set aside must be set aside anew. */
    public function copiedAs(string $id): self
    {
        return new self($id, mb_substr($this->name, 0, JobFile::LONGEST_NAME - 7).' (copy)', $this->quantity, null, $this->blank, $this->artwork, $this->artworkName, $this->placement, $this->routeId, $this->finish, $this->choices, [], $this->note, $this->breakdown);
    }

    /** The job that is done for one share of the pieces. */
    public function forShare(Share $share): self
    {
        $blank = new Blank($this->blank->kindId, $share->sizeId, $this->blank->materialId, $share->colour ?? $this->blank->colour, $this->blank->condition);
        $old = $this->placement;
        $placement = null === $share->widthMm ? $old : Placement::of(
            SizedBy::Width,
            Length::mm($share->widthMm),
            Length::mm($old->rightMm),
            Length::mm($old->belowMm),
            null === $old->otherMm ? null : Length::mm($share->widthMm * $old->sizeOf(null)->heightMm / $old->sizeOf(null)->widthMm),
        );

        return new self($this->id, $this->name, $share->quantity, $this->due, $blank, $this->artwork, $this->artworkName, $placement, $this->routeId, $this->finish, $this->choices, $this->overrides, $this->note);
    }
}
