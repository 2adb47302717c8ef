<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Blank\Blank;
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
    ) {
    }

    /** A job to start from: the same, under another id and without a day; what was set aside must be set aside anew. */
    public function copiedAs(string $id): self
    {
        return new self($id, mb_substr($this->name, 0, JobFile::LONGEST_NAME - 7).' (copy)', $this->quantity, null, $this->blank, $this->artwork, $this->artworkName, $this->placement, $this->routeId, $this->finish, $this->choices, [], $this->note);
    }
}
