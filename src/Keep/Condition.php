<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Wubbin\Route\RecipeStore;
use Wubbin\Shelf\ShelfStore;
use Wubbin\Storage\Disk;

/** Looks after the place where a shop is kept, so that trouble is told while there is time. */
final readonly class Condition
{
    private const MEGABYTE = 1 << 20;

    public function __construct(
        private Backups $backups,
        private Disk $disk,
        private ShelfStore $shelf,
        private RecipeStore $recipes,
    ) {}

    public function view(): ConditionView
    {
        $lines = [];
        $backup = $this->backups->trouble();
        if (null !== $backup) {
            $lines[] = new ConditionLine('backup', $backup, 'Make one now, on the page “Backup”.');
        }
        if ($this->disk->isShort()) {
            $lines[] = new ConditionLine(
                'disk',
                sprintf(
                    'The disk is nearly full: %d MB are left.',
                    (int) (($this->disk->free() ?? 0.0) / self::MEGABYTE),
                ),
                'Make room on it. When the disk is full, Wubbin can store nothing more.',
            );
        }
        $leftOut = [...$this->shelf->leftOut(), ...$this->recipes->leftOut()];
        if ([] !== $leftOut) {
            $lines[] = new ConditionLine(
                'left-out',
                'These cannot be read and were left out: ' . implode(', ', array_slice($leftOut, 0, 10)) . '.',
                'Put them on the shelf again. Nothing of them was deleted.',
            );
        }

        return new ConditionView($lines);
    }
}
