<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Cost\MovementKind;

/** Whether this shop has written prices down: they are in minor units of its currency, and mean nothing in another. */
final readonly class Priced
{
    public function __construct(private EntityManagerInterface $entities, private RatesStore $rates) {}

    public function anything(): bool
    {
        $rates = $this->rates->get();

        return '' !== $rates->hour ||
            '' !== $rates->kwh ||
            null !==
                $this->entities
                    ->createQueryBuilder()
                    ->select('m.number')
                    ->from(StoredMove::class, 'm')
                    ->where('m.kind = :bought AND m.price > 0')
                    ->setParameter('bought', MovementKind::Bought)
                    ->setMaxResults(1)
                    ->getQuery()
                    ->getOneOrNullResult();
    }
}
