<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Measure\Setting;

/** Keeps what this shop has. */
final readonly class ShelfStore
{
    private const NAME = 'shelf';

    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue)
    {
    }

    public function get(): Shelf
    {
        $stored = $this->entities->find(Setting::class, self::NAME);

        return null === $stored ? Shelf::nothing() : Shelf::fromRecord(Record::of($stored->value), $this->catalogue);
    }

    public function put(Shelf $shelf): void
    {
        $stored = $this->entities->find(Setting::class, self::NAME) ?? new Setting(self::NAME, []);
        $stored->value = $shelf->toRecord();
        $this->entities->persist($stored);
        $this->entities->flush();
    }
}
