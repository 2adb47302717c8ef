<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/**
 * How much is going on in a picture, across it and down it, each in a hundred slices: a join shows least where there is
 * little to see. In hundredths of the busiest slice.
 */
final readonly class Busy
{
    private const SLICES = 100;

    /**
     * @param list<int> $across slices from left to right
     * @param list<int> $down slices from top to bottom
     */
    private function __construct(private array $across, private array $down) {}

    /** By how lightness changes from pixel to pixel. */
    public static function fromLab(LabPlanes $lab, int $width, int $height): self
    {
        $across = array_fill(0, self::SLICES, 0.0);
        $down = array_fill(0, self::SLICES, 0.0);
        for ($y = 0; $y + 1 < $height; ++$y) {
            $row = $y * $width;
            $slice = intdiv($y * self::SLICES, $height);
            for ($x = 0; $x + 1 < $width; ++$x) {
                $here = $lab->l[$row + $x];
                $change = abs($here - $lab->l[$row + $x + 1]) + abs($here - $lab->l[$row + $x + $width]);
                $across[intdiv($x * self::SLICES, $width)] += $change;
                $down[$slice] += $change;
            }
        }

        return new self(self::hundredths($across), self::hundredths($down));
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $slices = static fn(string $key): array => array_map(intval(...), explode(' ', $record->string($key)));
        [$across, $down] = [$slices('across'), $slices('down')];
        if (self::SLICES !== count($across) || self::SLICES !== count($down)) {
            throw BadRecord::at('busy', 'A hundred slices are expected here.');
        }

        return new self($across, $down);
    }

    /** @return array{across: string, down: string} */
    public function toRecord(): array
    {
        return ['across' => implode(' ', $this->across), 'down' => implode(' ', $this->down)];
    }

    /**
     * How much is going on between two places, 0 to 1: the most of the slices there.
     *
     * @param bool $across from left to right, else from top to bottom
     * @param float $from a part of the side, 0 to 1; so `$to`
     */
    public function between(bool $across, float $from, float $to): float
    {
        $slices = $across ? $this->across : $this->down;
        $first = max(0, min(self::SLICES - 1, (int) floor($from * self::SLICES)));
        $last = max($first, min(self::SLICES - 1, (int) ceil($to * self::SLICES) - 1));

        return max([0, ...array_slice($slices, $first, $last - $first + 1)]) / 100.0;
    }

    /**
     * @param array<float> $sums
     *
     * @return list<int> of the largest
     */
    private static function hundredths(array $sums): array
    {
        $most = max([1e-9, ...$sums]);

        return array_values(array_map(static fn(float $sum): int => (int) round((100.0 * $sum) / $most), $sums));
    }
}
