<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Run\AtHand;
use Wubbin\Core\Run\BenchState;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\Conflict;
use Wubbin\Refusal\Refusal;
use Wubbin\Session\RunDrawings;

/**
 * The bench without a piece: one piece of a job from its first step to its judgement, by the same steps and rules, and
 * nothing of it is stored. Its clock is the page's, which may run faster.
 */
final readonly class Rehearsal
{
    private const ID = 'rehearsal';

    public function __construct(
        private BenchSessions $sessions,
        private JobPlanner $jobs,
        private ClockInterface $clock,
    ) {}

    /** @throws Refusal when the job is not ready, or something was pressed that could not be */
    public function view(string $job, RehearsalWish $wish): RunView
    {
        $stored = $this->jobs->find($job);
        [$run] = $this->sessions->made(self::ID, $stored, 1, [] === $stored->job()->breakdown ? null : 0);
        $sequence = $run->sequence();
        $began = $this->clock->now();
        $state = BenchState::fromEvents($sequence, []);
        $history = [];
        $latest = 0.0;
        foreach ($wish->presses as $n => $press) {
            // A clock never runs backwards.
            $latest = max($latest, $wish->at[$n]);
            $event = $press->event(self::after($began, $latest));
            if (!$state->accepts($event)) {
                throw new Conflict('This step is already done.', ['job' => $job]);
            }
            $history[] = $event;
            $state = BenchState::fromEvents($sequence, $history);
        }
        $now = self::after($began, max($latest, $wish->now_s));

        return RunView::fromRun(
            $run,
            $state,
            array_map(
                static fn(AtHand $hand): HandView => HandView::fromHand($run, $hand, $state),
                AtHand::inOrder(AtHand::forRun($run->id, $sequence, $state), $now),
            ),
            false,
            $now,
        );
    }

    /**
     * @return array<string, mixed> a drawing for each step, by its id
     *
     * @throws Refusal when the job is not ready
     */
    public function drawings(string $job): array
    {
        $stored = $this->jobs->find($job);
        [, $plan] = $this->sessions->made(self::ID, $stored, 1, [] === $stored->job()->breakdown ? null : 0);

        return RunDrawings::of(self::ID, $plan)->steps;
    }

    private static function after(\DateTimeImmutable $began, float $seconds): \DateTimeImmutable
    {
        return $began->modify(sprintf('+%d milliseconds', (int) round(1000.0 * min(864000.0, $seconds))));
    }
}
