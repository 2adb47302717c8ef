<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\ORM\Mapping as ORM;

/** A defect of an entry, once however often it is marked, so that entries can be found by it. */
#[ORM\Entity]
#[ORM\Table(name: 'log_defect')]
#[ORM\Index(name: 'log_defect_name', columns: ['defect'])]
class StoredDefect
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    public ?int $id = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly StoredEntry $entry,
        #[ORM\Column(length: 24)] public readonly string $defect,
    ) {}
}
