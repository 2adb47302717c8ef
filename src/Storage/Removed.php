<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\ORM\EntityManagerInterface;

/** What was deleted and is not gone yet: lists leave it out. */
final readonly class Removed
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** @return list<RemovedThing> the latest first */
    public function all(): array
    {
        return $this->entities->getRepository(RemovedThing::class)->findBy([], ['at' => 'DESC']);
    }

    /** @return array<string, true> by id */
    public function ids(RemovedKind $kind): array
    {
        $ids = [];
        foreach ($this->entities->getRepository(RemovedThing::class)->findBy(['kind' => $kind]) as $one) {
            $ids[$one->id] = true;
        }

        return $ids;
    }
}
