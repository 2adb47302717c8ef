<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Job\Job;

/** An order and how far it is. */
#[OA\Schema]
final readonly class OrderView
{
    /** @param list<OrderLineView> $lines */
    private function __construct(
        public string $id,
        public int $revision,
        #[OA\Property(description: 'Who it is for')] public string $label,
        #[OA\Property(type: 'string', format: 'date', nullable: true)] public ?string $due,
        public string $note,
        public bool $archived,
        public array $lines,
        public int $pieces,
        public int $good,
        #[OA\Property(description: 'All pieces came out good')] public bool $done,
        #[OA\Property(description: 'Its day is over, and it is not done')] public bool $over,
    ) {}

    /**
     * @param list<array{Job, string}> $jobs with their sizes in words
     * @param array<string, int> $good pieces by job
     */
    public static function fromOrder(StoredOrder $order, array $jobs, array $good, string $today): self
    {
        $lines = array_map(
            static fn(array $of): OrderLineView => new OrderLineView(
                job: $of[0]->id,
                name: $of[0]->name,
                quantity: $of[0]->quantity,
                good: min($of[0]->quantity, $good[$of[0]->id] ?? 0),
                sizes: $of[1],
            ),
            $jobs,
        );
        $pieces = array_sum(array_column($lines, 'quantity'));
        $made = array_sum(array_column($lines, 'good'));

        $done = $pieces > 0 && $made === $pieces;

        return new self(
            $order->id,
            $order->revision,
            $order->label,
            $order->due,
            $order->note,
            $order->archived,
            $lines,
            $pieces,
            $made,
            $done,
            !$done && null !== $order->due && $order->due < $today,
        );
    }
}
