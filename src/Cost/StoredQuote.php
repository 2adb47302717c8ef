<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Storage\Instant;

/** A quote as it was given: what changes in the shop later does not change it. */
#[ORM\Entity]
#[ORM\Table(name: 'quote')]
#[ORM\UniqueConstraint(name: 'quote_number', columns: ['number'])]
class StoredQuote
{
    #[ORM\Column(length: 24)]
    public readonly string $created;

    /** @param array<string, mixed> $document as a QuoteView has it */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Column] public readonly int $number,
        #[ORM\Column(length: 120)] public readonly string $label,
        #[ORM\Column(type: 'json')] public readonly array $document,
        \DateTimeImmutable $now,
    ) {
        $this->created = Instant::write($now);
    }
}
