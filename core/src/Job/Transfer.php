<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\KeptWhole;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\Subject;
use Wubbin\Core\Ready\Made;
use Wubbin\Core\Route\Finish;

/** One picture that comes onto one place of the blank, and the way it goes there. A job has one or several. */
final readonly class Transfer
{
    /**
     * @param string $sideId of the blank, by the names its kind has for them
     * @param bool $over it is meant to lie over what was put on the same side before it
     * @param string|null $artwork SHA-256 of the picture's file, in hexadecimal
     * @param string|null $artworkName the file's name as the person knows it
     * @param list<Override> $overrides
     * @param list<Subject> $shows what the person says is in the picture
     * @param list<KeptWhole> $whole where no join is to run through it
     * @param Made|null $made how the picture was made of another; null where it is as it came
     */
    public function __construct(
        public string $sideId,
        public bool $over,
        public ?string $artwork,
        public ?string $artworkName,
        public Placement $placement,
        public string $routeId,
        public Finish $finish,
        public Choices $choices,
        public array $overrides,
        public array $shows = [],
        public array $whole = [],
        public OnSheet $onSheet = new OnSheet(),
        public ?Made $made = null,
    ) {}

    /**
     * @param list<Override>|null $overrides
     * @param list<Subject>|null $shows
     * @param list<KeptWhole>|null $whole
     */
    public function with(
        ?string $sideId = null,
        ?bool $over = null,
        ?Placement $placement = null,
        ?string $routeId = null,
        ?Finish $finish = null,
        ?Choices $choices = null,
        ?array $overrides = null,
        ?array $shows = null,
        ?array $whole = null,
        ?OnSheet $onSheet = null,
    ): self {
        return new self(
            $sideId ?? $this->sideId,
            $over ?? $this->over,
            $this->artwork,
            $this->artworkName,
            $placement ?? $this->placement,
            $routeId ?? $this->routeId,
            $finish ?? $this->finish,
            $choices ?? $this->choices,
            $overrides ?? $this->overrides,
            $shows ?? $this->shows,
            $whole ?? $this->whole,
            $onSheet ?? $this->onSheet,
            $this->made,
        );
    }

    /** Another picture, with how it was made. */
    public function withArtwork(?string $sha256, ?string $name, ?Made $made = null): self
    {
        return new self(
            $this->sideId,
            $this->over,
            $sha256,
            $name,
            $this->placement,
            $this->routeId,
            $this->finish,
            $this->choices,
            $this->overrides,
            $this->shows,
            $this->whole,
            $this->onSheet,
            $made,
        );
    }
}
