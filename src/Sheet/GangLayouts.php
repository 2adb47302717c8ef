<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Sheet\Gang\GangPiece;
use Wubbin\Job\JobPlanner;
use Wubbin\Job\StoredJob;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\Progress;

/** Brings the pictures of several jobs onto sheets together. */
final readonly class GangLayouts
{
    /** The order of trying is the same each time, so that the same jobs give the same sheets. */
    private const SEED = 1;

    /** How often the page is told how far it has come, in seconds. */
    private const TELL_EVERY = 0.2;

    /** A strip to try heat and time on, and how many of them at most. */
    private const SWATCH_WIDE_MM = 45.0;
    private const SWATCH_HIGH_MM = 30.0;
    private const MOST_SWATCHES = 12;

    public function __construct(private JobPlanner $jobs) {}

    /** @throws Refusal where a job cannot be printed yet, or a picture does not fit */
    public function layOut(GangWish $wish, Progress $progress): GangView
    {
        $plans = $this->plans($wish->jobs);
        $lots = GangLot::of($plans);
        $later = array_column(
            array_map(
                static fn(GangLot $lot): array => [$lot->id, $lot],
                [] === $wish->later ? [] : GangLot::of($this->plans($wish->later)),
            ),
            1,
            0,
        );
        $paper = $this->jobs->shelf()->paper;
        $gangs = [];
        foreach ($lots as $n => $lot) {
            $watch = self::watch($n, count($lots), $lot, $wish->seconds, $progress);
            try {
                $gangs[] = [
                    $lot,
                    $later[$lot->id] ?? null,
                    $lot->laidOut(
                        $wish->gap,
                        self::SEED,
                        $watch,
                        $wish->pins[$lot->id] ?? [],
                        $wish->offcuts ? $paper->offcutsOf($lot->medium->id) : [],
                        self::spare($later[$lot->id] ?? null, $wish->swatches),
                        $wish->upright,
                    ),
                ];
            } catch (BadRecord $e) {
                throw InvalidInput::field($e->field, $e->getMessage());
            }
        }

        return GangView::fromGangs(
            $gangs,
            array_map(static fn(Plan $plan): array => [$plan->jobId, $plan->id()], $plans),
            $wish,
            $paper,
        );
    }

    /**
     * The plans of jobs that can be printed.
     *
     * @param list<string> $jobs
     *
     * @return list<Plan>
     *
     * @throws Refusal
     */
    public function plans(array $jobs): array
    {
        if ([] === $jobs) {
            throw InvalidInput::field('jobs', 'Choose the jobs that go on the sheets.');
        }
        $stored = array_map($this->jobs->find(...), array_values(array_unique($jobs)));
        $plans = $this->jobs->plans(array_map(static fn(StoredJob $job) => $job->job(), $stored));
        foreach ($plans as $plan) {
            if (!$plan->printable()) {
                throw InvalidInput::field(
                    'jobs',
                    sprintf('“%s” cannot be printed yet. See its checks.', $plan->jobName),
                );
            }
            if (
                [] !==
                array_filter($plan->transfers, static fn($transfer): bool => null === $transfer->arrangement->sheet)
            ) {
                throw InvalidInput::field(
                    'jobs',
                    sprintf(
                        'A picture of “%s” needs several sheets of its own. Make them on the page of the job.',
                        $plan->jobName,
                    ),
                );
            }
        }

        return $plans;
    }

    /** A piece that is only ink to try heat on. */
    public static function isSwatch(string $piece): bool
    {
        return 'swatch' === $piece;
    }

    /**
     * What may fill the room that is left: pieces of later jobs before swatches, as the larger go first.
     *
     * @return list<GangPiece>
     */
    private static function spare(?GangLot $later, bool $swatches): array
    {
        return [
            ...array_values(
                array_map(static fn(GangPicture $picture): GangPiece => $picture->piece, $later->pictures ?? []),
            ),
            ...$swatches
                ? [
                    new GangPiece(
                        'swatch',
                        'Test swatch',
                        Size::mm(self::SWATCH_WIDE_MM, self::SWATCH_HIGH_MM),
                        self::MOST_SWATCHES,
                    ),
                ]
                : [],
        ];
    }

    /**
     * Lets a search go on until its time is up, or the person takes the best so far; laying by outlines has its own
     * time.
     *
     * @return callable(int, int, int): bool
     */
    private static function watch(int $n, int $all, GangLot $lot, float $seconds, Progress $progress): callable
    {
        $began = [];
        $said = 0.0;

        return static function (
            int $tried,
            int $sheets,
            int $way,
        ) use ($n, $all, $lot, $seconds, $progress, &$began, &$said): bool {
            $instant = hrtime(true) / 1.0e9;
            $began[$way] ??= $instant;
            $spent = $instant - $began[$way];
            if ($instant - $said > self::TELL_EVERY) {
                $said = $instant;
                $progress->at(
                    ($n + ($way + min(1.0, $spent / $seconds)) / 2.0) / $all,
                    sprintf(
                        '%s%s: %d sheets so far',
                        $lot->medium->label,
                        1 === $way ? ', by their outlines' : '',
                        $sheets,
                    ),
                );
                if ($progress->enough()) {
                    return false;
                }
            }

            return $spent < $seconds;
        };
    }
}
