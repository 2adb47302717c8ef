<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;

/** Money that came for an order, in minor units. */
#[OA\Schema]
final readonly class PaymentView
{
    public function __construct(
        public string $id,
        #[OA\Property(format: 'date')] public string $day,
        #[OA\Property(description: 'Below zero where it went back')] public int $amount,
        public string $how,
    ) {}

    public static function of(StoredPayment $payment): self
    {
        return new self($payment->id, $payment->day, $payment->amount, $payment->how);
    }
}
