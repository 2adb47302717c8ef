<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

/** How far the pages of one sheet are: what was printed of them, and how it came out. */
final readonly class PrintState
{
    /**
     * @param int|null $makes pieces that all its pages are for; unknown of sheets that were made long ago
     * @param int|null $share of its job that it is for, where it is for one only
     * @param int $pages that it has
     * @param array<int, bool|null> $out by page that was printed: whether it is good; null while nobody has looked
     * @param string $last when the last page was printed
     */
    private function __construct(
        public string $sheet,
        public string $plan,
        public string $made,
        private ?int $makes,
        public ?int $share,
        public int $pages,
        public array $out,
        public string $last,
    ) {}

    public static function ofSheet(
        string $sheet,
        string $plan,
        string $made,
        ?int $makes,
        ?int $share,
        int $pages,
    ): self {
        return new self($sheet, $plan, $made, $makes, $share, $pages, [], '');
    }

    /** The same after a page was printed. */
    public function and(int $page, ?bool $good, string $at): self
    {
        return new self(
            $this->sheet,
            $this->plan,
            $this->made,
            $this->makes,
            $this->share,
            $this->pages,
            [$page => $good] + $this->out,
            max($this->last, $at),
        );
    }

    /** @return list<int> pages that have to be printed, or printed again */
    public function missing(): array
    {
        return array_values(
            array_filter(
                range(1, max(1, $this->pages)),
                fn(int $page): bool => !array_key_exists($page, $this->out) || false === $this->out[$page],
            ),
        );
    }

    /** @return list<int> pages that nobody has looked at yet */
    public function unseen(): array
    {
        return array_keys(array_filter($this->out, static fn(?bool $good): bool => null === $good));
    }

    /**
     * Pieces that all its pages are for.
     *
     * @param int $all pieces of its job, where nobody knows how many it makes
     */
    public function makes(int $all): int
    {
        return $this->makes ?? $all;
    }

    /** Of these, those whose pages are printed and not known to be spoiled. */
    public function printed(int $all): int
    {
        $good = $this->pages - count($this->missing());

        return $this->pages < 1 ? 0 : intdiv($this->makes($all) * $good, $this->pages);
    }
}
