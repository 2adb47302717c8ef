<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\ORM\EntityManagerInterface;

/**
 * One change after the other. SQLite lets everybody read while nobody has written, so that two who read first both
 * change what the other one has not seen; whoever writes first makes the others wait, and reads what they have written.
 */
final readonly class WriteTurn
{
    public function __construct(private EntityManagerInterface $entities) {}

    /**
     * @template T
     *
     * @param \Closure(): T $change reads what it changes anew; nothing of it is stored where it throws
     *
     * @return T
     */
    public function take(\Closure $change): mixed
    {
        return $this->entities->wrapInTransaction(function () use ($change): mixed {
            // A write that changes nothing: no document has this name.
            $this->entities->getConnection()->executeStatement("DELETE FROM setting WHERE name = ''");

            return $change();
        });
    }
}
