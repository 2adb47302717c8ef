<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Core\Job\PickList;
use Wubbin\Http\PdfAnswer;
use Wubbin\Job\DueJob;
use Wubbin\Job\DueWork;
use Wubbin\Job\JobPlanner;
use Wubbin\Measure\SettingsStore;
use Wubbin\Pdf\ShopPapers;
use Wubbin\Refusal\NotFound;
use Wubbin\Session\GoodPieces;

/** Orders on paper and as tables. */
#[AsController]
final readonly class OrderPaperController
{
    public function __construct(
        private OrderBook $orders,
        private OrderLedger $ledger,
        private MoneyCsv $csv,
        private JobPlanner $jobs,
        private DueWork $due,
        private GoodPieces $good,
        private SettingsStore $settings,
        private ClockInterface $clock,
        private ShopPapers $papers,
    ) {}

    #[Route('/api/orders/{id}/confirmation.pdf', methods: ['GET'])]
    public function confirmation(string $id): Response
    {
        $now = $this->clock->now()->setTimezone($this->zone());

        return PdfAnswer::of(
            $this->papers->press($this->paper()->confirmation($this->orders->view($this->orders->find($id)), $now)),
            'confirmation',
        );
    }

    #[Route('/api/orders/{id}/handovers/{handover}.pdf', methods: ['GET'])]
    public function delivery(string $id, string $handover): Response
    {
        $order = $this->orders->find($id);
        foreach ($this->ledger->handovers($order->id) as $one) {
            if ($one->id === $handover) {
                return PdfAnswer::of(
                    $this->papers->press($this->paper()->delivery($this->orders->view($order), $one, $this->zone())),
                    'delivery-note-' . $one->number,
                );
            }
        }

        throw new NotFound('There is no such delivery note.');
    }

    #[Route('/api/orders/{id}/picks.pdf', methods: ['GET'])]
    public function picks(string $id): Response
    {
        $order = $this->orders->find($id);
        $good = $this->good->goodByJob();
        $jobs = [];
        foreach ($order->jobs as $job) {
            $wanted = $this->jobs->find($job)->job();
            $jobs[] = [$wanted, $wanted->quantity - ($good[$job] ?? 0)];
        }

        return PdfAnswer::of(
            $this->papers->press($this->paper()->picks($order->label, PickList::of($jobs, $this->jobs->catalogue()))),
            'picks',
        );
    }

    /** For all that is due and not at the bench yet. */
    #[Route('/api/picks.pdf', methods: ['GET'])]
    public function allPicks(): Response
    {
        $jobs = array_map(static fn(DueJob $one): array => [$one->job, $one->tally->left], $this->due->left());

        return PdfAnswer::of(
            $this->papers->press(
                $this->paper()->picks('For all that is due', PickList::of($jobs, $this->jobs->catalogue())),
            ),
            'picks',
        );
    }

    #[Route('/api/{table}.csv', requirements: ['table' => 'orders|quotes|payments'], methods: ['GET'])]
    public function table(string $table): Response
    {
        return new StreamedResponse(
            function () use ($table): void {
                $out = fopen('php://output', 'w');
                if (false === $out) {
                    throw new \RuntimeException('Nothing can be sent.');
                }
                match ($table) {
                    'orders' => $this->csv->orders($out),
                    'quotes' => $this->csv->quotes($out),
                    default => $this->csv->payments($out),
                };
            },
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8; header=present',
                'Content-Disposition' => sprintf('attachment; filename="%s.csv"', $table),
            ],
        );
    }

    private function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->settings->get()->zone);
    }

    private function paper(): OrderPaper
    {
        return new OrderPaper($this->papers->size());
    }
}
