<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\ORM\Mapping as ORM;

/** Something that was deleted: hidden from now on, and gone for good later. */
#[ORM\Entity]
#[ORM\Table(name: 'removed')]
class RemovedThing
{
    #[ORM\Column(length: 24)]
    public readonly string $at;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 8, enumType: RemovedKind::class)] public readonly RemovedKind $kind,
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Column(length: 200)] public readonly string $label,
        #[ORM\Column(name: 'was_archived')] public readonly bool $wasArchived,
        \DateTimeImmutable $now,
    ) {
        $this->at = Instant::write($now);
    }
}
