<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Core\Measure\Record;
use Wubbin\Job\DueJob;
use Wubbin\Job\JobPlanner;
use Wubbin\Measure\SettingsStore;
use Wubbin\Pdf\Paper;
use Wubbin\Pdf\PaperPress;
use Wubbin\Pdf\ShopPapers;
use Wubbin\Pdf\WholeFile;
use Wubbin\Plan\BenchCard;
use Wubbin\Shelf\WorkHoursStore;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** The papers of a day in one file: what hands do when, and a bench card for every job that is left. */
final readonly class MakeDayPapers implements TaskHandler
{
    /** Jobs on one paper of several: fewer begin too many programs, more keep one processor waiting for the other. */
    private const TOGETHER = 6;

    public function __construct(
        private DayPlanner $days,
        private JobPlanner $jobs,
        private BenchCard $card,
        private PaperPress $press,
        private ShopPapers $papers,
        private SettingsStore $settings,
        private WorkHoursStore $hours,
        private string $dataDirectory,
    ) {}

    public static function kind(): string
    {
        return 'day-papers';
    }

    /** Where the file lies. */
    public static function file(string $dataDirectory): string
    {
        return $dataDirectory . '/papers/day.pdf';
    }

    public function run(Record $input, Progress $progress): object
    {
        $agenda = $this->days->agenda();
        $size = $this->papers->size();
        $all = [
            DaySheet::of(
                $this->days->timetable($agenda),
                $agenda->names,
                $this->hours->get(),
                $this->hours->zone(),
                $size,
            ),
        ];
        $jobs = array_values($agenda->jobs);
        foreach (array_chunk($jobs, self::TOGETHER) as $n => $some) {
            $progress->at((0.3 * $n * self::TOGETHER) / count($jobs), 'The plans are made');
            $paper = new Paper('Bench cards', $size);
            foreach ($some as $at => $due) {
                $this->add($at > 0 ? $paper->page() : $paper, $due);
            }
            $all[] = $paper;
        }
        $pdf = $this->press->pressAll(
            $all,
            static fn(int $done) => $progress->at(
                0.3 + (0.7 * $done) / count($all),
                sprintf('%d of %d papers are ready', $done, count($all)),
            ),
        );
        WholeFile::write(self::file($this->dataDirectory), $pdf);

        return (object) ['jobs' => count($jobs)];
    }

    private function add(Paper $paper, DueJob $due): void
    {
        $this->card->write($paper, $this->jobs->plan($due->job), $this->settings->get()->format());
    }
}
