<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Core\Day\Timetable;
use Wubbin\Storage\Documents;

/** The plan that people last saw, and what they pinned to a time. Instants are seconds since 1970, by activity. */
final readonly class DayMemory
{
    private const SEEN = 'day-plan';
    private const PINS = 'day-pins';

    public function __construct(private Documents $documents) {}

    /** From now on people go by this one. */
    public function see(Timetable $table): void
    {
        $this->documents->put(self::SEEN, [
            'starts' => $table->starts,
            'over' => $table->finishes(),
            'at' => $table->day->now,
        ]);
    }

    /** When people saw it, in seconds since 1970; null where they have seen none, or nobody noted when. */
    public function at(): ?int
    {
        $stored = $this->documents->get(self::SEEN);

        return null !== $stored && $stored->has('at') ? $stored->integer('at') : null;
    }

    public function forget(): void
    {
        $this->documents->put(self::SEEN, ['starts' => []]);
    }

    /** @return array<string, int> */
    public function starts(): array
    {
        return $this->instants(self::SEEN, 'starts');
    }

    /** @return array<string, int> */
    public function finishes(): array
    {
        return $this->instants(self::SEEN, 'over');
    }

    /** @return array<string, int> */
    public function pins(): array
    {
        return $this->instants(self::PINS, 'pins');
    }

    /** What others have pinned since this was read. */
    public function readAgain(): void
    {
        $this->documents->fresh(self::PINS);
    }

    /** @param array<string, int> $pins all of them */
    public function pin(array $pins): void
    {
        $this->documents->put(self::PINS, ['pins' => $pins]);
    }

    /** @return array<string, int> */
    private function instants(string $name, string $of): array
    {
        $stored = $this->documents->get($name)?->recordOrNull($of);
        $instants = [];
        foreach ($stored?->keys() ?? [] as $id) {
            $instants[$id] = $stored?->integer($id) ?? 0;
        }

        return $instants;
    }
}
