<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Storage\Instant;

/** Money that came for an order, or went back. */
#[ORM\Entity]
#[ORM\Table(name: 'payment')]
#[ORM\Index(name: 'payment_order', columns: ['shop_order', 'at'])]
class StoredPayment
{
    #[ORM\Column(length: 24)]
    public readonly string $at;

    /**
     * @param string $day that it came on
     * @param int $amount in minor units of the shop's currency; below zero where it went back
     * @param string $how cash, by transfer, or whatever the shop writes
     */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Column(name: 'shop_order', length: 64)] public readonly string $order,
        #[ORM\Column(length: 10)] public readonly string $day,
        #[ORM\Column] public readonly int $amount,
        #[ORM\Column(length: 120)] public readonly string $how,
        \DateTimeImmutable $now,
    ) {
        $this->at = Instant::write($now);
    }
}
