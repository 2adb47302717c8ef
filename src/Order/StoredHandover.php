<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Storage\Instant;

/** Pieces that were handed over to the customer in one go. */
#[ORM\Entity]
#[ORM\Table(name: 'handover')]
#[ORM\Index(name: 'handover_order', columns: ['shop_order', 'at'])]
#[ORM\UniqueConstraint(name: 'handover_number', columns: ['number'])]
class StoredHandover
{
    #[ORM\Column(length: 24)]
    public readonly string $at;

    /** @param array<string, int> $pieces how many of each job */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Column] public readonly int $number,
        #[ORM\Column(name: 'shop_order', length: 64)] public readonly string $order,
        #[ORM\Column(type: 'json')] public readonly array $pieces,
        #[ORM\Column(length: 200)] public readonly string $note,
        \DateTimeImmutable $now,
    ) {
        $this->at = Instant::write($now);
    }
}
