<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\ORM\Mapping as ORM;

/** A later look at a piece: washed so often, and still good or gone. */
#[ORM\Entity]
#[ORM\Table(name: 'log_later')]
#[ORM\Index(name: 'log_later_of', columns: ['entry_id', 'at'])]
class StoredLater
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    public ?int $id = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly StoredEntry $entry,
        #[ORM\Column(length: 24)] public readonly string $at,
        #[ORM\Column] public readonly int $washes,
        #[ORM\Column] public readonly bool $good,
        #[ORM\Column(type: 'text')] public readonly string $note,
    ) {}
}
