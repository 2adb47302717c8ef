<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** A part of the chain that decides when something is over: work of one group, and what it had waited for. */
final readonly class Link
{
    public const AFTER = 'after';
    public const BEGIN = 'begin';
    public const AIR = 'air';

    /**
     * @param non-empty-list<string> $labels of what is done, each once
     * @param string $because AFTER, BEGIN, AIR, or the key of what was not free before
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
    public function words(Workshop $workshop): string
    {
        if (self::BEGIN === $this->because) {
            return 'begins when work begins';
        }
        if (self::AFTER === $this->because) {
            return 'comes after it';
        }
        if (self::AIR === $this->because) {
            return 'waits, because nothing that burns is opened beside heat';
        }
        [$kind, $id] = LaneKind::read($this->because);

        return match ($kind) {
            LaneKind::Hands => 'waits until somebody is free',
            LaneKind::Machine => 'waits for the ' . $workshop->name($id),
            LaneKind::Place => 'waits for the ' . $id,
        };
    }
}
