<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Core\Day\LaneKind;
use Wubbin\Core\Measure\Record;
use Wubbin\Storage\Documents;

/** Machines that are out of order and people who are away, each until a day on which it is back. */
final readonly class Absences
{
    private const NAME = 'absences';

    public function __construct(private Documents $documents) {}

    /** @return array<string, string> the day that it is back on, by key of its kind and number: “machine iron 0” */
    public function all(\DateTimeImmutable $now, \DateTimeZone $zone): array
    {
        $today = $now->setTimezone($zone)->format('Y-m-d');

        return array_filter(
            ($this->documents->get(self::NAME) ?? Record::of([]))->stringMap(),
            static fn(string $day): bool => $day > $today,
        );
    }

    /** @param string|null $day that it is back on; null where it is back now */
    public function say(LaneKind $kind, string $id, int $number, ?string $day): void
    {
        $all = ($this->documents->fresh(self::NAME) ?? Record::of([]))->stringMap();
        $key = $kind->key($id) . ' ' . $number;
        unset($all[$key]);
        $this->documents->put(self::NAME, null === $day ? $all : [$key => $day] + $all);
    }

    /** @return array<string, array<int, int>> until when, as a workshop takes it: until the day it is back begins */
    public function closed(\DateTimeImmutable $now, \DateTimeZone $zone): array
    {
        $closed = [];
        foreach ($this->all($now, $zone) as $key => $day) {
            $at = (int) strrpos($key, ' ');
            $closed[substr($key, 0, $at)][(int) substr($key, $at + 1)] = (new \DateTimeImmutable(
                $day,
                $zone,
            ))->getTimestamp();
        }

        return $closed;
    }
}
