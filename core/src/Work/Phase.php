<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

use Wubbin\Core\Plan\Step;

/** A part of a round: what is done to each piece, and what is then done once, as switching the heat off is. */
final readonly class Phase
{
    /**
     * @param list<Chain> $chains
     * @param list<Step> $closing
     */
    public function __construct(public array $chains, public array $closing) {}

    /**
     * @param list<Step> $steps of a round, those on sheets left out
     * @param string $peel how the backing is peeled: hot, warm or cold
     *
     * @return non-empty-list<self>
     */
    public static function all(array $steps, string $peel): array
    {
        $parts = [[[], []]];
        foreach ($steps as $step) {
            $at = count($parts) - 1;
            if ($step->oncePieces()) {
                $parts[$at][1][] = $step;
            } elseif ([] === $parts[$at][1]) {
                $parts[$at][0][] = $step;
            } else {
                $parts[] = [[$step], []];
            }
        }

        return array_map(static fn(array $part): self => new self(Chain::all($part[0], $peel), $part[1]), $parts);
    }
}
