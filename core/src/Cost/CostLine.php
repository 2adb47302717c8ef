<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

/** A part of what a batch costs. */
final readonly class CostLine
{
    /**
     * @param string $id paper, ink, cover, tape, blank, energy, hands, losses or overhead
     * @param float|null $exact minor units and parts of them; null where nobody knows the price
     * @param int $minor its part of the whole, so that all parts add up
     * @param string $how what it was reckoned from
     * @param string|null $wanted the item or rate whose price nobody knows
     */
    public function __construct(
        public string $id,
        public string $label,
        public ?float $exact,
        public int $minor,
        public string $how,
        public ?string $wanted,
    ) {}

    /** @return array{id: string, label: string, minor: int|null, each: float|null, how: string, wanted: string|null} */
    public function of(int $pieces): array
    {
        return [
            'id' => $this->id,
            'label' => $this->label,
            'minor' => null === $this->exact ? null : $this->minor,
            'each' => null === $this->exact ? null : $this->exact / $pieces,
            'how' => $this->how,
            'wanted' => $this->wanted,
        ];
    }
}
