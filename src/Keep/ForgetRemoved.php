<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\Cache\PruneableInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Measure\Record;
use Wubbin\Storage\Documents;
use Wubbin\Storage\Instant;
use Wubbin\Task\Duty;
use Wubbin\Task\Progress;
use Wubbin\Task\Search;

/**
 * Once a day: what was deleted thirty days ago is gone for good. Never beside a backup, which the same worker takes.
 */
final readonly class ForgetRemoved implements Duty, Search
{
    private const STATE = 'forgotten';
    private const DUE_AFTER = '-1 day';

    public function __construct(
        private Removal $removal,
        private UnusedFiles $files,
        private Documents $documents,
        private ClockInterface $clock,
        private CacheItemPoolInterface $cache,
    ) {}

    public static function kind(): string
    {
        return 'forget-removed';
    }

    public function isDue(): bool
    {
        $last = $this->documents->get(self::STATE)?->stringOrNull('at');

        return null === $last || $last < Instant::write($this->clock->now()->modify(self::DUE_AFTER));
    }

    public function run(Record $input, Progress $progress): object
    {
        $progress->at(0.1, 'Clearing what was deleted long ago');
        $this->removal->forget();
        $progress->at(0.5, 'Clearing files that nothing uses');
        $gone = $this->files->forget();
        // What was worked out for sizes that nobody asks for any more.
        if ($this->cache instanceof PruneableInterface) {
            $this->cache->prune();
        }
        $this->documents->put(self::STATE, ['at' => Instant::write($this->clock->now())]);

        return (object) ['files' => $gone];
    }
}
