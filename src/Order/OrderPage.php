<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;
use Wubbin\Job\JobSummary;

/** All of one order: its lines and how far each is, what was paid, handed over and brought. */
#[OA\Schema]
final readonly class OrderPage
{
    /**
     * @param list<JobSummary> $jobs
     * @param list<PaymentView> $payments
     * @param list<HandoverView> $handovers
     * @param list<GarmentView> $garments
     */
    public function __construct(
        public OrderView $order,
        #[OA\Property(description: 'Its lines, each as far as it is')] public array $jobs,
        public array $payments,
        public array $handovers,
        public array $garments,
        #[OA\Property(description: 'Good pieces that nobody has handed over yet')] public int $ready,
        #[
            OA\Property(type: 'integer', nullable: true, description: 'Number of the quote that it comes from'),
        ]
        public ?int $quote_number,
    ) {}
}
