<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Storage\StorageTrouble;
use Wubbin\Task\Duty;
use Wubbin\Task\Progress;
use Wubbin\Task\Search;

/** Takes a backup: daily, and whenever somebody asks for one. */
final readonly class BackUp implements Duty, Search
{
    public function __construct(private Backups $backups) {}

    public static function kind(): string
    {
        return 'back-up';
    }

    public function isDue(): bool
    {
        return $this->backups->isDue();
    }

    public function run(Record $input, Progress $progress): object
    {
        try {
            return (object) ['name' => $this->backups->take($progress)];
        } catch (BadBackup | StorageTrouble $e) {
            throw InvalidInput::field('backup', $e->getMessage());
        }
    }
}
