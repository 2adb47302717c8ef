<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Wubbin\Core\Day\Timetable;
use Wubbin\Core\Measure\PaperSize;
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

/**
 * The papers of the next day that anybody works, in one file: what hands do when, and a bench card for every job
 * that is in hands then.
 */
final readonly class MakeDayPapers implements TaskHandler
{
    /** Jobs on one paper of several: fewer begin too many programs, more keep one processor waiting for the other. */
    private const TOGETHER = 7;

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
        $table = $this->days->timetable($agenda);
        [$day, $jobs] = $this->next($agenda, $table);
        $size = $this->papers->size();
        $count = 1 + (int) ceil(count($jobs) / self::TOGETHER);
        $pdf = $this->press->pressAll(
            $this->all($agenda, $table, $day, $jobs, $size),
            static fn(int $done) => $progress->at($done / $count, sprintf('%d of %d papers are ready', $done, $count)),
        );
        WholeFile::write(self::file($this->dataDirectory), $pdf);

        return (object) ['jobs' => count($jobs)];
    }

    /**
     * @param list<DueJob> $jobs
     *
     * @return \Generator<int, Paper>
     */
    private function all(Agenda $agenda, Timetable $table, string $day, array $jobs, PaperSize $size): \Generator
    {
        yield DaySheet::of($table, $agenda->names, $this->hours->get(), $this->hours->zone(), $size, $day);
        foreach (array_chunk($jobs, self::TOGETHER) as $some) {
            $paper = new Paper('Bench cards', $size);
            foreach ($some as $at => $due) {
                $this->add($at > 0 ? $paper->page() : $paper, $due);
            }
            yield $paper;
        }
    }

    /** @return array{string, list<DueJob>} the next day that hands are planned on, and jobs that are in hands then */
    private function next(Agenda $agenda, Timetable $table): array
    {
        $zone = $this->hours->zone();
        $days = [];
        foreach ($table->day->activities as $id => $activity) {
            if ($activity->hands) {
                $at = (new \DateTimeImmutable('@' . $table->starts[$id]))->setTimezone($zone)->format('Y-m-d');
                $days[$at][$activity->group] = $table->starts[$id];
            }
        }
        ksort($days);
        $day = array_key_first($days) ?? '';
        $in = $days[$day] ?? [];
        asort($in);

        $jobs = [];
        foreach (array_keys($in) as $id) {
            $jobs[] = $agenda->jobs[$id];
        }

        return [$day, $jobs];
    }

    private function add(Paper $paper, DueJob $due): void
    {
        $this->card->write($paper, $this->jobs->plan($due->job), $this->settings->get()->format());
    }
}
