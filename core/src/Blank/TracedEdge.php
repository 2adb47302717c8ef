<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\SelfCrossing;

/**
 * The true outline of one side of a piece, in mm, its origin at the middle of the topmost level; and the line so far
 * beyond it that an all-over picture is printed to.
 */
final readonly class TracedEdge
{
    public const MOST_POINTS = 500;
    public const MOST_OVERSCAN_MM = 50.0;

    /** Points of the line beyond are so far apart, in mm. */
    private const STEP_MM = 2.0;

    /** @param non-empty-list<array{float, float}> $points */
    private function __construct(public array $points, public float $overscanMm) {}

    /**
     * @param list<array{float, float}> $points in mm, from any origin
     *
     * @throws BadRecord for too few points or too many, a line that crosses itself, a piece of more than 2 m
     */
    public static function fromPoints(array $points, float $overscanMm): self
    {
        if (count($points) < 3) {
            throw BadRecord::at('points', 'Click round the outline. It needs three points or more.');
        }
        if (count($points) > self::MOST_POINTS) {
            throw BadRecord::at('points', 'An outline has 500 points at most.');
        }
        if ($overscanMm < 0.0 || $overscanMm > self::MOST_OVERSCAN_MM) {
            throw BadRecord::at('overscan', 'Write a margin from 0 to 50 mm (2 in).');
        }
        $crossing = SelfCrossing::of($points);
        if (null !== $crossing) {
            throw BadRecord::at(
                'points',
                sprintf(
                    'The outline crosses itself between points %d and %d, and between %d and %d. Drag one of them.',
                    $crossing[0] + 1,
                    $crossing[0] + 2,
                    $crossing[1] + 1,
                    (($crossing[1] + 1) % count($points)) + 1,
                ),
            );
        }
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
        if (max($xs) - min($xs) > BlankSize::LARGEST_MM || max($ys) - min($ys) > BlankSize::LARGEST_MM) {
            throw BadRecord::at(
                'points',
                'This is more than 2000 mm (79 in). Check the corners that you marked on the sheet.',
            );
        }
        if (max($xs) - min($xs) < BlankSize::SMALLEST_MM || max($ys) - min($ys) < BlankSize::SMALLEST_MM) {
            throw BadRecord::at('points', 'This is less than 10 mm (0.4 in). Click round the whole outline.');
        }
        [$middle, $top] = [(max($xs) + min($xs)) / 2.0, min($ys)];

        return new self(
            array_map(static fn(array $p): array => [round($p[0] - $middle, 2), round($p[1] - $top, 2)], $points),
            $overscanMm,
        );
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return self::fromPoints(Contour::fromText($record->string('points')), $record->number('overscan_mm'));
    }

    /** @return array{points: string, overscan_mm: float} */
    public function toRecord(): array
    {
        return [
            'points' => implode(
                ' ',
                array_map(static fn(array $p): string => sprintf('%.2F %.2F', $p[0], $p[1]), $this->points),
            ),
            'overscan_mm' => $this->overscanMm,
        ];
    }

    public function box(): Rect
    {
        return Contour::box($this->points);
    }

    public function areaMm2(): float
    {
        return abs(Contour::area($this->points));
    }

    /** The same piece seen from its other side. */
    public function turned(): self
    {
        return new self(
            array_map(static fn(array $p): array => [-$p[0], $p[1]], array_reverse($this->points)),
            $this->overscanMm,
        );
    }

    /**
     * The line that lies beyond the edge by the overscan, its corners rounded.
     *
     * Points at that distance of each side and round each corner, in the order of the edge; those that lie nearer to
     * another part of it are left out, so that a hollow narrower than twice the overscan is bridged.
     *
     * @return non-empty-list<array{float, float}>
     */
    public function beyond(): array
    {
        $points = Contour::area($this->points) > 0.0 ? $this->points : array_reverse($this->points);
        $beyond = [];
        $n = count($points);
        foreach ($points as $i => $from) {
            [$before, $to] = [$points[($i + $n - 1) % $n], $points[($i + 1) % $n]];
            $heading = atan2($to[1] - $from[1], $to[0] - $from[0]);
            $turn = $heading - atan2($from[1] - $before[1], $from[0] - $before[0]);
            $turn -= 2.0 * \M_PI * round($turn / (2.0 * \M_PI));
            $arc = $turn > 0.0 ? (int) ceil(($turn * $this->overscanMm) / self::STEP_MM) : 0;
            for ($k = 0; $k < $arc; ++$k) {
                $beyond[] = $this->off($from, $heading - $turn + ($turn * $k) / $arc);
            }
            $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
            for ($along = 0.0; $along < $length; $along += self::STEP_MM) {
                $beyond[] = $this->off(
                    [$from[0] + cos($heading) * $along, $from[1] + sin($heading) * $along],
                    $heading,
                );
            }
        }
        $kept = array_values(
            array_filter($beyond, fn(array $p): bool => Contour::distance($points, $p) > $this->overscanMm - 0.01),
        );
        $line = Contour::simplified([] === $kept ? $points : $kept, 0.2);

        return array_map(static fn(array $p): array => [round($p[0], 2), round($p[1], 2)], $line);
    }

    /** How much of a picture lies on the piece, 0 to 1. */
    public function shareOfOnIt(Rect $picture): float
    {
        return abs(Contour::area(Contour::within($this->points, $picture))) / $picture->size->areaMm2();
    }

    /** Whether a picture reaches beyond all of the edge by the overscan. */
    public function overscannedBy(Rect $picture): bool
    {
        return $this->box()
            ->grown($this->overscanMm - 0.05)
            ->within($picture);
    }

    /**
     * @param array{float, float} $from
     *
     * @return array{float,
     *     float} so far out to the left of the heading, where y points down and the inside is to the right
     */
    private function off(array $from, float $heading): array
    {
        return [$from[0] + sin($heading) * $this->overscanMm, $from[1] - cos($heading) * $this->overscanMm];
    }
}
