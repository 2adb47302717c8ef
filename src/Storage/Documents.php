<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Measure\Record;

/** Named documents of the shop's own: its settings, its shelf, its rules. */
final readonly class Documents
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function get(string $name): ?Record
    {
        $stored = $this->entities->find(StoredDocument::class, $name);

        return null === $stored ? null : Record::of($stored->value);
    }

    /** As it is on the disk now, whatever was read of it before. */
    public function fresh(string $name): ?Record
    {
        $stored = $this->entities->find(StoredDocument::class, $name);
        if (null !== $stored) {
            $this->entities->refresh($stored);
        }

        return $this->get($name);
    }

    /** @param array<array-key, mixed> $value */
    public function put(string $name, array $value): void
    {
        $stored = $this->entities->find(StoredDocument::class, $name) ?? new StoredDocument($name, []);
        $stored->value = $value;
        $this->entities->persist($stored);
        $this->entities->flush();
    }
}
