<?php

declare(strict_types=1);

namespace Wubbin\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Archive\PrintLog;
use Wubbin\Core\Cost\SessionUse;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Work\Work;
use Wubbin\Job\JobPlanner;
use Wubbin\Job\StoredJob;
use Wubbin\Order\NewPayment;
use Wubbin\Order\OrderBook;
use Wubbin\Order\OrderHead;
use Wubbin\Order\OrderLedger;
use Wubbin\Session\StoredEvent;
use Wubbin\Session\StoredRun;
use Wubbin\Sheet\Printing\PrintSetting;
use Wubbin\Sheet\Printing\PrintSettings;
use Wubbin\Sheet\Printing\SimulatedPrinter;
use Wubbin\Sheet\SheetMaker;

/** The orchard’s morning: sheets that were printed yesterday, boards that dry, one shirt late. */
final readonly class Morning
{
    private const PRINTED = 'seed-bags';
    private const DRYING = 'variety-boards';
    private const DRY_SINCE = '-40 minutes';

    public function __construct(
        private EntityManagerInterface $entities,
        private JobPlanner $jobs,
        private SheetMaker $sheets,
        private PrintLog $prints,
        private PrintSettings $settings,
        private OrderBook $orders,
        private OrderLedger $ledger,
        private ClockInterface $clock,
    ) {}

    public function breaks(): void
    {
        foreach ($this->jobs->shelf()->markings as $marking) {
            if (null !== $marking->printer) {
                $this->settings->put($marking->id, PrintSettings::PLAIN, new PrintSetting(SimulatedPrinter::ID));
            }
        }
        $sheet = $this->sheets->make($this->jobs->plan($this->jobs->find(self::PRINTED)->job()));
        $this->prints->sent($sheet, range(1, max(1, count($sheet->pages()))), 'Simulated printer', true);
        $this->boardsDry();
        $this->oneIsLate();
    }

    /** All that comes before the boards stand on the rack is done; since then they dry. */
    private function boardsDry(): void
    {
        $stored = $this->jobs->find(self::DRYING);
        $job = $stored->job();
        $plan = $this->jobs->plan($job)->alike();
        $sequence = BenchSequence::fromTasks(Work::of($plan, $this->jobs->places(), [$job->quantity])->tasks());
        /** @var array<string, mixed> $document */
        $document = json_decode(json_encode($plan, \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        $since = $this->clock->now()->modify(self::DRY_SINCE);
        $before = 0.0;
        foreach ($sequence->steps as $step) {
            if (StepKind::Wait === $step->kind) {
                break;
            }
            $before += $step->seconds;
        }
        $at = $since->modify(sprintf('-%d seconds', (int) $before));
        $run = StoredRun::begin(
            'demo-boards',
            $job->id,
            $job->name,
            $plan->id(),
            $document,
            $sequence,
            SessionUse::of($job, $plan, $job->quantity, $this->jobs->pictures($job), $this->jobs->catalogue()),
            $stored->revision,
            $job->quantity,
            $at,
        );
        foreach ($sequence->steps as $position => $step) {
            $piece = $step->shared ? null : $run->pieces->get($step->pieces[0]);
            if ($step->timed || StepKind::Wait === $step->kind) {
                $began = Event::started($position, $at, 'demo-boards-s' . $position);
                $run->events->add(new StoredEvent($began->press, $run, $piece, $began));
            }
            if (StepKind::Wait === $step->kind) {
                break;
            }
            $at = $at->modify('+' . (int) $step->seconds . ' seconds');
            $done = Event::done($position, $at, 'demo-boards-d' . $position);
            $run->events->add(new StoredEvent($done->press, $run, $piece, $done));
        }
        $this->entities->persist($run);
        $this->entities->flush();
    }

    private function oneIsLate(): void
    {
        $yesterday = $this->clock->now()->modify('yesterday')->format('Y-m-d');
        $shirt = $this->jobs
            ->find('picking-crew')
            ->job()
            ->orderedAs('cooks-shirt', 'Shirt for the cook', 1, $yesterday, []);
        $this->entities->persist(StoredJob::fromJob($shirt, $this->clock->now()));
        $this->entities->flush();
        $cook = $this->orders->gather(
            'demo-order-cook',
            new OrderHead('The cook', $yesterday, '', customer: 'Orchard kitchen', agreed: 1800),
            $shirt->id,
        );
        $this->ledger->pay($cook, new NewPayment('demo-payment', $yesterday, '10', 'cash'));
    }
}
