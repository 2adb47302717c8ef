<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Symfony\Component\Uid\Uuid;
use Wubbin\Archive\PrintLog;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Work\SessionCount;
use Wubbin\Core\Work\Tally;
use Wubbin\Session\SessionCounts;
use Wubbin\Session\StoredEvent;
use Wubbin\Session\StoredRun;
use Wubbin\Storage\Instant;

/** Sessions whose sheets lie there printed begin with what comes after printing; what dries has dried since then. */
final readonly class PrintedAhead
{
    public function __construct(private PrintLog $prints, private SessionCounts $counts) {}

    /** Writes into a new session what was done before it, where enough sheets are printed for all of its pieces. */
    public function write(StoredRun $run, Job $job, Plan $plan, \DateTimeImmutable $now): void
    {
        $counts = $this->counts->of([$job->id])[$job->id] ?? [];
        $tally = new Tally($job, $counts, $this->prints->of([$job->id])[$job->id] ?? []);
        [$pieces, $last] = $tally->printed($plan->ids(), $run->share);
        if ('' === $last || $pieces < $run->pieces->count()) {
            return;
        }
        $at = min($now, Instant::read($last));
        foreach ($run->sequence()->steps as $position => $step) {
            if (!$step->shared) {
                continue;
            }
            $event = match (true) {
                $step->kind->makesPrint() => Event::done($position, $at, self::press()),
                StepKind::Dry === $step->kind => Event::started($position, $at, self::press()),
                default => null,
            };
            if (null !== $event) {
                $run->events->add(new StoredEvent($event->press, $run, null, $event));
            }
        }
    }

    private static function press(): string
    {
        return SessionCount::AHEAD . Uuid::v4()->toRfc4122();
    }
}
