<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Cost\Price;
use Wubbin\Core\Cost\Quote;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Impossible;
use Wubbin\Core\Day\Promise;
use Wubbin\Core\Day\Pushed;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Core\Plan\Plan;
use Wubbin\Cost\CostEstimator;
use Wubbin\Day\DayPlanner;
use Wubbin\Day\DayWork;
use Wubbin\Day\PushedView;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Shelf\WorkHoursStore;
use Wubbin\Stock\RatesStore;

/** Answers “can you do it by …?” while somebody waits: nothing of it is kept. */
final readonly class CanWe
{
    private const GROUP = 'promise';

    public function __construct(
        private DayPlanner $days,
        private DayWork $work,
        private JobPlanner $jobs,
        private CostEstimator $costs,
        private RatesStore $rates,
        private WorkHoursStore $hours,
        private ClockInterface $clock,
    ) {}

    /** @throws Refusal naming the field */
    public function answer(PromiseWish $wish): PromiseView
    {
        $pieces = PlainNumber::whole($wish->pieces, Job::MOST_PIECES) ?? 0;
        if ($pieces < 1 || $pieces > Job::MOST_PIECES) {
            throw InvalidInput::field('pieces', sprintf('From 1 to %d pieces.', Job::MOST_PIECES));
        }
        $by = $this->by($wish->day);
        $like = $this->jobs->find($wish->job)->job();
        $job = $like->orderedAs(self::GROUP, $like->name, $pieces, $wish->day, []);
        $plan = $this->jobs->plan($job);
        if (!$plan->ready()) {
            throw InvalidInput::field('job', 'Checks of this job are open: nobody knows yet whether it can be made.');
        }
        $agenda = $this->days->agenda();
        $more = $this->work->ofPieces(self::GROUP, $plan, $pieces, $by);
        if ([] === $more) {
            throw new \LogicException('A piece takes some work.');
        }
        try {
            $promise = Promise::of($this->days->timetable($agenda), $more, self::machines($more), $by);
        } catch (Impossible $e) {
            throw InvalidInput::field('day', $e->getMessage());
        }
        [$quote, $priced] = $this->price($job, $plan, $pieces);
        $currency = $this->costs->currency();

        return new PromiseView(
            $promise->kept && [] === array_filter($promise->pushed, static fn(Pushed $one): bool => $one->newly),
            $promise->ready,
            $promise->kept,
            PushedView::all($promise->pushed, $agenda->names),
            $quote->gross,
            $quote->lines[0]['each'],
            $currency->code,
            $currency->digits,
            $priced,
        );
    }

    /** @throws Refusal */
    private function by(string $day): int
    {
        $zone = $this->hours->zone();
        $at = \DateTimeImmutable::createFromFormat('!Y-m-d', $day, $zone);
        if (false === $at || $at->format('Y-m-d') !== $day) {
            throw InvalidInput::field('day', 'Write the day as 2026-12-31.');
        }
        if ($at->modify('+1 day') <= $this->clock->now()) {
            throw InvalidInput::field('day', 'This day is in the past.');
        }

        return $this->hours->get()->endOf($day, $zone);
    }

    /**
     * @param list<Activity> $more
     *
     * @return array<string, int>
     */
    private static function machines(array $more): array
    {
        return array_fill_keys(
            array_filter(array_map(static fn(Activity $one): ?string => $one->machine, $more), is_string(...)),
            1,
        );
    }

    /** @return array{Quote, bool} as this shop quotes it, and whether everything has a price */
    private function price(Job $job, Plan $plan, int $pieces): array
    {
        $rates = $this->rates->get();
        $currency = $this->costs->currency();
        $share = static fn(string $typed): float => (PlainNumber::read($typed, 100.0) ?? 0.0) / 100.0;
        $sheet = $this->costs->sheet($job, $plan, $pieces);

        return [
            Quote::fromItems(
                [[$job->name, $sheet, []]],
                Price::byMargin($share($rates->margin)),
                self::minor($rates->set_up, $currency),
                $share($rates->tax),
            ),
            $sheet->whole(),
        ];
    }

    private static function minor(string $typed, Currency $currency): int
    {
        return '' === $typed ? 0 : Money::read($typed, $currency)->minor;
    }
}
