<?php

declare(strict_types=1);

namespace Wubbin\Day;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Job\Job;
use Wubbin\Job\StoredJob;
use Wubbin\Session\GoodPieces;
use Wubbin\Session\StoredPiece;
use Wubbin\Session\StoredRun;

/** What is still to be made of the jobs of this shop. */
final readonly class DueWork
{
    public function __construct(private EntityManagerInterface $entities, private GoodPieces $goodPieces) {}

    /**
     * @return list<array{Job, int<1,
     *     max>}> jobs that are due with the pieces that are still to be made, those in hand too, the soonest due first
     */
    public function open(): array
    {
        $open = [];
        foreach ($this->left() as [$job, $pieces, $sessions]) {
            $inHand = array_sum(array_map(self::unjudged(...), $sessions));
            if (null !== $job->due && $pieces + $inHand > 0) {
                $open[] = [$job, $pieces + $inHand];
            }
        }

        return $open;
    }

    private static function unjudged(StoredRun $run): int
    {
        return count(
            array_filter($run->pieces->toArray(), static fn(StoredPiece $piece): bool => null === $piece->outcome),
        );
    }

    /**
     * Jobs that something is left of, the soonest due first: how many pieces nobody has begun, and sessions under way.
     *
     * @return list<array{Job, int, list<StoredRun>}>
     */
    public function left(): array
    {
        $good = $this->goodPieces->goodByJob();
        $sessions = $inHand = [];
        foreach (
            $this->entities->getRepository(StoredRun::class)->findBy(['finished' => null], ['created' => 'ASC'])
            as $run
        ) {
            $sessions[$run->job][] = $run;
            $inHand[$run->job] = ($inHand[$run->job] ?? 0) + self::unjudged($run);
        }
        $left = [];
        foreach ($this->entities->getRepository(StoredJob::class)->findBy(['archived' => false]) as $stored) {
            $job = $stored->job();
            $pieces = max(0, $job->quantity - ($good[$job->id] ?? 0) - ($inHand[$job->id] ?? 0));
            if ((null !== $job->due && $pieces > 0) || isset($sessions[$job->id])) {
                $left[] = [$job, $pieces, $sessions[$job->id] ?? []];
            }
        }
        usort(
            $left,
            static fn(array $one, array $other): int => [$one[0]->due ?? '9999', $one[0]->id] <=> [
                $other[0]->due ?? '9999',
                $other[0]->id,
            ],
        );

        return $left;
    }
}
