<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use Wubbin\Archive\PrintedSheet;
use Wubbin\Archive\PrintLog;
use Wubbin\Archive\SheetArchive;
use Wubbin\Archive\SheetPage;
use Wubbin\Core\Measure\Record;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Sheet\Printing\PrintView;
use Wubbin\Sheet\Printing\PrintWish;
use Wubbin\Sheet\Printing\SheetPrinting;
use Wubbin\Sheet\SheetMaker;
use Wubbin\Sheet\SomePieces;
use Wubbin\Task\Part;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/**
 * Prints all sheets of one kind that are due, job after job: makes those that are not made yet, sends their pages, and
 * notes what was sent. What was sent before something went wrong stays noted.
 */
final readonly class PrintDue implements TaskHandler
{
    public function __construct(
        private DueSheets $due,
        private JobPlanner $jobs,
        private SheetMaker $sheets,
        private SheetArchive $archive,
        private PrintLog $log,
        private SheetPrinting $printing,
    ) {}

    public static function kind(): string
    {
        return 'print-due';
    }

    public function run(Record $input, Progress $progress): DuePrinted
    {
        $key = $input->string('group');
        $group =
            array_values(array_filter($this->due->all(), static fn(DueGroup $one): bool => $one->key === $key))[0] ??
            throw InvalidInput::field('group', 'None of these sheets has to be printed any more.');
        if (null === $group->setting->device) {
            throw InvalidInput::field('device', 'Say which printer prints these sheets.');
        }
        $only = $input->has('jobs') ? $input->strings('jobs') : null;
        $entries = array_values(
            array_filter(
                $group->entries,
                static fn(DueEntry $one): bool => null === $only || in_array($one->job, $only, true),
            ),
        );
        $prints = [];
        foreach ($entries as $n => $entry) {
            $part = new Part($progress, $n / count($entries), 1.0 / count($entries), $entry->name);
            [$sheet, $pages] = $this->made($entry, $group, $part);
            if ([] !== $pages) {
                $prints[] = $this->printed($sheet, $pages, $group, $part);
            }
        }

        return new DuePrinted($prints);
    }

    /**
     * The sheet of an entry, made where it is not, and its pages of this kind.
     *
     * @return array{PrintedSheet, list<int>}
     *
     * @throws Refusal where a check stands against it meanwhile
     */
    private function made(DueEntry $entry, DueGroup $group, Progress $progress): array
    {
        if (null !== $entry->sheet) {
            return [$this->archive->find($entry->sheet), $entry->pages];
        }
        $plan = $this->jobs->plan($this->jobs->find($entry->job)->job());
        $sheet =
            null === $entry->share && $entry->pieces === $plan->quantity
                ? $this->sheets->make($plan, $progress)
                : $this->sheets->makeSome($plan, new SomePieces($entry->pieces, $entry->share), $progress);
        $pages = array_keys(
            array_filter($sheet->pages(), static fn(SheetPage $page): bool => SheetKind::keyOf($page) === $group->key),
        );

        return [$sheet, array_map(static fn(int $at): int => $at + 1, $pages)];
    }

    /** @param list<int> $pages */
    private function printed(PrintedSheet $sheet, array $pages, DueGroup $group, Progress $progress): PrintView
    {
        $loading = Record::of($group->loading);
        $view = $this->printing->print(
            PrintWish::of(
                $sheet->id,
                $group->marking,
                $loading->string('tray_id'),
                $group->setting,
                $pages,
                $loading->stringOrNull('lies') ?? 'up',
                $sheet->pages()[$pages[0] - 1]->inDriver,
            ),
            $progress,
        );
        $this->log->sent($sheet, $pages, $view->device);

        return $view->ofSheet($sheet->id);
    }
}
