<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use Wubbin\Core\Advice\Advisor;
use Wubbin\Core\Advice\RouteAdvice;
use Wubbin\Core\Advice\Standing;
use Wubbin\Core\Advice\Wish;
use Wubbin\Core\Cost\Batch;
use Wubbin\Core\Cost\Cheaper;
use Wubbin\Core\Cost\CostSheet;
use Wubbin\Core\Cost\Ledger;
use Wubbin\Core\Cost\Needs;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobEdit;
use Wubbin\Core\Log\PressSetting;
use Wubbin\Core\Log\SuccessShare;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Sheet\Gang\GangOrder;
use Wubbin\Core\Work\Work;
use Wubbin\Job\JobPlanner;
use Wubbin\Log\LogStats;
use Wubbin\Measure\SettingsStore;
use Wubbin\Stock\Inventory;
use Wubbin\Stock\RatesStore;

/** Reckons what pieces cost with this shop's stock, rates and past pieces. */
final class CostEstimator
{
    /** @var array<string, Ledger>|null read once for all that is asked */
    private ?array $ledgers = null;

    /** @var array{array<string, SuccessShare>, array<string, SuccessShare>}|null by setting and by route */
    private ?array $shares = null;

    public function __construct(
        private readonly RatesStore $rates,
        private readonly JobPlanner $jobs,
        private readonly Inventory $stock,
        private readonly LogStats $stats,
        private readonly SettingsStore $settings,
        private readonly Advisor $advisor,
    ) {}

    public function currency(): Currency
    {
        return Currency::of($this->settings->get()->currency);
    }

    /** @param bool $losses pieces that do not come out are paid for */
    public function sheet(Job $job, Plan $plan, int $pieces, bool $losses = true): CostSheet
    {
        $shelf = $this->jobs->shelf();
        $catalogue = $this->jobs->catalogue();
        $rates = $this->rates->get()->rates($this->currency());
        $needs = Needs::forPieces($job, $plan, $pieces, $this->jobs->pictures($job), $catalogue, $rates->spares);

        return CostSheet::forPieces(
            $pieces,
            $needs,
            Batch::forWork($plan, Work::forPieces($plan, $pieces, $this->jobs->places()), $shelf, $catalogue),
            $rates,
            $this->ledgers ??= $this->stock->ledgers(),
            $losses ? $this->share($plan) : null,
        );
    }

    /** What would make it cheaper: a full sheet, more in one go, fewer that do not come out, another route.
     *
     * @return list<Cheaper>
     */
    public function cheaper(Job $job, Plan $plan, CostSheet $now): array
    {
        $ways = [];
        $holds = $plan->sheetsFor($plan->divided(GangOrder::MOST_PIECES))->fullest();
        $full = (int) ceil($now->pieces / $holds) * $holds;
        if ($holds > 1 && $full > $now->pieces && [] === $plan->shares) {
            $ways[] = [
                'fill',
                sprintf('Fill the sheet: make %d, %d on each', $full, $holds),
                $this->sheet($job, $plan, $full),
            ];
        }
        $ways[] = [
            'batch',
            sprintf('Make %d in one go', 2 * $now->pieces),
            $this->sheet($job, $plan, 2 * $now->pieces),
        ];
        if (null !== $now->success) {
            $ways[] = [
                'losses',
                'Lose no piece: what past pieces teach',
                $this->sheet($job, $plan, $now->pieces, false),
            ];
        }
        foreach ($this->otherRoutes($job) as $advice) {
            $other = JobEdit::apply(
                $job,
                $advice->changes,
                new QuantityParser(),
                $this->jobs->catalogue(),
                $this->jobs->pictures($job),
            );
            $ways[] = [
                'route',
                sprintf('Use another route: %s', lcfirst($advice->label)),
                $this->sheet($other, $this->jobs->plan($other), $now->pieces),
            ];
        }

        return Cheaper::than($now, $ways);
    }

    /** @return list<RouteAdvice> that work with what is on the shelf, where the job has one picture */
    private function otherRoutes(Job $job): array
    {
        if (count($job->transfers) > 1) {
            return [];
        }
        $transfer = $job->transfers[0];
        $advice = $this->advisor->advise(
            $job,
            $transfer,
            $this->jobs->shelf(),
            $this->jobs->pictures($job)[$transfer->artwork ?? ''] ?? null,
            $this->jobs->house(),
            new Wish(),
        );

        return array_values(
            array_filter(
                $advice,
                static fn(RouteAdvice $one): bool => Standing::Works === $one->standing &&
                    $one->routeId !== $transfer->routeId,
            ),
        );
    }

    /**
     * How many pieces came out good that were made as these are to be, or on this route where too few were made at its
     * very setting: of several pictures, the hardest.
     */
    private function share(Plan $plan): ?SuccessShare
    {
        [$bySetting, $byRoute] = $this->shares ??= [$this->stats->bySetting(), $this->stats->byRoute()];
        $worst = null;
        foreach ($plan->transfers as $transfer) {
            $own = $bySetting[PressSetting::of(Record::of($transfer->facts->jsonSerialize()))->key()] ?? null;
            $share =
                null !== $own && $own->count() >= SuccessShare::FEW
                    ? $own
                    : $byRoute[$transfer->brief->route->id] ?? null;
            $worst = null !== $share && (null === $worst || $share->mean() < $worst->mean()) ? $share : $worst;
        }

        return $worst;
    }
}
