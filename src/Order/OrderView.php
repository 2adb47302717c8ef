<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\Currency;

/** An order, how far it is, and what is paid of it. Money in minor units of the shop's currency. */
#[OA\Schema]
final readonly class OrderView
{
    /** @param list<OrderLineView> $lines */
    private function __construct(
        public string $id,
        public int $revision,
        #[OA\Property(description: 'Who it is for')] public string $label,
        #[OA\Property(description: 'Who pays for it, where that is somebody else')] public string $customer,
        #[OA\Property(description: 'How the customer is reached')] public string $contact,
        #[OA\Property(type: 'string', format: 'date', nullable: true)] public ?string $due,
        public string $note,
        public bool $archived,
        public array $lines,
        public int $pieces,
        public int $good,
        #[OA\Property(description: 'Pieces that the customer has')] public int $handed,
        #[OA\Property(description: 'All pieces came out good')] public bool $done,
        #[OA\Property(description: 'Its day is over, and it is not done')] public bool $over,
        #[
            OA\Property(type: 'integer', nullable: true, description: 'What was agreed that it costs'),
        ]
        public ?int $agreed,
        public int $paid,
        #[
            OA\Property(
                type: 'integer',
                nullable: true,
                description: 'Below zero where too much was paid; null where nothing was agreed',
            ),
        ]
        public ?int $owed,
        public string $currency,
        public int $digits,
        #[
            OA\Property(type: 'string', nullable: true, description: 'Id of the quote it comes from'),
        ]
        public ?string $quote,
    ) {}

    /**
     * @param list<array{Job, string}> $jobs with their sizes in words
     * @param array<string, int> $good pieces by job
     * @param array<string, int> $handed pieces by job
     */
    public static function fromOrder(
        StoredOrder $order,
        array $jobs,
        array $good,
        array $handed,
        int $paid,
        Currency $currency,
        string $today,
    ): self {
        $lines = array_map(
            static fn(array $of): OrderLineView => new OrderLineView(
                job: $of[0]->id,
                name: $of[0]->name,
                quantity: $of[0]->quantity,
                good: min($of[0]->quantity, $good[$of[0]->id] ?? 0),
                handed: $handed[$of[0]->id] ?? 0,
                sizes: $of[1],
                artwork: $of[0]->transfers[0]->artwork,
                colour: $of[0]->blank->colour->toHex(),
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
            $order->customer,
            $order->contact,
            $order->due,
            $order->note,
            $order->archived,
            $lines,
            $pieces,
            $made,
            array_sum(array_column($lines, 'handed')),
            $done,
            !$done && null !== $order->due && $order->due < $today,
            $order->agreed,
            $paid,
            null === $order->agreed ? null : $order->agreed - $paid,
            $currency->code,
            $currency->digits,
            $order->quote,
        );
    }
}
