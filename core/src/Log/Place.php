<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Run\Mark;

/** Where on a picture something went wrong. */
enum Place: string
{
    case Edge = 'edge';
    case Corner = 'corner';
    case Spot = 'spot';
    case Side = 'side';
    case All = 'all over';

    /** A mark this near to an edge, as a part of the picture, is on it (assumed: the iron's weak rim). */
    private const NEAR = 0.12;

    /** Marks in so many of the picture's quarters are all over it. */
    private const QUARTERS = 3;

    /** What marks of one defect tell; a defect without a place is all over. */
    public static function of(Mark ...$marks): self
    {
        $at = [];
        foreach ($marks as $mark) {
            if (null !== $mark->x && null !== $mark->y) {
                $at[] = [$mark->x, $mark->y];
            }
        }
        if ([] === $at) {
            return self::All;
        }
        $quarters = count(
            array_unique(array_map(static fn(array $p): int => ($p[0] < 0.5 ? 0 : 1) + ($p[1] < 0.5 ? 0 : 2), $at)),
        );
        if ($quarters >= self::QUARTERS) {
            return self::All;
        }
        $edges = array_map(
            static fn(array $p): int => (min($p[0], 1.0 - $p[0]) < self::NEAR ? 1 : 0) +
                (min($p[1], 1.0 - $p[1]) < self::NEAR ? 1 : 0),
            $at,
        );

        return match (true) {
            2 === min($edges) => self::Corner,
            min($edges) > 0 => self::Edge,
            2 === $quarters && count($at) > 2 => self::Side,
            default => self::Spot,
        };
    }

    /** Only a part of the picture, the rest of which is as it should be. */
    public function isPart(): bool
    {
        return self::All !== $this;
    }
}
