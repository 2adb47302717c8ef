<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Shelf\ShelfStore;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** Makes the sheets of jobs that were laid out together. Offcuts that it prints on are taken off the shelf. */
final readonly class MakeGangSheets implements TaskHandler
{
    public function __construct(private GangLayouts $gangs, private SheetMaker $sheets, private ShelfStore $shelf) {}

    public static function kind(): string
    {
        return 'make-gang-sheets';
    }

    public function run(Record $input, Progress $progress): SheetView
    {
        $layout = $input->record('layout');
        $wanted = $layout->record('plans')->stringMap();
        $plans = $this->gangs->plans(array_keys($wanted));
        foreach ($plans as $plan) {
            if ($wanted[$plan->jobId] !== $plan->id()) {
                throw InvalidInput::field(
                    'jobs',
                    sprintf('“%s” was changed. Lay the sheets out again.', $plan->jobName),
                );
            }
        }
        $later = $layout->strings('later');
        $made = SheetView::of(
            $this->sheets->makeGang(
                $plans,
                GangLot::of($plans),
                [] === $later ? [] : GangLot::of($this->gangs->plans($later)),
                $layout->records('lots'),
                $progress,
            ),
        );
        $used = array_merge(
            ...array_map(
                static fn(Record $lot): array => array_map(
                    static fn(Record $sheet): ?string => $sheet->stringOrNull('offcut'),
                    $lot->records('sheets'),
                ),
                $layout->records('lots'),
            ),
        );
        if ([] !== array_filter($used, is_string(...))) {
            $this->shelf->changePaper(
                static fn(array $paper): array => [
                    'offcuts' => array_values(
                        array_filter(
                            $paper['offcuts'],
                            static fn(array $offcut): bool => !in_array($offcut['id'], $used, true),
                        ),
                    ),
                ] + $paper,
            );
        }

        return $made;
    }
}
