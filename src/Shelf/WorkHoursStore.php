<?php

declare(strict_types=1);

namespace Wubbin\Shelf;

use Wubbin\Measure\SettingsStore;
use Wubbin\Storage\Documents;

/** When this shop works, and in which part of the world. */
final readonly class WorkHoursStore
{
    private const NAME = 'work-hours';

    public function __construct(private Documents $documents, private SettingsStore $settings) {}

    public function get(): WorkHours
    {
        $stored = $this->documents->get(self::NAME);

        return null === $stored ? WorkHours::usual() : WorkHours::fromRecord($stored);
    }

    /** What others have said since this was read. */
    public function readAgain(): void
    {
        $this->documents->fresh(self::NAME);
    }

    public function put(WorkHours $hours): void
    {
        $this->documents->put(self::NAME, $hours->toRecord());
    }

    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->settings->get()->zone);
    }
}
