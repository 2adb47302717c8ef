<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Archive\SheetArchive;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Measure\Record;
use Wubbin\Task\Duty;
use Wubbin\Task\Progress;
use Wubbin\Task\Search;

/**
 * Looks once more at pictures that were looked at by an older edition of Wubbin. Their size and place stay as they
 * are, and so does the standing of sheets that are printed.
 */
final readonly class LookAgain implements Duty, Search
{
    public function __construct(
        private ArtworkStore $store,
        private EntityManagerInterface $entities,
        private SheetArchive $sheets,
    ) {}

    public static function kind(): string
    {
        return 'look-again';
    }

    public function isDue(): bool
    {
        return [] !== $this->older(1);
    }

    public function run(Record $input, Progress $progress): object
    {
        $older = $this->older(null);
        foreach ($older as $i => $sha256) {
            $progress->at($i / count($older), sprintf('Looking at picture %d of %d again', $i + 1, count($older)));
            $artwork = $this->store->find($sha256);
            if (null !== $artwork) {
                $this->store->lookAgain($artwork);
            }
        }
        if ([] !== $older) {
            $this->sheets->keepStanding();
        }

        return (object) ['pictures' => count($older)];
    }

    /** @return list<string> SHA-256 of those that an older edition looked at, or none */
    private function older(?int $most): array
    {
        /** @var list<string> $found */
        $found = $this->entities->getConnection()->fetchFirstColumn(
            'SELECT sha256 FROM artwork WHERE COALESCE(json_extract(facts, \'$.looked\'), ' .
                'json_extract(facts, \'$.traits.edition\'), 0) < ? ORDER BY created LIMIT ?',
            [Traits::EDITION, $most ?? -1],
            // As text, a number would be more than any other.
            [ParameterType::INTEGER, ParameterType::INTEGER],
        );

        return $found;
    }
}
