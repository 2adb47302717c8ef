<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Wubbin\Core\Measure\Record;
use Wubbin\Storage\Documents;

/** What each printer is told for each medium; said once. */
final readonly class PrintSettings
{
    private const NAME = 'print-settings';

    /** Stands for a medium where lines to cut by go on plain paper. */
    public const PLAIN = 'plain paper';

    public function __construct(private Documents $documents) {}

    /** Of a medium that nobody has told anything about, the printer at least is the one of its other media. */
    public function of(string $marking, string $medium): PrintSetting
    {
        $all = $this->documents->get(self::NAME) ?? Record::of([]);
        $key = $marking . ' ' . $medium;
        if ($all->has($key)) {
            return PrintSetting::fromRecord($all->record($key));
        }
        foreach ($all->keys() as $other) {
            if (str_starts_with($other, $marking . ' ')) {
                return new PrintSetting($all->record($other)->stringOrNull('device'));
            }
        }

        return new PrintSetting(null);
    }

    public function put(string $marking, string $medium, PrintSetting $setting): void
    {
        $all = $this->documents->fresh(self::NAME) ?? Record::of([]);
        $this->documents->put(self::NAME, [$marking . ' ' . $medium => $setting->toRecord()] + $all->raw());
    }
}
