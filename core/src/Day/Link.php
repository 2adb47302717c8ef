<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** A part of the chain that decides when something is over: work of one group, and what it had waited for. */
final readonly class Link
{
    /**
     * @param non-empty-list<string> $labels of what is done, each once
     * @param string $because after, begin, or the kind of lane that was not free before
     *                        (“hands”, “machine …”, “place …”)
     */
    public function __construct(
        public string $group,
        public array $labels,
        public string $because,
        public int $start,
        public int $end,
    ) {}

    /**
     * What follows on each other in one group is one link; it waited for what its first part waited for.
     *
     * @param list<self> $links
     *
     * @return list<self>
     */
    public static function merged(array $links): array
    {
        $merged = [];
        foreach ($links as $link) {
            $last = array_pop($merged);
            array_push(
                $merged,
                ...match (true) {
                    null === $last => [$link],
                    $last->group === $link->group => [
                        new self(
                            $last->group,
                            array_values(array_unique([...$last->labels, ...$link->labels])),
                            $last->because,
                            $last->start,
                            $link->end,
                        ),
                    ],
                    default => [$last, $link],
                },
            );
        }

        return $merged;
    }

    /** Why it did not begin earlier, in words. */
    public function words(): string
    {
        return match (true) {
            'begin' === $this->because => 'begins as soon as hands do',
            'after' === $this->because => 'comes after it',
            'hands' === $this->because => 'waits for hands',
            default => 'waits for the ' . preg_replace('/^(machine|place) /', '', $this->because),
        };
    }
}
