<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\Colour;

/** The thing that a job is pressed onto, by the names the catalogue knows it under. */
final readonly class Blank
{
    public function __construct(
        public string $kindId,
        public string $sizeId,
        public string $materialId,
        public Colour $colour,
        public Condition $condition,
        public ?Pattern $pattern = null,
    ) {}

    public function with(?Pattern $pattern): self
    {
        return new self($this->kindId, $this->sizeId, $this->materialId, $this->colour, $this->condition, $pattern);
    }
}
