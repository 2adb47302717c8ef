<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Storage\Instant;

/** What a customer brought to be printed on, of one size and colour. */
#[ORM\Entity]
#[ORM\Table(name: 'garment')]
#[ORM\Index(name: 'garment_order', columns: ['shop_order', 'at'])]
class StoredGarment
{
    #[ORM\Column(length: 24)]
    public readonly string $at;

    /** @param string $terms what was agreed if one is spoilt */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Column(name: 'shop_order', length: 64)] public readonly string $order,
        #[ORM\Column(length: 120)] public readonly string $what,
        #[ORM\Column(length: 40)] public readonly string $size,
        #[ORM\Column(length: 40)] public readonly string $colour,
        #[ORM\Column] public readonly int $pieces,
        #[ORM\Column(length: 200)] public readonly string $terms,
        \DateTimeImmutable $now,
    ) {
        $this->at = Instant::write($now);
    }
}
