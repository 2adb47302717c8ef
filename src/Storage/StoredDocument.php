<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\ORM\Mapping as ORM;

/** One named document of the shop's own: its settings, its shelf. */
#[ORM\Entity]
#[ORM\Table(name: 'setting')]
class StoredDocument
{
    /** @param array<array-key, mixed> $value */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 40)] public readonly string $name,
        #[ORM\Column(type: 'json')] public array $value,
    ) {}
}
