<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

/**
 * How far a job is, read from what happened and never set by hand: its picture, its checks, its sheets, the heat, how
 * its pieces came out, and what was handed over.
 */
final readonly class Progress implements \JsonSerializable
{
    /**
     * @param int $quantity pieces that are wanted, from 1
     * @param bool $picture it has one, or needs none
     * @param int $open checks that stand against it
     * @param int|null $printed pieces whose sheets are printed; null where nothing is printed for it
     * @param int $pressed pieces that have been under all of their heat and are not spoiled
     * @param int $good pieces that came out good
     * @param int $handed pieces that the customer has; 0 where nobody waits for them
     */
    public function __construct(
        public int $quantity,
        public bool $picture,
        public int $open,
        public ?int $printed,
        public int $pressed,
        public int $good,
        public int $handed,
    ) {}

    /** @return list<array{id: string, label: string, count: int, of: int}> in their order, each as far as it is */
    public function stages(): array
    {
        $all = $this->quantity;
        $stages = [
            ['picture', 'picture', $this->picture ? 1 : 0, 1],
            ['checked', 'checked', $this->picture && 0 === $this->open ? 1 : 0, 1],
            ['printed', 'printed', min($all, $this->printed ?? 0), $all],
            ['pressed', 'pressed', min($all, $this->pressed), $all],
            ['finished', 'finished', min($all, $this->good), $all],
            ['handed', 'handed over', min($all, $this->handed), $all],
        ];

        return array_values(
            array_map(
                static fn(array $one): array => array_combine(['id', 'label', 'count', 'of'], $one),
                array_filter($stages, fn(array $one): bool => 'printed' !== $one[0] || null !== $this->printed),
            ),
        );
    }

    /** @return list<array{id: string, label: string, count: int, of: int}> */
    public function jsonSerialize(): array
    {
        return $this->stages();
    }
}
