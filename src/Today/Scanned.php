<?php

declare(strict_types=1);

namespace Wubbin\Today;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Session\StoredEntry;
use Wubbin\Session\StoredRun;

/** Where the label of a piece leads: to the step it is at, to its judgement, or to how it lasts. */
final readonly class Scanned
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** @throws Refusal where the session is gone, or of another shop */
    public function run(string $id): StoredRun
    {
        return $this->entities->find(StoredRun::class, $id) ??
            throw new NotFound('This label is of a session that is not in this shop any more.');
    }

    /**
     * @param int $piece from 1; 0 for the whole lot
     *
     * @return string address of a page
     *
     * @throws Refusal where there is nothing of it
     */
    public function place(string $id, int $piece): string
    {
        $run = $this->run($id);
        if (0 === $piece) {
            return '/bench/' . rawurlencode($run->id);
        }
        if (null === $run->pieces->get($piece)) {
            throw new NotFound(sprintf('There are only %d pieces in this session.', $run->pieces->count()));
        }
        // Judged, it is in the logbook: there is asked how it lasts.
        $entry = $this->entities->getRepository(StoredEntry::class)->findOneBy(['run' => $run->id, 'piece' => $piece]);

        return null === $entry
            ? sprintf('/bench/%s?piece=%d', rawurlencode($run->id), $piece)
            : '/logbook/' . $entry->id;
    }
}
