<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** A figure of the heat model: its middle, and between what it may lie. */
final readonly class Parameter
{
    private function __construct(
        public string $id,
        public float $middle,
        public float $from,
        public float $to,
        public Provenance $provenance,
    ) {}

    /**
     * One number that is known, or a middle with its range.
     *
     * @throws BadRecord unless the middle lies in its range
     */
    public static function fromRecord(string $id, Record $numbers, Provenance $provenance): self
    {
        $all = array_map(static fn(string $key): float => $numbers->number($key), $numbers->keys());
        [$middle, $from, $to] = match (count($all)) {
            1 => [$all[0], $all[0], $all[0]],
            3 => $all,
            default => throw BadRecord::at($id, 'A parameter is one number, or a middle and its range.'),
        };

        return $from <= $middle && $middle <= $to
            ? new self($id, $middle, $from, $to, $provenance)
            : throw BadRecord::at($id, 'The middle lies within the range.');
    }

    public function isRange(): bool
    {
        return $this->from < $this->to;
    }

    /**
     * The value a part of the way from one end of the range to the other, by equal factors where both ends are above
     * nothing.
     */
    public function within(float $part): float
    {
        return $this->from > 0.0
            ? $this->from * ($this->to / $this->from) ** $part
            : $this->from + $part * ($this->to - $this->from);
    }
}
